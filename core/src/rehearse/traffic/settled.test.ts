import fc from 'fast-check';
import {
  compileRules,
  compileTargeting,
  conditionSpecs,
  openPolicy,
  specOf,
  startState,
  step,
  type MachineEvent,
} from '../../behaviour/index.js';
import { condition, now, on, pages, tree, visitor } from '../../testing/random-visitors.js';
import { facts, rule } from '../../testing/visits.js';
import { settledRules } from './settled.js';

test('what is asked on arriving and what is asked there come to the whole of a targeting', () => {
  let held = 0;
  fc.assert(
    fc.property(tree, fc.array(visitor, { minLength: 10, maxLength: 10 }), (targeting, visitors) => {
      const others = ['ask', 'letter'].map((slug) => rule({ id: slug, slug }));
      const site = settledRules([...others, rule({ id: 'w', slug: 'w', targeting })], openPolicy);
      const settled = site.widgets.find(({ id }) => id === 'w');
      const whole = compileTargeting(targeting, { idOf: (slug) => slug });
      for (const where of pages)
        for (const visit of visitors.map((one) => on(one, where))) {
          const holds = settled?.onPage(visit) && settled.targets(visit);
          if (holds) held++;
          expect(holds).toBe(whole(visit));
        }
    }),
    { numRuns: 300 },
  );
  expect(held).toBeGreaterThan(1000);
});

/** What a visitor or the page does, at a moment of its own. */
const deed = fc.oneof(
  fc.record({ type: fc.constant('identify' as const), member: fc.boolean(), lists: fc.subarray(['a', 'b']) }),
  fc.record({ type: fc.constant('set' as const), facts: fc.record({ plan: fc.constantFrom('10', 'gold') }) }),
  fc.record({
    type: fc.constant('basket' as const),
    value: fc.integer({ min: 0, max: 90 }),
    count: fc.nat(5),
  }),
  fc.record({ type: fc.constant('scroll' as const), share: fc.double({ min: 0, max: 1, noNaN: true }) }),
  fc.record({ type: fc.constantFrom('close' as const, 'submit' as const), widget: fc.constant('ask') }),
  fc.constant({ type: 'leave' as const }),
);

test('a condition that is settled stays as it was on arriving, whatever the visitor does on the page', () => {
  const settled = condition.filter((one) => specOf(conditionSpecs, one).settled === true);
  const rules = compileRules([rule({ id: 'ask', slug: 'ask' })]);
  fc.assert(
    fc.property(
      settled,
      visitor,
      fc.constantFrom(...pages),
      fc.array(fc.tuple(deed, fc.integer({ min: 0, max: 90_000 })), { maxLength: 12 }),
      (asked, { memory, width, touch, language }, where, deeds) => {
        const test = compileTargeting(asked);
        let [state] = step(rules, startState(memory), {
          type: 'arrive',
          at: now,
          ...facts({ ...where, width, touch, language }),
        });
        const onArriving = state.page && test(state.page);
        let at = now;
        for (const [what, later] of deeds) {
          at += later;
          [state] = step(rules, state, { ...what, at } as MachineEvent);
          expect(state.page && test(state.page)).toBe(onArriving);
        }
      },
    ),
    { numRuns: 2000 },
  );
});
