import fc from 'fast-check';
import { triggerSpecs } from '../../behaviour/index.js';
import { anyDocument, signup } from '../../testing/documents.js';
import {
  schemaVersion,
  upgradeDocument,
  validateDocument,
  widgetSchema,
  type WidgetDocument,
} from './index.js';

/** A copy of the signup with a change, as it would come from outside. */
function changed(change: (raw: Record<string, never>) => void): unknown {
  const raw = JSON.parse(JSON.stringify(signup())) as Record<string, never>;
  change(raw);
  return raw;
}

function firstProblem(input: unknown): string {
  const result = validateDocument(input);
  return result.ok ? 'none' : `${result.problems[0]?.path}: ${result.problems[0]?.reason}`;
}

test('what the editor makes is accepted', () => {
  fc.assert(
    fc.property(anyDocument, (document) => {
      expect(validateDocument(JSON.parse(JSON.stringify(document)))).toMatchObject({ ok: true });
    }),
    { numRuns: 100 },
  );
});

/* eslint-disable @typescript-eslint/no-explicit-any -- the documents below are wrong on purpose */
test.each<[string, (raw: any) => void, string]>([
  ['an unknown field', (raw) => (raw.colour = 'red'), 'colour: is not a known field'],
  [
    'an unknown field of an element',
    (raw) => (raw.elements.title.size = 3),
    'elements.title.size: is not a known field',
  ],
  [
    'an unknown kind of element',
    (raw) => (raw.elements.title.type = 'marquee'),
    'elements.title.type: "marquee" is not a known kind of element',
  ],
  [
    'the prototype as a kind',
    (raw) => (raw.elements.title.type = 'constructor'),
    'elements.title.type: "constructor" is not a known kind of element',
  ],
  [
    'a circle',
    (raw) => raw.elements.form.children.push('opening'),
    'elements.form.children.3: holds element opening a second time; an element stands in one place only',
  ],
  ['an orphan', (raw) => raw.elements.opening.children.shift(), 'elements.title: stands in no scene'],
  [
    'a child that is not there',
    (raw) => raw.elements.form.children.push('ghost'),
    'elements.form.children.3: refers to element ghost, which does not exist',
  ],
  [
    'a field outside its form',
    (raw) => (raw.elements.form.children.shift(), raw.elements.opening.children.push('name')),
    "elements.name: is a field and can't stand there",
  ],
  [
    'a form within a form',
    (raw) => (
      (raw.elements.inner = { type: 'form', children: [] }),
      raw.elements.form.children.push('inner')
    ),
    "elements.inner: is a form and can't stand there",
  ],
  [
    'two fields with one key',
    (raw) => (raw.elements.name.key = 'email'),
    'elements.email.key: is "email", which field name has already',
  ],
  ['a leaf as a root', (raw) => (raw.scenes.thanks.root = 'done'), 'elements.thanks: stands in no scene'],
  [
    'a script address in a link',
    (raw) => (raw.elements.words.content[0].link = 'java\tscript:alert(1)'),
    'elements.words.content.0.link: must be a web, mail or telephone address',
  ],
  [
    'a script address of a button',
    (raw) => (raw.elements.send.action = { type: 'link', address: 'javascript:alert(1)' }),
    'elements.send.action.address: must be a web, mail or telephone address',
  ],
  [
    'a script address afterwards',
    (raw) => (raw.afterwards.visitor = { type: 'page', address: 'data:text/html,x' }),
    'afterwards.visitor.address: must be a page address: a path, or one starting with https:',
  ],
  [
    'a recipient that is none',
    (raw) => (raw.afterwards.actions = [{ type: 'notify', recipients: ['desk'], subject: 'x' }]),
    'afterwards.actions.0.recipients.0: must be an e-mail address, such as desk@place.example',
  ],
  [
    'a style property that is none',
    (raw) => (raw.elements.title.style = { box: { base: { behavior: 'url(x)' } } }),
    'elements.title.style.box.base.behavior: is not a style property',
  ],
  [
    'CSS behind a colour',
    (raw) => (raw.elements.title.style = { box: { base: { color: 'red;}*{display:none' } } }),
    'elements.title.style.box.base.color: must be a colour, such as #20566b',
  ],
  [
    'a part that is none',
    (raw) => (raw.elements.title.style = { hat: {} }),
    'elements.title.style.hat: is not a part; the parts are box',
  ],
  [
    'a state that is none',
    (raw) => (raw.elements.title.style = { box: { asleep: {} } }),
    'elements.title.style.box.asleep: is not a known state or screen',
  ],
  ['a role that is none', (raw) => (raw.style = { hero: {} }), 'style.hero: is not a known role'],
  [
    'a newer version',
    (raw) => (raw.schema = 99),
    'schema: is version 99, from a newer Sirene; this one reads up to version 1',
  ],
  ['no version', (raw) => delete raw.schema, 'schema: must be a version number, at most 1'],
  ['an empty name', (raw) => (raw.name = ''), 'name: is empty'],
  [
    'a delay out of range',
    (raw) => (raw.behaviour.triggers = { any: [{ type: 'delay', seconds: -1 }] }),
    'behaviour.triggers.any.0.seconds: is less than 0',
  ],
  [
    'no trigger at all',
    (raw) => (raw.behaviour.triggers = { any: [] }),
    'behaviour.triggers.any: has fewer than 1 entries',
  ],
  [
    'a trigger of no kind',
    (raw) => (raw.behaviour.triggers = { all: [{ type: 'odd' }] }),
    `behaviour.triggers.all.0.type: must be one of ${triggerSpecs.map(({ type }) => type).join(', ')}`,
  ],
  [
    'triggers of no form',
    (raw) => (raw.behaviour.triggers = {}),
    'behaviour.triggers: must have one of any, all',
  ],
  [
    'a condition deep in others',
    (raw) => (raw.behaviour.targeting = { any: [{ none: [{ type: 'width', from: -1, to: 3 }] }] }),
    'behaviour.targeting.any.0.none.0.from: is less than 0',
  ],
  [
    'a condition of no kind',
    (raw) => (raw.behaviour.targeting = { all: [{ type: 'odd' }] }),
    'behaviour.targeting.all.0.type: must be one of address, page-type, pages, device, width, language, referrer, campaign, returning, visits, pages-seen, member, lists, basket, acted, fact, hours',
  ],
  [
    'a frequency without its days',
    (raw) => (raw.behaviour.frequency = { per: 'days' }),
    'behaviour.frequency.days: is missing',
  ],
  [
    'a pause of no number',
    (raw) => (raw.behaviour.returning.afterClosing = 'never'),
    'behaviour.returning.afterClosing: must be a null or an integer',
  ],
  ['a width out of range', (raw) => (raw.placement.width = 9), 'placement.width: is less than 40'],
  [
    'an unknown placement',
    (raw) => (raw.placement.type = 'moon'),
    'placement.type: must be one of centre, corner, side, bar, cover, anchored, inline, page, launcher',
  ],
  [
    'an id that could be CSS',
    (raw) => ((raw.elements['a{}'] = raw.elements.title), raw.elements.opening.children.push('a{}')),
    'elements.a{}: must have an id of small letters and digits, at most 20',
  ],
])('%s is refused with its place and the reason', (_, change, expected) => {
  expect(firstProblem(changed(change))).toBe(expected);
});
/* eslint-enable @typescript-eslint/no-explicit-any */

test.each([null, 'text', 3, [], true])('%p is not a document', (input) => {
  expect(firstProblem(input)).toBe(': must be an object');
});

test('too many elements are refused', () => {
  const input = changed((raw) => {
    const { elements } = raw as unknown as WidgetDocument;
    for (let count = 0; count < 3000; count++)
      elements[`x${count}`] = { type: 'text', level: 0, content: [] };
  });
  expect(firstProblem(input)).toBe('elements: has more than 2000 entries');
});

test('a tree deeper than forty levels is refused', () => {
  const input = changed((raw) => {
    const { elements } = raw as unknown as WidgetDocument;
    for (let depth = 0; depth < 60; depth++) {
      elements[`g${depth}`] = {
        type: 'group',
        direction: 'column',
        children: depth < 59 ? [`g${depth + 1}`] : [],
      };
    }
    (elements['opening'] as { children: string[] }).children.push('g0');
  });
  expect(firstProblem(input)).toMatch(/is nested deeper than 40 levels$/);
});

test('any JSON at all gets an answer, never an exception', () => {
  fc.assert(
    fc.property(fc.jsonValue({ maxDepth: 5 }), (value) => {
      expect(validateDocument(value).ok).toBe(false);
      expect(validateDocument({ ...signup(), elements: value, scenes: value }).ok).toBe(false);
    }),
    { numRuns: 300 },
  );
});

test('older documents are upgraded step by step', () => {
  const steps = {
    1: (document: Record<string, unknown>) => ({ ...document, named: document['title'], title: undefined }),
    2: (document: Record<string, unknown>) => ({ ...document, loud: true }),
  };
  const upgraded = upgradeDocument({ schema: 1, title: 'Old' }, steps, 3);
  expect(upgraded).toMatchObject({ ok: true, document: { schema: 3, named: 'Old', loud: true } });
  expect(upgradeDocument({ schema: 2 }, {}, 3)).toMatchObject({ ok: false });
});

test('the published schema is JSON and names its version', () => {
  const schema = widgetSchema();
  expect(JSON.parse(JSON.stringify(schema))).toEqual(schema);
  expect(schema).toMatchObject({ type: 'object', properties: { schema: { const: schemaVersion } } });
});
