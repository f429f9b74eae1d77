import { jest } from '@jest/globals';
import { Type } from '@sinclair/typebox';
import type { ActionSpec } from './action.js';

// An action that is made here alone, with its line in the registry: it is known everywhere.
const ring = {
  type: 'ring',
  label: 'Rooms',
  schema: Type.Object(
    { type: Type.Literal('ring'), rooms: Type.Array(Type.String({ maxLength: 40 }), { maxItems: 5 }) },
    { additionalProperties: false },
  ),
  create: () => ({ type: 'ring', rooms: [] }),
  fields: [],
  notifies: true,
  told: ({ rooms }: { rooms: string[] }) => rooms,
  delivery: (room) => `Bell in ${room}`,
  problems: ({ rooms }: { rooms: string[] }) =>
    new Set(rooms).size < rooms.length ? [['rooms', 'name a room once']] : [],
  phrase: (told) => (told.length > 1 ? 'hear a bell' : 'hears a bell'),
} satisfies ActionSpec;

const known = await import('./index.js');
const specs = [...known.actionSpecs, ring] as readonly ActionSpec[];
const specOfAction = ({ type }: { type: string }) => specs.find((one) => one.type === type);
jest.unstable_mockModule('./index.js', () => ({
  ...known,
  actionSpecs: specs,
  specOfAction,
  toldBy: (action: { type: string }) => specOfAction(action)?.told(action as never) ?? [],
}));
const { validateDocument } = await import('../document/widget/index.js');
const { stationSentence } = await import('../review/sentence/index.js');
const { checkDocument, reviewOf } = await import('../review/check/index.js');
const { plainBrand } = await import('../style/index.js');
const { signup } = await import('../testing/documents.js');

const doing = (...actions: object[]) =>
  ({ ...signup(), afterwards: { ...signup().afterwards, actions } }) as never;
const notify = { type: 'notify', recipients: ['desk@place.example'], subject: 'New' };
const said = (document: never) =>
  stationSentence(document, 'afterwards')
    .map(({ text }) => text)
    .join('');

test('a new action is part of the document, with its limits', () => {
  expect(validateDocument(doing({ type: 'ring', rooms: ['Hall'] }))).toMatchObject({ ok: true });
  expect(validateDocument(doing({ type: 'ring', rooms: 'Hall' }))).toMatchObject({ ok: false });
  expect(validateDocument(doing({ type: 'knock' }))).toMatchObject({ ok: false });
  expect(validateDocument(doing({ type: 'ring', rooms: ['Hall', 'Hall'] }))).toMatchObject({
    problems: [{ path: 'afterwards.actions.0.rooms', reason: 'name a room once' }],
  });
});

test('it is said in the sentence, beside the others', () => {
  expect(said(doing(notify, { type: 'ring', rooms: ['Hall', 'Dome'] }))).toMatch(
    /stored, and desk@place.example is notified by e-mail, and Hall and Dome hear a bell\.$/,
  );
  expect(said(doing())).toMatch(/stored, and nobody is notified by e-mail\.$/);
});

test('who is told by it is told of in the check and in the review of a copy', () => {
  const unheard = 'Nobody is notified of submissions: add a recipient under Afterwards';
  const texts = (document: never) => checkDocument(document, plainBrand).map(({ text }) => text);
  expect(texts(doing())).toContain(unheard);
  expect(texts(doing({ type: 'ring', rooms: [] }))).toContain(unheard);
  expect(texts(doing({ type: 'ring', rooms: ['Hall'] }))).not.toContain(unheard);
  expect(reviewOf(doing({ type: 'ring', rooms: ['Hall'] }), plainBrand)).toContainEqual(
    expect.objectContaining({ title: 'Rooms', says: ['Hall'] }),
  );
});
