import type { TrafficInput, TrafficResult } from '@sirene/core/rehearse/traffic';
import { useEffect, useRef, useState } from 'react';
import { startPlayers, type Players } from './players.ts';

interface Known<I> {
  /** What was played. */
  of: I;
  result: TrafficResult;
  /** How many visitors have been played, and whether those were all. */
  visitors: number;
  done: boolean;
}

export interface Traffic<I> {
  /** While another is played, the one before stays until there is something to tell. */
  known: Pick<Known<I>, 'of' | 'result'> | null;
  /** How many visitors of those that are being played have been so far; `null` where none are, or nothing is worth saying yet. */
  played: number | null;
  /** Plays the same again. */
  play(): void;
  /** Ends the playing; what has been counted stays. */
  stop(): void;
}

/** At most so many threads play at once. */
const mostWorkers = 4;
/** How often it appears what a play has come to so far, ms. */
const toldEachMs = 500;

const makeWorker = () => new Worker(new URL('./traffic-worker.ts', import.meta.url), { type: 'module' });

/** Plays traffic beside the studio's own thread, anew whenever what is played changes. */
export function useTraffic<I extends TrafficInput>(input: I | null): Traffic<I> {
  const players = useRef<Players<I>>(undefined);
  const [known, setKnown] = useState<Known<I> | null>(null);
  const [stopped, setStopped] = useState<I | null>(null);
  useEffect(() => {
    const many = Math.max(1, Math.min(mostWorkers, navigator.hardwareConcurrency));
    const started = startPlayers<I>(makeWorker, many, toldEachMs, (of, result, done) => {
      setKnown({ of, result, visitors: result.visitors, done });
    });
    players.current = started;
    return () => {
      started.end();
    };
  }, []);
  useEffect(() => {
    if (input) players.current?.play(input);
    else players.current?.stop();
  }, [input]);
  const isKnown = known?.of === input;
  const playing = input !== null && stopped !== input && !(isKnown && known?.done);
  return {
    known,
    played: playing && (isKnown || !known) ? (known?.visitors ?? 0) : null,
    play() {
      if (!input) return;
      setStopped(null);
      // What is known is of another play from now on, and stays until there is something to tell of this one.
      if (known) setKnown({ ...known, of: { ...known.of } });
      players.current?.play(input);
    },
    stop() {
      setStopped(input);
      players.current?.stop();
    },
  };
}
