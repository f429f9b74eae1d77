import { checkDocument } from '../../review/check/index.js';
import { starterDocument, starters } from '../starters/index.js';
import { compileWidget } from '../../compile/index.js';
import { plainBrand, styleProperties, valueProblem, type Role } from '../../style/index.js';
import { applyOperation, validateDocument } from '../../document/widget/index.js';
import { directionEdit, directions, type DirectionName } from './index.js';

const time = { now: Date.UTC(2026, 10, 25), zone: 'Europe/London' };
const names = Object.keys(directions) as DirectionName[];

describe.each(names)('the direction %s', (name) => {
  it('sets values that their properties take', () => {
    for (const [role, sheet] of Object.entries(directions[name].style) as [
      Role,
      Record<string, Record<string, object>>,
    ][])
      for (const byCondition of Object.values(sheet))
        for (const values of Object.values(byCondition))
          for (const [property, value] of Object.entries(values))
            expect([role, property, valueProblem(property, value)]).toEqual([role, property, null]);
  });

  it.each(starters.map((starter) => [starter.id, starter] as const))(
    'dresses the starter %s so that it can be read',
    (_, starter) => {
      const document = starterDocument(starter, time);
      const dressed = applyOperation(document, directionEdit(document, name, plainBrand)).document;
      expect(validateDocument(dressed)).toMatchObject({ ok: true });
      const poor = checkDocument(dressed, plainBrand).filter(({ text }) => text.includes('contrast is'));
      expect(poor.map(({ text }) => text)).toEqual([]);
      expect(compileWidget(dressed, plainBrand).css).not.toBe(compileWidget(document, plainBrand).css);
    },
  );
});

test('a direction put on another leaves nothing of it but what both say', () => {
  const [starter] = starters;
  if (!starter) throw new Error('no starter');
  const start = starterDocument(starter, time);
  const dress = (document: typeof start, name: DirectionName) =>
    applyOperation(document, directionEdit(document, name, plainBrand)).document;
  const over = dress(dress(start, 'playful'), 'quiet').style['overlay']?.['box']?.['base'];
  expect(over).toMatchObject(directions.quiet.style.overlay?.['box']?.['base'] ?? {});
  expect(Object.keys(over ?? {}).every((property) => property in styleProperties)).toBe(true);
});

test('taken back, the widget is what it was', () => {
  for (const starter of starters.slice(0, 6)) {
    const document = starterDocument(starter, time);
    const { document: dressed, inverse } = applyOperation(
      document,
      directionEdit(document, 'bold', plainBrand),
    );
    expect(applyOperation(dressed, inverse).document).toEqual(document);
  }
});
