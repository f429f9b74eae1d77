/**
 * Something that a visitor does on a page and that triggers go by. Its listener, which needs the page, is in the embed
 * (`signals/`), one file of the same name.
 *
 * @typeParam D what is told of it when it happens
 * @typeParam S what is known of it, as part of the page visit
 */
export interface Signal<D extends object, S extends object> {
  /** What is known when the visitor arrives. */
  start: S;
  /** What is known once it has happened, `at` ms since the epoch. */
  happened(known: S, detail: D, at: number): S;
  /** It holds for its one event only: at the next, what is known is as at the start. */
  passing?: boolean;
  /** What of it is still known on the next page; nothing where this is left out. */
  carried?(known: S): S;
}

/**
 * How a visitor is made to do it in a rehearsal: by a press, by a share that is set, 0 to 1, or by a press for each thing that some
 * rule waits for.
 */
export type Deed<D extends object> =
  | { by: 'press'; label: string; detail: D }
  | { by: 'share'; label: string; detail(share: number): D }
  | { by: 'rule'; label(detail: D): string; details(triggers: readonly { type: string }[]): D[] };
