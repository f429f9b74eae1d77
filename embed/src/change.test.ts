import { createElement, type Element } from '@sirene/core/document/elements';
import { compileWidget, htmlOf } from '@sirene/core/compile';
import { completeBrand } from '@sirene/core/style';
import { applyOperation, type Operation, type WidgetDocument } from '@sirene/core/document/widget';
import { changeOf } from './change.js';
import { boxHtml, mount } from './mount.js';
import { patch } from './patch.js';
import { standIn } from './testing/platform.js';
import { signup } from '../../core/src/testing/documents.js';

standIn();
const brand = completeBrand(null);
const start = signup();
const set = (path: string[], value: unknown): Operation => ({ type: 'set', path, value });
const one = (id: string, element: Element, parent: string, at: number): Operation => ({
  type: 'insert',
  branch: { root: id, elements: { [id]: element } },
  parent,
  at,
});
const after = (operation: Operation): WidgetDocument => applyOperation(start, operation).document;
const htmlIn = (document: WidgetDocument) => boxHtml(compileWidget(document, brand), 'opening');

const edits: [string, Operation, string | null][] = [
  ['a text', set(['elements', 'title', 'content'], [{ text: 'Sign in' }]), 'title'],
  ['the start of a text', set(['elements', 'title', 'content'], [{ text: 'My sign up' }]), 'title'],
  ['the tag of a heading, which begins before its id', set(['elements', 'title', 'level'], 4), 'opening'],
  ['a field deep in it', set(['elements', 'email', 'label'], 'Address'), 'email'],
  ['a new element', one('new', createElement('badge'), 'form', 1), 'form'],
  ['an element like the one before it', one('new', createElement('button'), 'form', 3), 'form'],
  ['an element less', { type: 'remove', id: 'email' }, 'form'],
  ['an element that is hidden', set(['elements', 'words', 'hidden'], true), 'opening'],
  ['a style of its own', set(['elements', 'send', 'style', 'box', 'base', 'radius'], 3), 'send'],
  ['the first element', { type: 'remove', id: 'title' }, 'opening'],
  [
    'two elements',
    {
      type: 'group',
      operations: [
        set(['elements', 'name', 'label'], 'You'),
        set(['elements', 'email', 'label'], 'Your address'),
      ],
    },
    'form',
  ],
];

test.each(edits)('%s is found as what has changed', (_, operation, id) => {
  const before = htmlIn(start);
  const next = after(operation);
  const change = changeOf(before, htmlIn(next), (of) => htmlOf(next, of));
  expect(change?.id ?? null).toBe(id);
  expect(change?.html).toBe(htmlOf(next, id ?? ''));
});

test('what no element holds is not said to be in one', () => {
  const next = after({ type: 'group', operations: [] });
  const before = htmlIn(start);
  expect(changeOf(before, `<i></i>${before}`, (id) => htmlOf(next, id))).toBeNull();
  expect(changeOf(before, before.replace('Sign', 'sign'), () => undefined)).toBeNull();
});

test.each(edits)(
  '%s: the stage is as if it had been written anew, and keeps what is the same',
  (_, operation) => {
    document.body.innerHTML = '';
    const port = { base: '', takesFocus: false, close: () => {}, submit: () => {} };
    const mounted = mount(document, compileWidget(start, brand), null, port);
    const opening = mounted.box.querySelector('[data-e=opening]');
    const next = after(operation);
    const body = compileWidget(next, brand);
    patch(mounted, body, 'opening', null, '', (id) => htmlOf(next, id));
    const fresh = document.createElement('div');
    fresh.innerHTML = boxHtml(body, 'opening');
    expect(mounted.box.innerHTML).toBe(fresh.innerHTML);
    expect(mounted.box.querySelector('[data-e=opening]')).toBe(opening);
  },
);
