import {
  askingRules,
  type Detail,
  type Session,
  type SignalEvent,
  type SignalType,
} from '@sirene/core/behaviour';
import type { Loader } from './loader.ts';
import type { Manifest } from './manifest.ts';
import type { Listener } from './signals/listener.ts';
import { toldByPage, type ToldByPage } from './told-by-page.ts';

/** What is told by the page itself is known before anything is decided. */
const isTold = (type: SignalType): type is keyof ToldByPage => type in toldByPage;

/**
 * Turns what happens on a page into the machine's events, of the signals that some widget's rules go by, by listeners that
 * are loaded for them.
 *
 * @returns what ends it, and `heard`: what the page has told so far is known by then
 */
export function listen(
  page: Document,
  session: Session,
  { widgets, signals: watched }: Pick<Manifest, 'widgets' | 'signals'>,
  load: Loader['part'],
): { stop(): void; heard: Promise<unknown> } {
  const rules = widgets.flatMap(askingRules);
  const stops: (() => void)[] = [];
  let ended = false;
  const loading = watched.flatMap((type): Promise<void>[] => {
    const happened = (detail: Detail<SignalType>) =>
      session.send({ type, ...detail } as unknown as SignalEvent);
    const start = (begin: () => () => void) => {
      if (!ended) stops.push(begin());
    };
    const listening = isTold(type)
      ? load('told').then((part) => start(() => part[type](page, happened as never, toldByPage)))
      : load('signals').then((part) =>
          start(() => (part[type] as Listener<SignalType>)(page, happened, rules)),
        );
    // Where it can't be had, those widgets do not appear; all others do.
    const settled = listening.catch(() => {});
    // What the page tells later changes what is so later.
    return isTold(type) && toldByPage[type].value !== undefined ? [settled] : [];
  });
  return {
    stop() {
      ended = true;
      stops.forEach((stop) => stop());
    },
    heard: Promise.all(loading),
  };
}
