import fc from 'fast-check';
import {
  arbitrate,
  compete,
  interrupts,
  openPolicy,
  type Candidate,
  type Mode,
  type Policy,
  type Room,
} from './arbitrate.js';
import { coversOf, type Slot } from './slots.js';

const candidate = (id: string, slot: Slot = 'centre', mode: Mode = 'overlay'): Candidate => ({
  id,
  slug: id,
  mode,
  covers: coversOf(slot),
});
const room = (changes: Partial<Room> = {}): Room => ({
  markers: [],
  width: 1280,
  now: 100_000,
  onPage: 0,
  inVisit: 0,
  quietSince: null,
  dropped: [],
  ...changes,
});
const policy = (changes: Partial<Policy>): Policy => ({ ...openPolicy, ...changes });
const placed = (
  wanting: Candidate[],
  open: Candidate[] = [],
  rules: Policy = openPolicy,
  there: Room = room(),
) =>
  arbitrate(wanting, open, rules, there).map(({ widget, blocker }) =>
    blocker ? `${widget}:${blocker.by}` : widget,
  );

test.each<[string, string[], string[]]>([
  ['the first of two overlays', placed([candidate('a'), candidate('b', 'bottom-right')]), ['a', 'b:widget']],
  ['no overlay while one is open', placed([candidate('a')], [candidate('b')]), ['a:widget']],
  [
    'an inline one by its marker',
    placed([candidate('a', 'none', 'inline')], [], openPolicy, room({ markers: ['a'] })),
    ['a'],
  ],
  ['no inline one without', placed([candidate('a', 'none', 'inline')]), ['a:marker']],
  [
    'a bar beside a pop-up in the centre',
    placed([candidate('a', 'top-bar', 'free'), candidate('b')]),
    ['a', 'b'],
  ],
  [
    'one of two bars at the top',
    placed([candidate('a', 'top-bar', 'free'), candidate('b', 'top-bar', 'free')]),
    ['a', 'b:widget'],
  ],
  [
    'a bar at each end',
    placed([candidate('a', 'top-bar', 'free'), candidate('b', 'bottom-bar', 'free')]),
    ['a', 'b'],
  ],
  [
    'no launcher under a corner box',
    placed([candidate('a', 'bottom-right'), candidate('b', 'launcher-bottom-right', 'free')]),
    ['a', 'b:widget'],
  ],
  [
    'a launcher in the other corner',
    placed([candidate('a', 'bottom-right'), candidate('b', 'launcher-bottom-left', 'free')]),
    ['a', 'b'],
  ],
  [
    'but not on a phone',
    placed(
      [candidate('a', 'bottom-right'), candidate('b', 'launcher-bottom-left', 'free')],
      [],
      openPolicy,
      room({ width: 390 }),
    ),
    ['a', 'b:widget'],
  ],
  [
    'nothing within the quiet gap',
    placed([candidate('a')], [], policy({ quietGap: 20 }), room({ quietSince: 90_000 })),
    ['a:gap'],
  ],
  [
    'something after it',
    placed([candidate('a')], [], policy({ quietGap: 10 }), room({ quietSince: 90_000 })),
    ['a'],
  ],
  [
    'a bar within it',
    placed([candidate('a', 'top-bar', 'free')], [], policy({ quietGap: 20 }), room({ quietSince: 90_000 })),
    ['a'],
  ],
  [
    'no more on a page than may be',
    placed([candidate('a')], [], policy({ perPage: 2 }), room({ onPage: 2 })),
    ['a:perPage'],
  ],
  [
    'no more in a visit than may be',
    placed([candidate('a')], [], policy({ perVisit: 1 }), room({ inVisit: 1 })),
    ['a:perVisit'],
  ],
  [
    'nobody who has been dropped',
    placed([candidate('a')], [], openPolicy, room({ dropped: ['a'] })),
    ['a:dropped'],
  ],
])('%s gets a place', (_, decided, expected) => {
  expect(decided).toEqual(expected);
});

const slots: Slot[] = [
  'none',
  'centre',
  'top-left',
  'top',
  'right',
  'bottom-right',
  'bottom',
  'top-bar',
  'bottom-bar',
  'launcher-bottom-right',
  'launcher-left',
];
const candidates = (prefix: string) =>
  fc
    .array(
      fc.record({
        slot: fc.constantFrom(...slots),
        mode: fc.constantFrom<Mode>('overlay', 'inline', 'free'),
      }),
      { maxLength: 9 },
    )
    .map((all) =>
      all.map(({ slot, mode }, at) => candidate(`${prefix}${at}`, mode === 'inline' ? 'none' : slot, mode)),
    );
const limit = fc.option(fc.integer({ min: 1, max: 3 }));
const policies = fc.record({
  quietGap: fc.nat({ max: 30 }),
  perPage: limit,
  perVisit: limit,
  waiting: fc.constantFrom('later' as const, 'never' as const),
});
const rooms = fc.record({
  markers: fc.subarray(['w0', 'w1', 'w2', 'w3']),
  width: fc.constantFrom(390, 1280),
  now: fc.constant(100_000),
  onPage: fc.nat({ max: 3 }),
  inVisit: fc.nat({ max: 3 }),
  quietSince: fc.option(fc.integer({ min: 60_000, max: 100_000 })),
  dropped: fc.subarray(['w0', 'w1', 'w2']),
});

test('no two that are there compete for a place, limits hold, and every refusal has its reason', () => {
  fc.assert(
    fc.property(candidates('w'), policies, rooms, (wanting, rules, there) => {
      const decisions = arbitrate(wanting, [], rules, there);
      expect(decisions.map(({ widget }) => widget)).toEqual(wanting.map(({ id }) => id));
      const coming = wanting.filter((_, at) => !decisions[at]?.blocker);
      for (const [at, one] of coming.entries())
        for (const other of coming.slice(at + 1))
          if (one.mode !== 'inline' && other.mode !== 'inline')
            expect(compete(one, other, there.width)).toBe(false);
      const count = coming.filter(interrupts).length;
      if (count > 0 && rules.perPage !== null)
        expect(count + there.onPage).toBeLessThanOrEqual(rules.perPage);
      if (count > 0 && rules.perVisit !== null)
        expect(count + there.inVisit).toBeLessThanOrEqual(rules.perVisit);
      for (const { blocker } of decisions)
        if (blocker?.by === 'widget') expect(coming.map(({ id }) => id)).toContain(blocker.widget);
    }),
  );
});

test('who is first in the queue is never passed over for one behind it', () => {
  fc.assert(
    fc.property(candidates('w'), candidates('open'), policies, rooms, (wanting, open, rules, there) => {
      const decisions = arbitrate(wanting, open, rules, there);
      const [first] = wanting;
      // Alone it would be decided alike: those behind take nothing from it.
      if (first) expect(decisions[0]).toEqual(arbitrate([first], open, rules, there)[0]);
    }),
  );
});
