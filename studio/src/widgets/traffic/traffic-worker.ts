import { playTraffic, type TrafficInput, type TrafficResult } from '@sirene/core/rehearse/traffic';

/** What the worker tells: what has been counted so far, and when that is all. */
export interface TrafficTold {
  result: TrafficResult;
  done: boolean;
}

addEventListener('message', ({ data }: MessageEvent<TrafficInput>) => {
  for (const result of playTraffic(data, 250)) {
    const told: TrafficTold = { result, done: result.visitors === data.model.visitors };
    postMessage(told);
  }
});
