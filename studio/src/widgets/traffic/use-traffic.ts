import {
  resultOf,
  type TrafficCount,
  type TrafficInput,
  type TrafficResult,
} from '@sirene/core/rehearse/traffic';
import { useEffect, useRef, useState } from 'react';
import type { TrafficAsked } from './traffic-worker.ts';

export interface Traffic {
  result: TrafficResult | null;
  /** Whether visitors are being played. */
  playing: boolean;
  play(input: TrafficInput): void;
  /** Ends the playing; what has been counted stays. */
  stop(): void;
}

/** At most so many threads play at once. */
const mostWorkers = 4;

/** Plays traffic beside the studio's own thread, with what has been counted so far. */
export function useTraffic(): Traffic {
  const workers = useRef<Worker[]>([]);
  const [result, setResult] = useState<TrafficResult | null>(null);
  const [playing, setPlaying] = useState(false);
  const end = () => {
    for (const worker of workers.current.splice(0)) worker.terminate();
  };
  const stop = () => {
    end();
    setPlaying(false);
  };
  useEffect(() => end, []);
  return {
    result,
    playing,
    stop,
    play(input) {
      stop();
      setPlaying(true);
      const of = Math.max(1, Math.min(mostWorkers, navigator.hardwareConcurrency, input.model.visitors));
      const counts = new Map<number, TrafficCount>();
      workers.current = Array.from({ length: of }, (_, at) => {
        const worker = new Worker(new URL('./traffic-worker.ts', import.meta.url), { type: 'module' });
        worker.onmessage = ({ data }: MessageEvent<TrafficCount>) => {
          counts.set(at, data);
          const [first, ...others] = counts.values();
          if (!first) return;
          const known = resultOf([first, ...others]);
          setResult(known);
          if (known.visitors === input.model.visitors) stop();
        };
        worker.postMessage({ input, part: { of, at } } satisfies TrafficAsked);
        return worker;
      });
    },
  };
}
