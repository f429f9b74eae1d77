import { checkDocument } from '../../review/check/index.js';
import { plainBrand } from '../../style/index.js';
import { validateDocument } from '../../document/widget/index.js';
import { starterDocument, starters } from './index.js';

const time = { now: Date.UTC(2026, 10, 25), zone: 'Europe/London' };

// What only the designer can say.
const left = /Nobody is notified|has no URL yet/;

describe.each(starters.map((starter) => [starter.id, starter] as const))('the starter %s', (_, starter) => {
  const document = starterDocument(starter, time);

  it('is a valid document', () => {
    expect(validateDocument(document)).toMatchObject({ ok: true });
  });

  it('leaves nothing to mend on the plain brand', () => {
    const findings = checkDocument(document, plainBrand).filter(({ text }) => !left.test(text));
    expect(findings.map(({ text }) => text)).toEqual([]);
  });
});

it('offers at least 48, each with an id and a name of its own', () => {
  expect(starters.length).toBeGreaterThanOrEqual(48);
  expect(new Set(starters.map(({ id }) => id)).size).toBe(starters.length);
  expect(new Set(starters.map((starter) => starterDocument(starter, time).name)).size).toBe(starters.length);
});

it('ends countdowns ahead of now', () => {
  const ends = starters.flatMap((starter) =>
    Object.values(starterDocument(starter, time).elements).flatMap((element) =>
      element.type === 'countdown' ? [element.until] : [],
    ),
  );
  expect(ends.length).toBeGreaterThan(2);
  expect(ends.every((until) => until > '2026-11-26')).toBe(true);
});

it('designs the end of each: thanks where there is a form, and what follows a countdown', () => {
  for (const starter of starters) {
    const { scenes, elements } = starterDocument(starter, time);
    const types = new Set(Object.values(elements).map(({ type }) => type));
    expect([
      starter.id,
      types.has('form') && !scenes.thanks,
      types.has('countdown') && !scenes.expired,
    ]).toEqual([starter.id, false, false]);
  }
});
