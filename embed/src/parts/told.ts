import { readBasketSums, readFacts, readIdentity, type Detail, type Fact } from '@sirene/core/behaviour';
import type { Told } from '../told.ts';
import type { ToldByPage } from '../told-by-page.ts';

/** Tells of what a page has told, once it can be used; returns what ends it. */
export type ToldListener<S extends keyof ToldByPage> = (
  page: Document,
  happened: (detail: Detail<S>) => void,
  told: ToldByPage,
) => () => void;

/** Pages may tell the same a thousand times a second; what is so by then is passed on after so long, ms. */
const gatherMs = 50;

/** Names that are told apart on one page, and the longest that can be waited for. */
const mostNames = 100;
const longestName = 80;

/** Passes on what is so now, and after that what is so whenever it has changed. */
function gathered<T>(page: Document, told: Told<T>, pass: (value: T) => void): () => void {
  const view = page.defaultView as Window;
  let timer = 0;
  const now = () => {
    timer = 0;
    if (told.value !== undefined) pass(told.value);
  };
  now();
  const unfollow = told.follow(() => {
    timer ||= view.setTimeout(now, gatherMs);
  });
  return () => {
    view.clearTimeout(timer);
    unfollow();
  };
}

/** What the basket of the page's shop comes to. */
export const basket: ToldListener<'basket'> = (page, happened, told) =>
  gathered(page, told.basket, (lines) => happened(readBasketSums(lines)));

/** Whom the page says that it knows. */
export const identify: ToldListener<'identify'> = (page, happened, told) =>
  gathered(page, told.identify, (who) => happened(readIdentity(who)));

const isName = (name: unknown): name is string =>
  typeof name === 'string' && name.length > 0 && name.length <= longestName;

/** Facts; plain values that come with an event of the page's own are facts too, named by the event: `paid.sum`. */
export const set: ToldListener<'set'> = (page, happened, told) => {
  let withEvents: Readonly<Record<string, Fact>> = {};
  const pass = () => happened({ facts: { ...readFacts(told.set.value), ...withEvents } });
  const stop = gathered(page, told.set, pass);
  const unfollow = told.track.follow(({ name, data }) => {
    if (!isName(name) || typeof data !== 'object' || data === null) return;
    const named = Object.entries(data).map(([key, value]) => [`${name}.${key}`, value] as const);
    withEvents = readFacts({ ...withEvents, ...Object.fromEntries(named) });
    pass();
  });
  return () => {
    stop();
    unfollow();
  };
};

/** Events of the page's own: a name that is told again on the same page changes nothing, however often it is. */
export const track: ToldListener<'track'> = (page, happened, told) => {
  const seen = new Set<string>();
  let address = page.location.href;
  return told.track.follow(({ name }) => {
    if (address !== page.location.href) seen.clear();
    address = page.location.href;
    if (!isName(name) || seen.has(name) || seen.size >= mostNames) return;
    seen.add(name);
    happened({ name });
  });
};
