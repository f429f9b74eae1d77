import {
  askingRules,
  type Detail,
  type Session,
  type SignalEvent,
  type SignalType,
} from '@sirene/core/behaviour';
import type { Loader } from './loader.ts';
import type { Manifest } from './manifest.ts';
import { basket } from './signals/basket.ts';
import { identify } from './signals/identify.ts';
import type { Listener } from './signals/listener.ts';
import { set } from './signals/set.ts';
import { track } from './signals/track.ts';

/** What is told by the page itself is known before anything is decided. */
type ToldByPage = 'track' | 'basket' | 'identify' | 'set';
const told: { readonly [S in ToldByPage]: Listener<S> } = { track, basket, identify, set };

/** All others are seen on the page, by listeners that are loaded where some rule asks for them. */
const isTold = (type: SignalType): type is ToldByPage => Object.hasOwn(told, type);

/** Turns what happens on a page into the machine's events, of the signals that some widget's rules go by; returns what ends it. */
export function listen(
  page: Document,
  session: Session,
  { widgets, signals: watched }: Pick<Manifest, 'widgets' | 'signals'>,
  load: Loader['part'],
): () => void {
  const rules = widgets.flatMap(askingRules);
  const stops: (() => void)[] = [];
  let ended = false;
  const start = <S extends SignalType>(type: S, listener: Listener<S>) => {
    if (ended) return;
    const happened = (detail: Detail<S>) => session.send({ type, ...detail } as unknown as SignalEvent);
    stops.push(listener(page, happened, rules));
  };
  for (const type of watched) {
    if (isTold(type)) start(type, told[type] as Listener<ToldByPage>);
    else
      load('signals').then(
        (signals) => start(type, signals[type] as Listener<SignalType>),
        // Those widgets do not appear; all others do.
        () => {},
      );
  }
  return () => {
    ended = true;
    stops.forEach((stop) => stop());
  };
}
