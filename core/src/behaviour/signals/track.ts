import type { Deed, Signal } from '../signal.js';

/** The page tells of an event of its own, by its name. */
export interface Tracked {
  name: string;
}

/** Most names that are remembered of one page. */
const most = 100;

export const track: Signal<
  Tracked,
  { /** The names told on this page, each once. */ tracked: readonly string[] }
> = {
  start: { tracked: [] },
  happened: ({ tracked }, { name }) => ({
    tracked: tracked.includes(name) || tracked.length >= most ? tracked : [...tracked, name],
  }),
};

/** A rehearsal offers the events that some rule waits for. */
export const trackDeed: Deed<Tracked> = {
  by: 'rule',
  label: ({ name }) => `Event “${name}”`,
  details: (triggers) => {
    const names = triggers.flatMap((one) =>
      one.type === 'event' && 'name' in one ? [String(one.name)] : [],
    );
    return [...new Set(names)].map((name) => ({ name }));
  },
};
