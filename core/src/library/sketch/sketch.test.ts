import { validateDocument } from '../../document/widget/index.js';
import { buildWidget, column, dressed, field, heading, link, list, row, thanks, words } from './index.js';

const sketch = {
  name: 'Any',
  kind: 'popup',
  placement: { type: 'corner', at: 'top-left' },
  opening: [{ ...heading('Hello'), id: 'hello' }, row([words('Left'), column([link('On', '/on')])])],
} as const;

test('a widget is written out whole', () => {
  const document = buildWidget({ ...sketch, scenes: thanks('Thanks', 'Truly'), header: [heading('Top')] });
  expect(validateDocument(document)).toMatchObject({ ok: true });
  expect(document.elements['opening']).toMatchObject({
    children: ['hello', expect.stringMatching(/^e\d+$/)],
  });
  expect(document.placement).toMatchObject({ type: 'corner', at: 'top-left', width: 380, offset: [24, 24] });
  expect(Object.keys(document.scenes)).toEqual(['opening', 'thanks']);
  expect(document.regions).toEqual({ header: { root: 'header' } });
});

test('the same sketch is the same widget', () => {
  expect(buildWidget(sketch)).toEqual(buildWidget(sketch));
});

test('only what is said differs from the defaults', () => {
  const document = buildWidget({ ...sketch, behaviour: { priority: 3 } });
  expect(document.behaviour).toMatchObject({ priority: 3, triggers: { any: [{ type: 'load' }] } });
  expect(document).not.toHaveProperty('css');
  expect(document).not.toHaveProperty('motion');
});

test('what is dressed keeps what it wore', () => {
  const plain = heading('Hello', 2, { color: '#111111' });
  expect(dressed(plain, { fontSize: 30 }, { fontSize: 20 })['style']).toEqual({
    box: { base: { color: '#111111', fontSize: 30 }, small: { fontSize: 20 } },
  });
  expect(plain['style']).toEqual({ box: { base: { color: '#111111' } } });
});

test('kinds of fields that offer choices come with some', () => {
  expect(field('choice', 'one', 'Which')['options']).toEqual(['First', 'Second', 'Third']);
  expect(field('choice', 'one', 'Which', { options: ['A'] })['options']).toEqual(['A']);
  expect(field('email', 'mail', 'Mail')).not.toHaveProperty('options');
});

test('a list is its lines', () => {
  expect(list(['One', 'Two'], 'moon')).toMatchObject({
    icon: 'moon',
    items: [{ words: 'One' }, { words: 'Two' }],
  });
});
