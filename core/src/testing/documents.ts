import fc from 'fast-check';
import { createElement, type Element } from '../document/elements/index.js';
import {
  createWidget,
  insertNew,
  newElements,
  applyOperation,
  type WidgetDocument,
} from '../document/widget/index.js';

/** Numbers from 0 up to 1 from a list, over and over: randomness that a test decides. */
export function fromList(values: readonly number[]): () => number {
  let at = 0;
  return () => values[at++ % values.length] ?? 0;
}

let ids = 0;
/** Ids that never repeat within a test run. */
export const freshRandom = (): number => ((ids++ * 2_654_435_761) % 2 ** 32) / 2 ** 32;

/** A widget with a heading, a paragraph and a form with a name, an address and a button. */
export function signup(): WidgetDocument {
  const document = createWidget('Signup');
  const add = (id: string, element: Element, parent: string) => {
    document.elements[id] = element;
    const holder = document.elements[parent];
    if (holder && 'children' in holder)
      document.elements[parent] = { ...holder, children: [...holder.children, id] };
  };
  add('title', { type: 'text', level: 2, content: [{ text: 'Sign up' }] }, 'opening');
  add('words', { type: 'text', level: 0, content: [{ text: 'Once a month.' }] }, 'opening');
  add('form', createElement('form'), 'opening');
  add('name', { type: 'field', kind: 'name', key: 'name', label: 'Name', required: false }, 'form');
  add('email', { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true }, 'form');
  add('send', createElement('button'), 'form');
  add('done', { type: 'text', level: 2, content: [{ text: 'Thank you' }] }, 'thanks');
  return document;
}

/** Documents of any shape that the editor can make: elements added one after another at any place. */
export const anyDocument: fc.Arbitrary<WidgetDocument> = fc
  .array(
    fc.tuple(
      fc.nat({ max: newElements.length - 1 }),
      fc.nat(),
      fc.string({ maxLength: 20, unit: 'grapheme' }),
    ),
    { maxLength: 25 },
  )
  .map((steps) => {
    let document = createWidget('Any');
    for (const [kind, where, words] of steps) {
      const ids = Object.keys(document.elements);
      const entry = newElements[kind];
      if (!entry) continue;
      const edit = insertNew(
        document,
        entry.element,
        ids[where % ids.length] ?? null,
        'opening',
        freshRandom,
      );
      if (!edit) continue;
      document = applyOperation(document, edit.operation).document;
      const element = document.elements[edit.id];
      if (element?.type === 'text') document = withWords(document, edit.id, words);
    }
    return document;
  });

function withWords(document: WidgetDocument, id: string, text: string): WidgetDocument {
  return applyOperation(document, { type: 'set', path: ['elements', id, 'content'], value: [{ text }] })
    .document;
}
