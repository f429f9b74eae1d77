// The baseline of traffic.mjs: the same visitors, with nobody to play them.
import { seeded, seedOf } from '@sirene/core/base/random';
import { likelyWays, makeVisitor, waysOf } from '@sirene/core/rehearse/traffic';

addEventListener('message', ({ data: { play, input, part } }) => {
  const { model, pages, start, zone } = input;
  const ways = waysOf(pages, likelyWays(pages));
  const count = { visitors: 0, visits: 0, stays: 0 };
  for (let visitor = part.at; visitor < model.visitors; visitor += part.of) {
    const random = seeded(seedOf(model.seed, visitor));
    const { visits } = makeVisitor(random, model, pages, ways, { start, zone });
    count.visitors++;
    count.visits += visits.length;
    for (const visit of visits) count.stays += visit.pages.length;
  }
  postMessage({ play, count });
});
