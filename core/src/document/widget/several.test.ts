import { buildWidget, column, email, field, form, heading, send, words } from '../../library/sketch/index.js';
import { validateDocument } from './validate.js';
import {
  applyOperation,
  branchOf,
  childrenOf,
  inTurn,
  insertBranch,
  moveByKey,
  pasteStyle,
  styleOf,
  topmost,
  type Operation,
  type WidgetDocument,
} from './index.js';

const document = buildWidget({
  name: 'Three',
  kind: 'popup',
  placement: { type: 'centre' },
  opening: [
    { ...heading('One'), id: 'one', style: { box: { base: { color: '#112233' } } } },
    { ...words('Two'), id: 'two' },
    { ...column([{ ...words('Inner'), id: 'inner' }]), id: 'three' },
    { ...form([{ ...email(), id: 'mail' }, send('Send')]), id: 'form' },
  ],
});

const random = () => {
  let at = 0;
  return () => (at = (at * 9301 + 49297) % 233280) / 233280;
};
const after = (operation: Operation | null, from = document): WidgetDocument => {
  if (!operation) throw new Error('There is nothing to do');
  return applyOperation(from, operation).document;
};
const opening = ({ elements }: WidgetDocument) => childrenOf(elements['opening']);

describe('several elements', () => {
  it('are taken in reading order, without those inside others and without roots', () => {
    expect(topmost(document, ['inner', 'three', 'one', 'opening', 'gone'])).toEqual(['one', 'three']);
  });

  it('are changed one after the other, as one step', () => {
    const remove = inTurn(document, ['one', 'two'], (_, id) => ({ type: 'remove', id }));
    expect(opening(after(remove))).toEqual(['three', 'form']);
    const down = inTurn(document, ['two', 'one'], (at, id) => moveByKey(at, id, 'down'));
    expect(opening(after(down))).toEqual(['three', 'one', 'two', 'form']);
    expect(inTurn(document, ['one'], () => null)).toBeNull();
  });

  it('take a style from another, for the parts they have', () => {
    const from = styleOf(document, 'one');
    if (!from) throw new Error('It is there');
    const pasted = after(
      pasteStyle(document, ['two', 'mail'], {
        ...from,
        look: 'loud',
        style: { ...from.style, label: { base: { color: '#445566' } } },
      }),
    );
    expect(pasted.elements['two']?.style).toEqual({ box: { base: { color: '#112233' } } });
    expect(pasted.elements['mail']?.style).toEqual({
      box: { base: { color: '#112233' } },
      label: { base: { color: '#445566' } },
    });
    // A heading's look is none for a paragraph.
    expect(pasted.elements['two']?.look).toBeUndefined();
    expect(styleOf(document, 'gone')).toBeNull();
  });
});

describe('a branch from elsewhere', () => {
  const put = (branch: ReturnType<typeof branchOf>, selected: string | null = null) =>
    insertBranch(document, branch, selected, 'opening', random());

  it('comes as a copy with ids of its own, behind what is selected', () => {
    const edit = put(branchOf(document, 'three'), 'one');
    const next = after(edit?.operation ?? null);
    expect(opening(next)[1]).toBe(edit?.id);
    expect(Object.keys(next.elements).length).toBe(Object.keys(document.elements).length + 2);
    expect(validateDocument(next)).toMatchObject({ ok: true });
  });

  it('keeps keys apart in the form it joins', () => {
    const other = buildWidget({
      name: 'Other',
      kind: 'form',
      placement: { type: 'inline' },
      opening: [form([{ ...field('email', 'email', 'Another'), id: 'another' }])],
    });
    const edit = insertBranch(document, branchOf(other, 'another'), 'mail', 'opening', random());
    const next = after(edit?.operation ?? null);
    expect(next.elements[edit?.id ?? '']).toMatchObject({ key: 'email2' });
    expect(validateDocument(next)).toMatchObject({ ok: true });
  });

  it('brings a form along where a field has none', () => {
    const edit = put(branchOf(document, 'mail'), 'one');
    const next = after(edit?.operation ?? null);
    const holder = opening(next)[1] ?? '';
    expect(next.elements[holder]).toMatchObject({ type: 'form', children: [edit?.id] });
  });

  it('goes outside the form where one can’t hold another', () => {
    const edit = put(branchOf(document, 'form'), 'mail');
    const next = after(edit?.operation ?? null);
    expect(opening(next).at(-1)).toBe(edit?.id);
    expect(validateDocument(next)).toMatchObject({ ok: true });
  });

  it('that is none is not put in', () => {
    expect(put({ root: 'x', elements: {} })).toBeNull();
  });
});
