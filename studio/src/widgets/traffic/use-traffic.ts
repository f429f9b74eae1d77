import type { TrafficInput, TrafficResult } from '@sirene/core/rehearse/traffic';
import { useEffect, useRef, useState } from 'react';
import type { TrafficTold } from './traffic-worker.ts';

export interface Traffic {
  result: TrafficResult | null;
  /** Whether visitors are being played. */
  playing: boolean;
  play(input: TrafficInput): void;
  /** Ends the playing; what has been counted stays. */
  stop(): void;
}

/** Plays traffic beside the studio's own thread, with what has been counted so far. */
export function useTraffic(): Traffic {
  const worker = useRef<Worker | null>(null);
  const [result, setResult] = useState<TrafficResult | null>(null);
  const [playing, setPlaying] = useState(false);
  const stop = () => {
    worker.current?.terminate();
    worker.current = null;
    setPlaying(false);
  };
  useEffect(() => () => worker.current?.terminate(), []);
  return {
    result,
    playing,
    stop,
    play(input) {
      stop();
      setPlaying(true);
      const next = new Worker(new URL('./traffic-worker.ts', import.meta.url), { type: 'module' });
      worker.current = next;
      next.onmessage = ({ data }: MessageEvent<TrafficTold>) => {
        setResult(data.result);
        if (data.done) stop();
      };
      next.postMessage(input);
    },
  };
}
