import type { CompiledWidget } from '@sirene/core/compile';
import type { PartName } from '@sirene/core/document/parts';
import type { Clock, Memory, Session, SiteRules } from '@sirene/core/behaviour';
import { readMemory } from '@sirene/core/behaviour';
import type { Manifest } from '../manifest.ts';
import { endTry } from '../try.ts';
import { TryPanel } from '../try-panel.ts';

/** As much of what fetches as a try stands in for. */
interface Loads {
  origin: string;
  site: string;
  manifest(): Promise<Manifest>;
  body(widget: { body: string }): Promise<CompiledWidget>;
  part(part: PartName): Promise<object>;
}

/** How pages begin, and what a try has in the place of the visitor's own. */
type Start<L> = (
  load: L,
  instead?: {
    clock: Clock;
    memory: { read(): Memory | undefined; write(memory: Memory | undefined): void };
    started(site: SiteRules, session: Session): void;
  },
) => Promise<void>;

/**
 * Runs a site's drafts on this page, with a clock and a memory of their own: nothing is sent or counted, and the visitor's own
 * memory is left alone. Where the link is none, the page is as for every visitor, and says so.
 */
export async function startTry<L extends Loads>(load: L, token: string, start: Start<L>): Promise<void> {
  const response = await fetch(`${load.origin}/t/${token}.json`).catch(() => null);
  const answer = (await response?.json().catch(() => null)) as (Manifest & { message?: string }) | null;
  if (!response?.ok || !answer) {
    endTry(window);
    TryPanel.refused(answer?.message ?? 'The drafts can’t be loaded. Sirene can’t be reached.');
    return start(load);
  }
  const clock = new ShiftedClock();
  const memory = tabMemory(load.site);
  const tried: L = {
    ...load,
    isTry: true,
    manifest: () => Promise.resolve(answer),
    body: async ({ body }: { body: string }) => {
      const draft = await fetch(load.origin + body);
      if (!draft.ok) throw new Error(`a draft: ${draft.status}`);
      return (await draft.json()) as CompiledWidget;
    },
    async part(name: PartName) {
      const part = await load.part(name);
      // What an earlier page could not send is no business of a try.
      return name === 'sending' ? { ...part, sendUnsent: () => Promise.resolve() } : part;
    },
  };
  return start(tried, {
    clock,
    memory,
    started: (site, session) =>
      new TryPanel(site, session, clock, () => {
        memory.write(undefined);
        location.reload();
      }),
  });
}

/** A clock that goes like the visitor's own, so much ahead of it. It is asked again whenever it is set. */
export class ShiftedClock implements Clock {
  #by = 0;
  readonly #due = new Set<{ time: number; call: () => void; timer: number }>();

  /** ms since the epoch. */
  now(): number {
    return Date.now() + this.#by;
  }

  /** Calls back at a moment; returns what cancels the call. */
  at(time: number, call: () => void): () => void {
    const one = { time, call, timer: 0 };
    this.#due.add(one);
    this.#arm(one);
    return () => {
      window.clearTimeout(one.timer);
      this.#due.delete(one);
    };
  }

  /** Sets the clock to a moment, ms since the epoch; what is due by then is called. */
  set(time: number): void {
    this.#by = time - Date.now();
    for (const one of this.#due) this.#arm(one);
  }

  #arm(one: { time: number; call: () => void; timer: number }): void {
    window.clearTimeout(one.timer);
    one.timer = window.setTimeout(
      () => {
        this.#due.delete(one);
        one.call();
      },
      Math.min(2 ** 31 - 1, Math.max(0, one.time - this.now())),
    );
  }
}

/** The memory of a visitor that lasts as long as this tab, and is nobody else's. */
function tabMemory(site: string) {
  const key = `sirene:${site}:try`;
  return {
    read(): Memory | undefined {
      try {
        return readMemory(JSON.parse(sessionStorage.getItem(key) ?? 'null'));
      } catch {
        return undefined;
      }
    },
    write(memory: Memory | undefined): void {
      if (memory) sessionStorage.setItem(key, JSON.stringify(memory));
      else sessionStorage.removeItem(key);
    },
  };
}
