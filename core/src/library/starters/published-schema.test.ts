import { Ajv2020 } from 'ajv/dist/2020.js';
import { widgetSchema } from '../../document/widget/index.js';
import { signup } from '../../testing/documents.js';
import { starterDocument, starters } from './index.js';

const ajv = new Ajv2020({ strict: true, allErrors: true });
const valid = ajv.compile(widgetSchema());
const faults = (document: unknown) =>
  valid(JSON.parse(JSON.stringify(document)))
    ? []
    : (valid.errors ?? []).map(({ instancePath, message }) => `${instancePath} ${message}`).slice(0, 5);

test('the published schema is JSON Schema 2020-12, and names itself', () => {
  expect(ajv.validateSchema(widgetSchema())).toBe(true);
  expect(widgetSchema()).toMatchObject({
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    $id: expect.stringMatching(/^urn:sirene:widget:\d+$/) as string,
  });
});

test.each(starters.map((starter) => [starter.id, starter] as const))(
  'the starter %s is as it says',
  (_, starter) => {
    expect(faults(starterDocument(starter, { now: 1_800_000_000_000, zone: 'UTC' }))).toEqual([]);
  },
);

test.each<[string, string[], unknown]>([
  ['an unknown field', ['odd'], 1],
  ['a text that is too long', ['name'], 'x'.repeat(5000)],
  ['a tuple that is too long', ['elements', 'pic', 'size'], [1, 2, 3]],
  ['an element of no kind', ['elements', 'title', 'type'], 'odd'],
])('%s is refused', (_, path, value) => {
  const document = JSON.parse(JSON.stringify(signup())) as Record<
    string,
    Record<string, Record<string, unknown>>
  >;
  Object.assign(document['elements'] ?? {}, { pic: { type: 'image', src: '', alt: '', size: [1, 2] } });
  expect(faults(document)).toEqual([]);
  const holder = path
    .slice(0, -1)
    .reduce<Record<string, unknown>>((at, key) => at[key] as Record<string, unknown>, document);
  holder[path.at(-1) as string] = value;
  expect(faults(document)).not.toEqual([]);
});
