import { availableParallelism } from 'node:os';
import { resolve } from 'node:path';
import { MessageChannel } from 'node:worker_threads';
import {
  BadRequestException,
  Injectable,
  Logger,
  ServiceUnavailableException,
  type OnApplicationShutdown,
} from '@nestjs/common';
import { Piscina } from 'piscina';
import type { Outcome, TaskInput, TaskName, TaskOutput } from './tasks.js';

/** Longest time for one task, ms. */
const patienceMs = 5000;

/** Most tasks that wait in a lane. */
const mostWaiting = 64;

/** Entries of a list that are one task. */
const batch = 50;

/** Largest heap of a worker, MB. */
const mostMemory = 256;

// Built code, for tests too: a thread can't load what only the test runner can read.
const filename = resolve(import.meta.dirname, '../../dist/foreign/worker.js');

/** Files that strangers' tools wrote wait in one lane, what the studio asks for at every step in another. */
type Lane = 'files' | 'widgets';

const lanes: Record<TaskName, Lane> = {
  font: 'files',
  svg: 'files',
  pageParts: 'files',
  stillPage: 'files',
  proposal: 'files',
  tokens: 'files',
  compile: 'widgets',
  pattern: 'widgets',
  forms: 'files',
  previewBrand: 'widgets',
};

/** Runs tasks in threads of their own, with a limit to their time and memory: what costs too much costs its sender an error. */
@Injectable()
export class WorkerPool implements OnApplicationShutdown {
  readonly #logger = new Logger('Workers');
  readonly #lanes: Record<Lane, LaneQueue> = { files: new LaneQueue(), widgets: new LaneQueue() };

  /**
   * Runs a task, after those that wait before it.
   *
   * @throws BadRequestException when the input can't be used, or costs more time or memory than it may
   * @throws ServiceUnavailableException when too many wait
   */
  async run<N extends TaskName>(name: N, input: TaskInput<N>): Promise<TaskOutput<N>> {
    const lane = this.#lanes[lanes[name]];
    if (lane.waiting >= mostWaiting)
      throw new ServiceUnavailableException(
        'Too much is being read at the moment. Try again in a few seconds.',
      );
    const outcome = await lane.add(async (pool) => {
      const patience = new Patience();
      try {
        const { begun, signal } = patience;
        const task = { name, input, begun };
        return (await pool.run(task, { signal, transferList: [begun] })) as Outcome<TaskOutput<N>>;
      } catch (error) {
        return this.#tooMuch(error);
      } finally {
        patience.end();
      }
    });
    if ('refused' in outcome) throw new BadRequestException(outcome.refused);
    return outcome.value;
  }

  /**
   * Runs a task over a list, some entries at a time: what a site of a thousand widgets asks for is much, and no entry of it
   * costs much.
   */
  async runOver<T, N extends TaskName>(
    name: N,
    list: readonly T[],
    input: (some: readonly T[]) => TaskInput<N>,
  ): Promise<TaskOutput<N>[]> {
    const outputs: TaskOutput<N>[] = [];
    for (let at = 0; at < list.length; at += batch)
      outputs.push(await this.run(name, input(list.slice(at, at + batch))));
    return outputs;
  }

  async onApplicationShutdown(): Promise<void> {
    await Promise.all(Object.values(this.#lanes).map((lane) => lane.end()));
  }

  #tooMuch(error: unknown): { refused: string } {
    const { name, code } = error as { name?: string; code?: string };
    if (name === 'AbortError' || name === 'TimeoutError')
      return { refused: `It takes more than ${patienceMs / 1000} seconds to read. Send something simpler.` };
    if (code === 'ERR_WORKER_OUT_OF_MEMORY')
      return { refused: `It takes more than ${mostMemory} MB of memory to read. Send something smaller.` };
    if (error instanceof RangeError || name === 'RangeError') {
      this.#logger.warn(error);
      return { refused: 'It is nested too deep, or too large, to be read. Send something simpler.' };
    }
    throw error;
  }
}

/**
 * Ends a task that takes too long. Its time is counted from when its thread says that it has begun: a new thread reads what it is
 * built of first, which takes seconds on a busy machine, and is nothing that the sender can help.
 */
class Patience {
  readonly #channel = new MessageChannel();
  readonly #ending = new AbortController();
  #timer: NodeJS.Timeout | undefined;

  /** What the thread says it on. */
  readonly begun = this.#channel.port2;
  readonly signal = this.#ending.signal;

  constructor() {
    this.#channel.port1.once('message', () => {
      this.#timer = setTimeout(() => this.#ending.abort(), patienceMs);
    });
  }

  end(): void {
    clearTimeout(this.#timer);
    this.#channel.port1.close();
  }
}

/** One thread less than there are cores, so that one is left for visitors; tasks get them in the order they came. */
class LaneQueue {
  readonly #threads = Math.max(1, availableParallelism() - 1);
  readonly #turns: (() => void)[] = [];
  #running = 0;
  #pool: Piscina | undefined;

  get waiting(): number {
    return this.#turns.length;
  }

  // The time of a task is counted from when it begins, so that nobody pays for those before.
  async add<T>(work: (pool: Piscina) => Promise<T>): Promise<T> {
    if (this.#running >= this.#threads) await new Promise<void>((turn) => this.#turns.push(turn));
    else this.#running++;
    try {
      return await work((this.#pool ??= this.#open()));
    } finally {
      const next = this.#turns.shift();
      if (next) next();
      else this.#running--;
    }
  }

  async end(): Promise<void> {
    await this.#pool?.destroy();
  }

  #open(): Piscina {
    return new Piscina({
      filename,
      minThreads: 0,
      maxThreads: this.#threads,
      idleTimeout: 60_000,
      resourceLimits: { maxOldGenerationSizeMb: mostMemory, maxYoungGenerationSizeMb: 32 },
    });
  }
}
