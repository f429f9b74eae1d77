import { found } from './SearchChoice.tsx';

const options = [
  { value: 'Europe/London', label: 'Europe/London' },
  { value: 'America/New_York', label: 'America/New York' },
  { value: 'SEK', label: 'SEK · Swedish Krona' },
  { value: 'ISK', label: 'ISK · Icelandic Króna' },
  { value: 'SEQ', label: 'Squid · a sek of no country' },
];
const values = (text: string) => found(options, text).map(({ value }) => value);

test.each([
  ['new york', ['America/New_York']],
  ['new_york', ['America/New_York']],
  ['lon eur', ['Europe/London']],
  ['krona', ['SEK', 'ISK']],
  ['sek', ['SEK', 'SEQ']],
  ['mars', []],
])('“%s” finds %j', (text, expected) => {
  expect(values(text)).toEqual(expected);
});

test('no more are listed than can be looked through', () => {
  const many = Array.from({ length: 500 }, (_, at) => ({ value: String(at), label: `Zone ${at}` }));
  expect(found(many, 'zone')).toHaveLength(40);
});
