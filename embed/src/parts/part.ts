import type { CodesPort } from '../codes.ts';
import type { ChatMemory, Storage } from '../storage.ts';
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
  /** Whom the page says that the visitor is. */
  identify: Told;
  /** When the visit began, ms since the epoch. */
  visitAt(): number;
  /** Calls with the names of the page's own events from now on; returns what ends that. */
  onEvent(call: (name: string) => void): () => void;
  /** When countdowns of the visitor's own began, by their names, ms since the epoch; kept over pages. */
  starts: {
    read(): Readonly<Record<string, number>> | undefined;
    write(starts: Record<string, number>): void;
  };
  /** Codes that are given out once each; on a try, and where one only looks, there are none. */
  codes?: CodesPort | undefined;
  /** Where files of visitors are sent; on a try, and where one only looks, nowhere. */
  files?: string | undefined;
  /** Where it is asked what has been paid by way of a widget; on a try, nowhere. */
  raised?: string | undefined;
  /** The site's chat, and by what it knows its visitor; on a try, and where one only looks, there is none. */
  chat?: { address: string; memory: Storage<ChatMemory> } | undefined;
  /** How far the visitor's clock is behind the server's, ms; `null` where that can't be told. */
  serverAhead(): Promise<number | null>;
}

/** What parts can do with the widget that they are attached to. */
export interface PartWidget {
  id: string;
  /** The path of its body, by which the server knows its rules. */
  body: string;
  close(): void;
  /** Opens a page, or another widget by its address name. */
  leave(address: string): void;
  open(name: string): void;
}

/** What a part does for one widget, for as long as it is there. */
export interface Attached {
  /** A scene of the widget has been written anew. */
  written?(): void;
  end(): void;
}

/** A part that does something to widgets by itself once they are there; others are called when a widget needs them. */
export interface Attachable {
  attach(mounted: Mounted, page: PartPage, widget: PartWidget): Attached;
}

/** Whether a part does something by itself once a widget is there. */
export const isAttachable = (part: object): part is Attachable => 'attach' in part;
