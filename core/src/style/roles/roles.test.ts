import { styleProperties } from '../properties.js';
import { groupsOf, partsOf, roleDefinitions, roles } from './index.js';

describe.each(roles)('what the inspector offers for the role %s', (role) => {
  const groups = roleDefinitions[role].groups;

  it('is of parts that the role has, and of properties that there are', () => {
    for (const { part, properties, rare } of groups) {
      expect(partsOf(role)).toContain(part);
      for (const name of [...properties, ...rare]) expect(Object.keys(styleProperties)).toContain(name);
    }
  });

  it('offers each property of a part once', () => {
    const offered = groups.flatMap(({ part, properties, rare }) =>
      [...properties, ...rare].map((name) => `${part}.${name}`),
    );
    expect(offered.filter((name, at) => offered.indexOf(name) !== at)).toEqual([]);
  });

  it('leaves no part out', () => {
    const parts = new Set(groups.map(({ part }) => part));
    expect(partsOf(role).filter((part) => !parts.has(part))).toEqual([]);
  });

  it('has a title of its own for each group', () => {
    const titles = groups.map(({ title }) => title);
    expect(new Set(titles).size).toBe(titles.length);
  });
});

test('an element without an icon is not asked how its icon looks', () => {
  expect(groupsOf('button', ['box', 'note']).map(({ title }) => title)).toEqual([
    'Surface',
    'Text',
    'Second line',
    'Size and position',
  ]);
});
