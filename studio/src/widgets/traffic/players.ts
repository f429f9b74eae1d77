import {
  resultOf,
  type TrafficCount,
  type TrafficInput,
  type TrafficResult,
} from '@sirene/core/rehearse/traffic';
import type { TrafficAsked, TrafficTold } from './traffic-worker.ts';

/** What a worker is to those who ask it. */
export type PlayingWorker = Pick<Worker, 'postMessage' | 'terminate' | 'onmessage'>;

/** Threads that play visitors together. */
export interface Players<I extends TrafficInput> {
  /** Plays an input; what was played before ends. */
  play(input: I): void;
  /** Ends the playing; the threads stay. */
  stop(): void;
  /** Ends the threads. */
  end(): void;
}

/**
 * Starts threads that play visitors. They are for keeping: one that has played before is three times as fast as a new one, as its
 * code has been compiled for what it does (bench/traffic).
 *
 * @param each how long there is nothing to hear of what goes on, ms: figures that jump a dozen times on the way say nothing
 * @param hear is told what all of them have counted so far of what was asked last, and whether that is all
 */
export function startPlayers<I extends TrafficInput>(
  makeWorker: () => PlayingWorker,
  many: number,
  each: number,
  hear: (input: I, result: TrafficResult, done: boolean) => void,
): Players<I> {
  let play = 0;
  let asked: I | null = null;
  let toldAt = 0;
  let counts: (TrafficCount | undefined)[] = [];
  const workers = Array.from({ length: many }, (_, at) => {
    const worker = makeWorker();
    worker.onmessage = ({ data }: MessageEvent<TrafficTold>) => {
      if (data.play !== play || !asked) return;
      counts[at] = data.count;
      const visitors = counts.reduce((sum, one) => sum + (one?.visitors ?? 0), 0);
      const done = visitors === asked.model.visitors;
      const now = performance.now();
      if (!done && now - toldAt < each) return;
      toldAt = now;
      const [first, ...others] = counts.filter((one) => one !== undefined);
      if (first) hear(asked, resultOf([first, ...others]), done);
    };
    return worker;
  });
  const ask = (input: I | null) => {
    play++;
    asked = input;
    toldAt = performance.now();
    counts = [];
    for (const [at, worker] of workers.entries())
      worker.postMessage({ play, input, part: { of: many, at } } satisfies TrafficAsked);
  };
  return {
    play: ask,
    stop: () => ask(null),
    end: () => {
      for (const worker of workers) worker.terminate();
    },
  };
}
