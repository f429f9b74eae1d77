import {
  countTraffic,
  type TrafficCount,
  type TrafficInput,
  type TrafficPart,
} from '@sirene/core/rehearse/traffic';

/** What one of the workers is asked to play. */
export interface TrafficAsked {
  input: TrafficInput;
  part: TrafficPart;
}

addEventListener('message', ({ data: { input, part } }: MessageEvent<TrafficAsked>) => {
  for (const count of countTraffic(input, part, 250)) postMessage(count satisfies TrafficCount);
});
