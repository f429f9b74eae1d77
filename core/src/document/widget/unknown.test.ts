import { compileWidget } from '../../compile/index.js';
import { checkDocument } from '../../review/check/index.js';
import { ruleSentence, stationSentence } from '../../review/sentence/index.js';
import { plainBrand } from '../../style/index.js';
import { signup } from '../../testing/documents.js';
import { definitionOf } from '../elements/index.js';
import { applyChecked, validateDocument, type WidgetDocument } from './index.js';

/** A document that a newer version has saved, with a kind of everything that nobody here knows. */
function fromNewer(): WidgetDocument {
  const document = signup();
  const { behaviour, afterwards, elements } = document;
  return {
    ...document,
    placement: { type: 'orbit', radius: 40 },
    elements: {
      ...elements,
      words: { type: 'planet', moons: [{ name: 'Io' }] },
      name: { type: 'field', kind: 'orbit', key: 'name', label: 'Name', required: false, period: 7 },
    },
    behaviour: {
      ...behaviour,
      triggers: { any: [{ type: 'load' }, { type: 'eclipse', share: 1 }] },
      targeting: { all: [{ none: [{ type: 'moon', phase: 'new' }] }] },
    },
    afterwards: { ...afterwards, actions: [{ type: 'launch', pad: 39 }] },
  } as never;
}

test('from outside none of it is taken', () => {
  expect(validateDocument(fromNewer())).toMatchObject({ ok: false });
});

test('what was there before is kept, whatever else is edited', () => {
  const before = fromNewer();
  const named = applyChecked(before, { type: 'set', path: ['name'], value: 'Another' });
  expect(named).toMatchObject({ ok: true });
  const triggers = { any: [...(before.behaviour.triggers as { any: object[] }).any, { type: 'leave' }] };
  expect(
    applyChecked(before, { type: 'set', path: ['behaviour', 'triggers'], value: triggers }),
  ).toMatchObject({
    ok: true,
  });
  expect(applyChecked(before, { type: 'remove', id: 'words' })).toMatchObject({ ok: true });
  expect(applyChecked(before, { type: 'move', id: 'words', parent: 'form', at: 0 } as never)).toMatchObject({
    ok: true,
  });
  const saved = validateDocument({ ...before, name: 'Saved' }, before);
  expect(saved).toEqual({ ok: true, document: { ...before, name: 'Saved' } });
});

type Raw = Record<'elements' | 'behaviour' | 'afterwards' | 'placement', Record<string, unknown>>;

test.each<[string, (document: Raw) => unknown]>([
  ['an element changed', ({ elements }) => (elements['words'] = { type: 'planet', moons: [] } as never)],
  ['an element added', ({ elements }) => (elements['title'] = { type: 'planet' } as never)],
  ['a field changed', ({ elements }) => ((elements['name'] as Record<string, unknown>)['period'] = 8)],
  ['another placement', (raw) => (raw['placement'] = { type: 'orbit', radius: 41 } as never)],
  ['another trigger', ({ behaviour }) => (behaviour['triggers'] = { any: [{ type: 'eclipse' }] } as never)],
  ['another condition', ({ behaviour }) => (behaviour['targeting'] = { all: [{ type: 'sun' }] } as never)],
  ['another action', ({ afterwards }) => (afterwards['actions'] = [{ type: 'launch', pad: 40 }] as never)],
  ['nonsense', (raw) => (raw['behaviour'] = 5 as never)],
  ['no elements', (raw) => (raw['elements'] = null as never)],
])('%s is refused', (_, change) => {
  const raw = structuredClone(fromNewer()) as never;
  change(raw);
  expect(validateDocument(raw, fromNewer())).toMatchObject({ ok: false });
});

test.each<[path: string[], value: unknown]>([
  [['behaviour', 'triggers'], 5],
  [['behaviour', 'targeting'], { all: [null] }],
  [['afterwards', 'actions'], {}],
  [['placement'], null],
  [['elements', 'words'], 'planet'],
])('an edit that sets %j to %j is refused', (path, value) => {
  expect(applyChecked(fromNewer(), { type: 'set', path, value })).toMatchObject({ ok: false });
});

test('visitors get the rest of it, and nothing of what is not known', () => {
  const { scenes, stand } = compileWidget(fromNewer(), plainBrand);
  expect(stand).toBe('modal');
  expect(scenes.opening).toContain('Sign up');
  expect(JSON.stringify(scenes)).not.toMatch(/Io|planet/);
});

test('it is named where a designer meets it', () => {
  const document = fromNewer();
  const words = document.elements['words'] as never;
  expect([definitionOf(words).label, definitionOf(words).title(words)]).toEqual([
    'Unknown element',
    'Unknown: planet',
  ]);
  expect(ruleSentence(document)).toContain('an unknown rule (eclipse)');
  const said = (station: 'appear' | 'afterwards') =>
    stationSentence(document, station)
      .map(({ text }) => text)
      .join('');
  expect(said('appear')).toContain('an unknown placement (orbit)');
  const texts = checkDocument(document, plainBrand).map(({ text }) => text);
  expect(texts).toContain(
    'An element of a newer version of Sirene (planet) is kept, and not shown to visitors',
  );
});
