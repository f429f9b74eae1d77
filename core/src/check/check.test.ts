import { plainBrand } from '../style/index.js';
import { signup } from '../testing/documents.js';
import { applyOperation, type WidgetDocument } from '../widget/index.js';
import { checkDocument, contrastOf } from './index.js';

const set = (document: WidgetDocument, path: string[], value: unknown) =>
  applyOperation(document, { type: 'set', path, value }).document;
const told = set(
  signup(),
  ['afterwards', 'actions'],
  [{ type: 'notify', recipients: ['a@b.example'], subject: 'x' }],
);
const texts = (document: WidgetDocument) => checkDocument(document, plainBrand).map(({ text }) => text);

test('a sound widget has nothing to mend', () => {
  expect(texts(told)).toEqual([]);
});

test.each<[string, WidgetDocument, RegExp]>([
  ['nobody told', signup(), /Nobody is told/],
  ['no label', set(told, ['elements', 'email', 'label'], ' '), /no label/],
  ['a button without words', set(told, ['elements', 'send', 'label'], ''), /no words/],
  [
    'a button that leads nowhere',
    set(told, ['elements', 'send', 'action'], { type: 'link', address: '' }),
    /leads nowhere yet/,
  ],
  [
    'a form that can’t be sent',
    applyOperation(told, { type: 'remove', id: 'send' }).document,
    /no button that sends it/,
  ],
  ['an empty text', set(told, ['elements', 'words', 'content'], []), /A text is empty/],
  ['empty thanks', applyOperation(told, { type: 'remove', id: 'done' }).document, /thanks are empty/],
  [
    'no way to close',
    set(told, ['placement', 'closing'], { button: false, escape: false, backdrop: false }),
    /can’t close it/,
  ],
  [
    'a page that is not chosen',
    set(told, ['afterwards', 'visitor'], { type: 'page', address: '' }),
    /not chosen yet/,
  ],
  [
    'grey on grey',
    set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc'),
    /contrast is 1\.6, and 3 is needed/,
  ],
  [
    'a faint input',
    set(told, ['elements', 'email', 'style', 'input', 'base', 'color'], '#dddddd'),
    /E-mail \(input\): contrast/,
  ],
])('%s is found', (_, document, expected) => {
  expect(texts(document)).toContainEqual(expect.stringMatching(expected));
});

test('each repair repairs', () => {
  let document = set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc');
  document = set(document, ['elements', 'words', 'content'], []);
  document = set(document, ['placement', 'closing'], { button: false, escape: false, backdrop: false });
  const findings = checkDocument(document, plainBrand);
  expect(findings).toHaveLength(3);
  for (const { repair } of findings)
    if (repair) document = applyOperation(document, repair.operation).document;
  expect(texts(document)).toEqual([]);
});

test('hidden elements are not checked', () => {
  const document = set(told, ['elements', 'title', 'style', 'box', 'base', 'color'], '#cccccc');
  expect(texts(set(document, ['elements', 'title', 'hidden'], true))).toEqual([]);
});

test('contrast is read against the ground behind: the group’s, else the box’s', () => {
  const on = (document: WidgetDocument) => contrastOf(document, plainBrand, 'title', 'box').ground;
  expect(on(told)).toBe('#ffffff');
  expect(on(set(told, ['style', 'overlay', 'box', 'base', 'background'], '#101010'))).toBe('#101010');
  const grouped = set(
    told,
    ['elements', 'opening', 'style', 'box', 'base', 'background'],
    'rgb(255 0 0 / 0.5)',
  );
  expect(on(grouped)).toBe('#ff8080');
});
