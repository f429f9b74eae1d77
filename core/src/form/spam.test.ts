import { seeded } from '../base/random/index.js';
import { spamSigns } from './spam.js';

const honest = { trap: '', took: 20_000, worked: true };
const program = { trap: '', took: null, worked: false };
const letter = { name: 'Mira Stone', email: 'mira@stone.example', message: 'When is the dome open?' };

test.each([
  ['an ordinary question', letter, honest],
  ['one with a link', { ...letter, message: 'Is this you: https://place.example/x ?' }, honest],
  ['one that was filled in by the browser', letter, { ...honest, took: 300 }],
  ['one of an older page, which says and does nothing of it', letter, program],
  ['one of a page that can’t do the work', letter, { ...honest, worked: false }],
  ['one with the same short answers', { a: 'no', b: 'no', c: 'no' }, honest],
  ['one with the same long answers', { home: 'Stone Lane 4', post: 'Stone Lane 4' }, honest],
  ['an empty one', {}, honest],
])('%s is taken', (_, values, by) => {
  expect(spamSigns(values, by)).toEqual([]);
});

test.each([
  ['Cheap CASINO bonus', ['casino'], true],
  ['Ask about the casinos', ['casino'], false],
  ['casino', ['casino'], true],
  ['seo-service, now', ['seo-service'], true],
  ['Buy  followers', ['buy followers'], false],
  ['Buy followers!', ['x', 'buy followers'], true],
  ['Überbrücken', ['brücke'], false],
  ['When is the dome open?', [], false],
])('%j with the unwanted words %j is held back: %j', (message, unwanted, isHeld) => {
  expect(spamSigns({ ...letter, message }, honest, unwanted)).toEqual(isHeld ? ['words'] : []);
});

test.each([
  ['who fills in all fields', letter, { ...honest, trap: 'http://x.example' }, ['trap']],
  [
    'who is faster than anybody, with many links',
    { ...letter, message: 'https://a.example https://b.example www.c.example' },
    { ...honest, took: 90 },
    ['fast', 'links'],
  ],
  [
    'who posts links without a page',
    { ...letter, message: 'https://a.example https://b.example www.c.example' },
    program,
    ['blind', 'work', 'links'],
  ],
  ['who writes markup', { ...letter, message: '[url=https://a.example]cheap[/url]' }, honest, ['markup']],
  [
    'who posts the same everywhere',
    { name: 'cheap watches', message: 'Cheap watches ' },
    program,
    ['blind', 'work', 'same'],
  ],
  ['who fills in a form at once and does no work', letter, { ...program, took: 40 }, ['fast', 'work']],
])('%s is held back', (_, values, by, reasons) => {
  expect(spamSigns(values, by)).toEqual(reasons);
});

test('of a labelled set nearly all attacks are held back, and hardly any of the honest', () => {
  const random = seeded(7);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const said = [
    'When are you open?',
    'We are six and two children.',
    'I lost a glove on Friday, a grey one.',
    'See https://moor.example',
  ];
  const honestly = () =>
    spamSigns(
      { name: pick(['Ada', 'Bram', 'Cleo']), email: 'a@post.example', message: pick(said) },
      { trap: '', took: random() < 0.02 ? null : 800 + random() * 90_000, worked: random() > 0.02 },
    );
  const links = 'https://a.example https://b.example https://c.example';
  const attacks = [
    () => spamSigns(letter, { ...program, trap: 'x', took: 5000 }),
    () => spamSigns({ ...letter, message: links }, { ...honest, took: random() * 300 }),
    () => spamSigns({ message: `<a href="https://a.example">x</a>` }, program),
    () => spamSigns({ name: 'buy now', message: 'buy now' }, program),
    () => spamSigns({ message: links }, program),
    () => spamSigns({ message: `[url]${links}` }, honest),
  ];
  const share = (of: () => readonly unknown[]) =>
    Array.from({ length: 5000 }, of).filter(({ length }) => length > 0).length / 5000;
  expect(share(honestly)).toBeLessThanOrEqual(0.001);
  for (const attack of attacks) expect(share(attack)).toBeGreaterThanOrEqual(0.99);
});
