import type { Mounted } from '../mount.ts';
import type { Told } from '../told.ts';

/** A clock that can be asked and waited for; the visitor's own, or one that the studio moves. ms. */
export interface TickingClock {
  now(): number;
  at(time: number, call: () => void): () => void;
}

/** What parts know of the page around a widget. */
export interface PartPage {
  clock: TickingClock;
  /** The lines of the shop's basket, as the page tells them. */
  basket: Told;
}

/** What a part does for one widget, for as long as it is there. */
export interface Attached {
  /** A scene of the widget has been written anew. */
  written?(): void;
  end(): void;
}

/** A part that does something to widgets by itself once they are there; others are called when a widget needs them. */
export interface Attachable {
  attach(mounted: Mounted, page: PartPage): Attached;
}

/** Whether a part does something by itself once a widget is there. */
export const isAttachable = (part: object): part is Attachable => 'attach' in part;
