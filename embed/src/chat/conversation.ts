import { emptyLog, received, lastSeq, written, type ChatLog } from '@sirene/core/chat';
import { report } from '../report.ts';
import { RefusedMessage, type ChatAnswer, type ChatLine, type Said } from './line.ts';

/** Before each further try, ms; the last again and again. */
const waits = [1000, 2000, 5000, 10_000, 30_000] as const;
const waitAfter = (failures: number): number => waits[failures] ?? 30_000;

/** A conversation as it stands on this page. */
export interface Shown extends Omit<ChatAnswer, 'after' | 'messages' | 'mark'> {
  log: ChatLog;
  /** The line is down; it is tried again by itself. */
  isCut: boolean;
  /** Why what was written is refused, until something else is written. */
  refusal: string;
}

const atFirst: Shown = {
  ...{ log: emptyLog, state: 'none', conversation: null, desk: 'here', rating: null },
  ...{ typing: '', seen: 0, isHere: true, isCut: false, refusal: '' },
};

/** One visitor's side of a conversation: what is written is sent until it is there, and what is answered is waited for. */
export interface Conversation {
  say(said: Said): void;
  /** The visitor has looked at all up to this message. */
  look(seq: number): void;
  /** Asks anew how it stands: something was done beside writing. */
  ask(): void;
  /** Nothing is known any more: it is as if nobody had written. */
  forget(): void;
  end(): void;
}

/** Sleeps, unless it is ended meanwhile. */
const pause = (ms: number, signal: AbortSignal): Promise<void> =>
  new Promise((done) => {
    const timer = setTimeout(done, ms);
    signal.addEventListener('abort', () => {
      clearTimeout(timer);
      done();
    });
  });

/**
 * Begins to follow a conversation.
 *
 * @param show called with each state of it
 */
export function converse(line: ChatLine, show: (shown: Shown) => void): Conversation {
  const ending = new AbortController();
  const { signal } = ending;
  const unsent: Said[] = [];
  let shown = atFirst;
  let mark = '';
  let looked = 0;
  let isSending = false;
  let asking: AbortController | null = null;

  const change = (changes: Partial<Shown>) => {
    if (signal.aborted) return;
    shown = { ...shown, ...changes };
    show(shown);
  };

  async function follow(): Promise<void> {
    let failures = 0;
    let wait = false;
    while (!signal.aborted) {
      asking = new AbortController();
      const ended = AbortSignal.any([signal, asking.signal]);
      try {
        const answer = await line.follow(
          { after: lastSeq(shown.log), conversation: shown.conversation, mark, seen: looked },
          wait,
          ended,
        );
        const { after, messages, mark: now, ...told } = answer;
        mark = now;
        const isAnother = shown.conversation !== null && told.conversation !== shown.conversation;
        const log = isAnother ? { ...emptyLog, pending: shown.log.pending } : shown.log;
        if (isAnother) looked = 0;
        change({ ...told, log: received(log, { after, messages }), isCut: false });
        failures = 0;
        wait = true;
      } catch {
        // Asked for anew, since something was written.
        if (asking.signal.aborted) continue;
        if (signal.aborted) return;
        change({ isCut: true });
        await pause(waitAfter(failures++), ended);
        wait = false;
      }
    }
  }

  async function send(): Promise<void> {
    if (isSending) return;
    isSending = true;
    for (let failures = 0; unsent[0] && !signal.aborted;) {
      const [said] = unsent;
      try {
        await line.say(said);
        unsent.shift();
        failures = 0;
        asking?.abort();
      } catch (error) {
        if (error instanceof RefusedMessage) {
          unsent.shift();
          const pending = shown.log.pending.filter(({ id }) => id !== said.message.id);
          change({ log: { ...shown.log, pending }, refusal: error.message });
          continue;
        }
        change({ isCut: true });
        await pause(waitAfter(failures++), signal);
      }
    }
    isSending = false;
  }

  follow().catch(report);
  return {
    say(said) {
      unsent.push(said);
      change({ log: written(shown.log, said.message), refusal: '' });
      send().catch(report);
    },
    look(seq) {
      if (seq <= looked) return;
      looked = seq;
      asking?.abort();
    },
    ask: () => asking?.abort(),
    forget() {
      [mark, looked] = ['', 0];
      unsent.length = 0;
      change(atFirst);
      asking?.abort();
    },
    end() {
      ending.abort();
      line.end();
    },
  };
}
