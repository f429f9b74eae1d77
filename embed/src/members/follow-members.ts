import { report } from '../report.ts';
import { RefusedMember, type MemberLine, type MemberMessage, type MembersAnswer } from './member-line.ts';

/** Before each further try, ms; the last again and again. */
const waits = [1000, 2000, 5000, 15_000, 30_000] as const;

/** What a member sees: their threads, and the one that is open. */
export interface ShownMembers extends Pick<MembersAnswer, 'threads'> {
  /** Whose thread is open. */
  open: string | null;
  messages: readonly MemberMessage[];
  /** The line is down; it is tried again by itself. */
  isCut: boolean;
  /** Why this member may not be here, in the server's words. */
  refusal: string;
}

/** One member's side. */
export interface FollowedMembers {
  /** Opens the thread with another, or none. */
  open(other: string | null): void;
  /** Something was done: it is asked how it stands now. */
  ask(): void;
  end(): void;
}

/**
 * Follows what a member is told: over and over it is asked for what is new, and the server answers once there is something.
 *
 * @param show called with each state of it
 * @param isSeen whether the member looks at it now
 */
export function followMembers(
  line: MemberLine,
  show: (shown: ShownMembers) => void,
  isSeen: () => boolean,
): FollowedMembers {
  const ending = new AbortController();
  const { signal } = ending;
  let asking = new AbortController();
  let shown: ShownMembers = { threads: [], open: null, messages: [], isCut: false, refusal: '' };
  let mark = '';
  const change = (changes: Partial<ShownMembers>) => {
    if (signal.aborted) return;
    shown = { ...shown, ...changes };
    show(shown);
  };
  const pause = (ms: number) =>
    new Promise<void>((done) => {
      const timer = setTimeout(done, ms);
      for (const one of [signal, asking.signal])
        one.addEventListener('abort', () => {
          clearTimeout(timer);
          done();
        });
    });

  async function follow(): Promise<void> {
    let failures = 0;
    while (!signal.aborted) {
      asking = new AbortController();
      const { open, messages } = shown;
      const after = messages.at(-1)?.seq ?? 0;
      const asked = { after, seen: isSeen() ? after : 0, wait: mark !== '', ...(mark && { mark }) };
      try {
        const answer = await line.follow(
          { ...asked, ...(open !== null && { other: open }) },
          AbortSignal.any([signal, asking.signal]),
        );
        failures = 0;
        // Another was opened meanwhile.
        if (open !== shown.open) continue;
        mark = answer.mark;
        const known = new Set(messages.map(({ id }) => id));
        const fresh = answer.messages.filter(({ id }) => !known.has(id));
        const removed = new Set(answer.removed);
        const kept = messages.map((one) =>
          removed.has(one.id) ? { ...one, text: '', isRemoved: true } : one,
        );
        change({ threads: answer.threads, messages: [...kept, ...fresh], isCut: false, refusal: '' });
        // What has just come is seen by now: the server is told with the next question, at once.
        if (fresh.length > 0 && isSeen()) mark = '';
      } catch (error) {
        if (signal.aborted) return;
        if (asking.signal.aborted) continue;
        if (error instanceof RefusedMember) change({ refusal: error.message });
        else change({ isCut: true });
        mark = '';
        await pause(waits[Math.min(failures++, waits.length - 1)] ?? 0);
      }
    }
  }

  follow().catch(report);
  return {
    open(other) {
      change({ open: other, messages: [] });
      mark = '';
      asking.abort();
    },
    ask() {
      mark = '';
      asking.abort();
    },
    end: () => ending.abort(),
  };
}
