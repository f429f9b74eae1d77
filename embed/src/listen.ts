import type { Detail, Session, SignalEvent, SignalType } from '@sirene/core/behaviour';
import { activity } from './signals/activity.ts';
import { leave } from './signals/leave.ts';
import type { Listener } from './signals/listener.ts';
import { scroll } from './signals/scroll.ts';
import { track } from './signals/track.ts';

const listeners: { readonly [S in SignalType]: Listener<S> } = { scroll, leave, activity, track };

/** Turns what happens on a page into the machine's events, of the signals that some widget's triggers go by; returns what ends it. */
export function listen(page: Document, session: Session, watched: Iterable<SignalType>): () => void {
  const stops = [...watched].map((type) =>
    (listeners[type] as Listener<SignalType>)(page, (detail: Detail<SignalType>) =>
      session.send({ type, ...detail } as SignalEvent),
    ),
  );
  return () => stops.forEach((stop) => stop());
}
