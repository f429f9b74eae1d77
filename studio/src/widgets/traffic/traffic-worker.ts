import {
  countTraffic,
  type TrafficCount,
  type TrafficInput,
  type TrafficPart,
} from '@sirene/core/rehearse/traffic';

/** What one of the workers is asked: to play some of the visitors, or, with nothing to play, to stop. */
export interface TrafficAsked {
  /** Of several plays the latest has the highest number; those before it end. */
  play: number;
  input: TrafficInput | null;
  part: TrafficPart;
}

/** What has been counted so far of what was asked. */
export interface TrafficTold {
  play: number;
  count: TrafficCount;
}

/** How many visitors are played before it is heard whether something else is asked for. */
const atOnce = 250;
let latest = 0;

/** Lets what has been asked meanwhile be heard: without the 4 ms that a timer waits. */
const heard = () =>
  new Promise<void>((resolve) => {
    const { port1, port2 } = new MessageChannel();
    port1.onmessage = () => {
      port1.close();
      resolve();
    };
    port2.postMessage(null);
  });

async function playUntilOther({ play, input, part }: TrafficAsked): Promise<void> {
  latest = play;
  if (!input) return;
  for (const count of countTraffic(input, part, atOnce)) {
    postMessage({ play, count } satisfies TrafficTold);
    await heard();
    if (latest !== play) return;
  }
}

addEventListener('message', ({ data }: MessageEvent<TrafficAsked>) => void playUntilOther(data));
