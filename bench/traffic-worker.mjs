// Plays some of the visitors of traffic.mjs, as a worker of the studio does.
import { parentPort } from 'node:worker_threads';
import { countTraffic } from '@sirene/core/rehearse/traffic';

parentPort.on('message', ({ input, part }) => {
  let last;
  for (const count of countTraffic(input, part, 250)) last = count;
  parentPort.postMessage(last);
});
