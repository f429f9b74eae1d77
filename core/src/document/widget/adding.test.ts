import { valueAt } from '../../base/maps/index.js';
import { freshRandom, signup } from '../../testing/documents.js';
import { checkDocument } from '../../review/check/index.js';
import { plainBrand } from '../../style/index.js';
import {
  applyOperation,
  childrenOf,
  createWidget,
  insertNew,
  newElements,
  parentOf,
  validateDocument,
  type SceneName,
  type WidgetDocument,
} from './index.js';

const offered = (label: string) => {
  const entry = newElements.find((one) => one.label === label);
  if (!entry) throw new Error(`${label} is not offered`);
  return entry.element;
};

function add(
  document: WidgetDocument,
  label: string,
  selected: string | null = null,
  scene: SceneName = 'opening',
): { document: WidgetDocument; id: string } {
  const edit = insertNew(document, offered(label), selected, scene, freshRandom);
  if (!edit) throw new Error('nowhere to stand');
  const after = applyOperation(document, edit.operation).document;
  expect(validateDocument(after)).toMatchObject({ ok: true });
  return { document: after, id: edit.id };
}

const isDead = (document: WidgetDocument) =>
  checkDocument(document, plainBrand).filter(({ text }) =>
    /submit button|thank-you message is empty/.test(text),
  );

const at = (document: WidgetDocument, id: string) => valueAt(document.elements, id);

describe('a new form', () => {
  it.each(['Form', 'One-line signup', 'E-mail field', 'Donation amounts'])(
    'added as %s can be sent and says thank you',
    (label) => {
      const { document } = add(createWidget('Empty'), label);
      expect(isDead(document)).toEqual([]);
      expect(childrenOf(at(document, 'thanks'))).toHaveLength(2);
    },
  );

  it('leaves the thanks alone that are there', () => {
    const start = signup();
    const { document } = add(applyOperation(start, { type: 'remove', id: 'form' }).document, 'Form');
    expect(childrenOf(at(document, 'thanks'))).toEqual(['done']);
  });

  it('writes no thanks where another page follows', () => {
    const start = applyOperation(createWidget('Empty'), {
      type: 'set',
      path: ['afterwards', 'visitor'],
      value: { type: 'page', address: '/thanks' },
    }).document;
    expect(childrenOf(at(add(start, 'Form').document, 'thanks'))).toEqual([]);
  });
});

describe('a new field', () => {
  it.each([null, 'title', 'words', 'form', 'send'])(
    'goes into the form of the scene, before its button (%s)',
    (selected) => {
      const { document, id } = add(signup(), 'E-mail field', selected);
      expect(childrenOf(at(document, 'form'))).toEqual(['name', 'email', id, 'send']);
      expect(at(document, id)).toMatchObject({ key: 'email2' });
    },
  );

  it('goes behind the field that is selected', () => {
    const { document, id } = add(signup(), 'E-mail field', 'name');
    expect(childrenOf(at(document, 'form'))).toEqual(['name', id, 'email', 'send']);
  });

  it('goes into a row of the form that is selected', () => {
    const row = add(signup(), 'Row', 'name');
    const { document, id } = add(row.document, 'E-mail field', row.id);
    expect(parentOf(document.elements, id)).toBe(row.id);
    expect(isDead(document)).toEqual([]);
  });

  it('goes into the form from a row beside it', () => {
    const row = add(signup(), 'Row', 'words');
    const { document, id } = add(row.document, 'E-mail field', row.id);
    expect(parentOf(document.elements, id)).toBe('form');
  });
});

describe('a new button', () => {
  it('sends a form that nothing sends yet, from wherever it is added', () => {
    const start = applyOperation(signup(), { type: 'remove', id: 'send' }).document;
    for (const selected of [null, 'title', 'form', 'email']) {
      const { document, id } = add(start, 'Button', selected);
      expect(parentOf(document.elements, id)).toBe('form');
      expect(at(document, id)).toMatchObject({ action: { type: 'submit' } });
      expect(isDead(document)).toEqual([]);
    }
  });

  it('leads somewhere where there is nothing to send', () => {
    for (const start of [createWidget('Empty'), signup()]) {
      const { document, id } = add(start, 'Button');
      expect(at(document, id)).toMatchObject({ action: { type: 'link' } });
      expect(isDead(document)).toEqual([]);
    }
  });
});
