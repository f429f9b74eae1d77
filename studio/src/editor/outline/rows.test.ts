import { buildWidget, column, heading, words } from '@sirene/core/library/sketch';
import { outlineRows, rowsBetween } from './rows.js';

const document = buildWidget({
  name: 'Any',
  kind: 'popup',
  placement: { type: 'centre' },
  header: [{ ...heading('Top'), id: 'top' }],
  footer: [{ ...words('Foot'), id: 'foot' }],
  opening: [
    { ...heading('One'), id: 'one' },
    { ...column([{ ...words('Two'), id: 'two' }]), id: 'group' },
  ],
  scenes: { thanks: [{ ...words('Thanks'), id: 'done' }] },
});

test('a scene stands between header and footer', () => {
  expect(outlineRows(document, 'opening').map(({ id, depth, region }) => `${depth} ${region ?? id}`)).toEqual(
    ['0 Header', '1 top', '0 one', '0 group', '1 two', '0 Footer', '1 foot'],
  );
  expect(outlineRows(document, 'thanks').map(({ id }) => id)).toContain('done');
});

test('a scene that is not there is the opening', () => {
  expect(outlineRows(document, 'expired').map(({ id }) => id)).toContain('one');
});

test.each([
  ['one', 'two', ['one', 'group', 'two']],
  ['two', 'one', ['two', 'group', 'one']],
  ['two', 'foot', ['two', 'foot']],
  ['gone', 'one', ['one']],
])('from %s to %s', (from, to, ids) => {
  expect(rowsBetween(outlineRows(document, 'opening'), from, to)).toEqual(ids);
});
