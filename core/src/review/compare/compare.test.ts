import { buildWidget, column, heading, words, type Sketch } from '../../library/sketch/index.js';
import { compareDocuments } from './index.js';

const one = { ...heading('One'), id: 'one' };
const two = { ...words('Two'), id: 'two' };
const three = { ...words('Three'), id: 'three' };
const widget = (opening: Sketch[], more: object = {}) =>
  buildWidget({ name: 'Any', kind: 'popup', placement: { type: 'centre' }, opening, ...more });
const before = widget([one, two, three]);
const found = (after: ReturnType<typeof widget>) =>
  compareDocuments(before, after).map(({ kind, title, what }) => [kind, title, what.join(', ')].join(' '));

test.each([
  ['nothing', widget([one, two, three]), []],
  ['other words', widget([one, { ...two, content: [{ text: 'New' }] }, three]), ['changed New content']],
  [
    'another style',
    widget([{ ...one, style: { box: { base: { color: '#112233' } } } }, two, three]),
    ['changed One style'],
  ],
  ['an order', widget([two, one, three]), ['changed Two place', 'changed One place']],
  ['one that is gone', widget([one, three]), ['removed Two ']],
  ['one that is hidden', widget([one, { ...two, hidden: true }, three]), ['changed Two hidden']],
  [
    'a group that came, with one that moved into it',
    widget([one, { ...column([two, { ...words('New'), id: 'fresh' }]), id: 'group' }, three]),
    ['added Column ', 'changed Two place'],
  ],
  [
    'the widget as a whole',
    widget([one, two, three], { name: 'Other', placement: { type: 'corner' }, css: '.box{}' }),
    ['changed Other name, placement, custom CSS'],
  ],
])('%s', (_, after, differences) => {
  expect(found(after)).toEqual(differences);
});
