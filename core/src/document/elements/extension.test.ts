import { jest } from '@jest/globals';
import { Quote } from 'lucide';
import { h } from '../../base/html/index.js';
import { define, elementFields, line, removeIt } from './definition.js';

// An element that is made here alone, with its line in the registry: it is known everywhere.
const quote = define({
  type: 'quote',
  label: 'Quotation',
  icon: Quote,
  schema: elementFields('quote', { words: line(300), source: line(80) }),
  role: () => 'text',
  parts: ['box'],
  container: false,
  create: () => ({ type: 'quote', words: 'Look up.', source: 'Ada' }),
  title: ({ source }) => `Quotation of ${source}`,
  lacks: ({ words }) => (words === '' ? [{ text: 'A quotation says nothing', repair: removeIt }] : []),
  sized: 'width',
  properties: [
    { path: ['words'], label: 'Words', control: 'line', always: true },
    { path: ['source'], label: 'Source', control: 'line' },
  ],
  render: ({ words, source }, { box }) =>
    h(
      'blockquote',
      box,
      h('p', { 'data-text': 'words' }, words),
      h('cite', { 'data-text': 'source' }, source),
    ),
  css: '&{margin:0}& cite{display:block}',
  script: () => 'countdown' as const,
  problems: ({ source }) => (source === '' ? [['source', 'must be named']] : []),
});

const known = await import('./registry.js');
jest.unstable_mockModule('./registry.js', () => ({ definitions: { ...known.definitions, quote } }));
const { compileWidget } = await import('../../compile/index.js');
const { checkDocument } = await import('../../review/check/index.js');
const { compareDocuments } = await import('../../review/compare/index.js');
const { plainBrand } = await import('../../style/index.js');
const { signup } = await import('../../testing/documents.js');
const { applyOperation, insertNew, newElements, validateDocument, widgetSchema } =
  await import('../widget/index.js');
const { definitionOf, iconOf } = await import('./index.js');

const withQuote = (own: object = {}) => {
  const document = signup();
  return { ...document, elements: { ...document.elements, words: { ...quote.create(), ...own } } } as never;
};
const problems = (document: never) => {
  const outcome = validateDocument(document);
  return outcome.ok ? [] : outcome.problems.map(({ path }) => path);
};

test('a new element is part of the document, with its limits and its own check', () => {
  expect(problems(withQuote())).toEqual([]);
  expect(problems(withQuote({ words: 7 }))).toEqual(['elements.words.words']);
  expect(problems(withQuote({ source: '' }))).toEqual(['elements.words.source']);
  expect(problems(withQuote({ other: 1 }))).toEqual(['elements.words.other']);
  expect(JSON.stringify(widgetSchema())).toContain('"quote"');
});

test('menu, outline and inspector find it', () => {
  const offer = newElements.find(({ label }) => label === 'Quotation');
  const edit = insertNew(signup(), offer?.element as never, 'title', 'opening', Math.random);
  if (!edit) throw new Error('It can’t be added');
  const { document } = applyOperation(signup(), edit.operation);
  const added = document.elements[edit.id] as never;
  expect(definitionOf(added).title(added)).toBe('Quotation of Ada');
  expect(iconOf(added)).toBe(Quote);
  expect(definitionOf(added).properties.map(({ label }) => label)).toEqual(['Words', 'Source']);
  expect(definitionOf(added).sized).toBe('width');
});

test('visitors get it, escaped, with its CSS and the part that it needs', () => {
  const { scenes, css, scripts } = compileWidget(withQuote({ words: '<b>up</b>' }), plainBrand);
  expect(scenes.opening).toContain('<p data-text="words">&lt;b&gt;up&lt;/b&gt;</p>');
  expect(css).toContain('cite{display:block}');
  expect(scripts).toEqual(['countdown']);
});

test('the check tells what it lacks, with what mends it, and the comparison what changed', () => {
  const [finding] = checkDocument(withQuote({ words: '' }), plainBrand).filter(
    ({ element }) => element === 'words',
  );
  expect(finding).toMatchObject({
    text: 'A quotation says nothing',
    repair: { operation: { type: 'remove', id: 'words' } },
  });
  const changes = compareDocuments(withQuote(), withQuote({ source: 'Bo' }));
  expect(changes).toMatchObject([{ kind: 'changed', element: 'words', title: 'Quotation of Bo' }]);
});
