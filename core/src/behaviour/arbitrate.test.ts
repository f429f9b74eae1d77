import fc from 'fast-check';
import { arbitrate, type Policy } from './arbitrate.js';

const candidate = (id: string, mode: 'overlay' | 'inline' | 'free' = 'overlay') => ({
  id,
  slug: `s-${id}`,
  mode,
});

test.each<[string, string[], string[], Policy, string[]]>([
  ['the first of two overlays', ['o1', 'o2'], [], { markers: [] }, ['o1', 'o2 behind o1']],
  ['none while one is open', ['o1', 'o2'], ['o9'], { markers: [] }, ['o1 behind o9', 'o2 behind o9']],
  [
    'two where two may be open',
    ['o1', 'o2', 'o3'],
    [],
    { markers: [], overlays: 2 },
    ['o1', 'o2', 'o3 behind o1'],
  ],
  ['an inline one by its marker', ['i1', 'i2'], [], { markers: ['s-i2'] }, ['i1 without marker', 'i2']],
  ['a free one beside anything', ['f1', 'f2'], ['o9', 'f9'], { markers: [] }, ['f1', 'f2']],
  ['nobody where nobody wants', [], ['o9'], { markers: [] }, []],
])('%s gets a place', (_, wanting, open, policy, expected) => {
  const modes = { o: 'overlay', i: 'inline', f: 'free' } as const;
  const of = (id: string) => candidate(id, modes[id[0] as keyof typeof modes]);
  const said = arbitrate(wanting.map(of), open.map(of), policy).map(({ widget, blocker }) =>
    !blocker
      ? widget
      : blocker.by === 'marker'
        ? `${widget} without marker`
        : `${widget} behind ${blocker.widget}`,
  );
  expect(said).toEqual(expected);
});

test('there are never more overlays than may be, and who is blocked is told by whom', () => {
  const some = fc.uniqueArray(fc.nat({ max: 20 }), { maxLength: 8 });
  fc.assert(
    fc.property(some, some, fc.integer({ min: 1, max: 4 }), (wanting, having, overlays) => {
      const open = having.slice(0, overlays).map((id) => candidate(`open${id}`));
      const decisions = arbitrate(
        wanting.map((id) => candidate(`w${id}`)),
        open,
        { markers: [], overlays },
      );
      const given = decisions.filter(({ blocker }) => !blocker).map(({ widget }) => widget);
      expect(open.length + given.length).toBeLessThanOrEqual(overlays);
      const there = [...open.map(({ id }) => id), ...given];
      for (const { blocker } of decisions)
        if (blocker) expect(there).toContain(blocker.by === 'widget' ? blocker.widget : '');
      expect(decisions.map(({ widget }) => widget)).toEqual(wanting.map((id) => `w${id}`));
    }),
  );
});
