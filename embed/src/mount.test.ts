import { compileWidget, type CompiledWidget } from '@sirene/core/compile';
import { completeBrand } from '@sirene/core/style';
import { createElement } from '@sirene/core/document/elements';
import {
  changePlacement,
  applyOperation,
  createWidget,
  type WidgetDocument,
} from '@sirene/core/document/widget';
import { mount, type Mounted, type MountPort } from './mount.js';
import { patch } from './patch.js';
import { standIn } from './testing/platform.js';

const brand = completeBrand(null);
const platform = standIn();

beforeEach(() => {
  platform.shown.length = 0;
  document.body.innerHTML = '<button id="before">Before</button><div data-sirene="here"></div>';
});

function signup(type: 'centre' | 'corner' | 'inline'): WidgetDocument {
  const start = createWidget('Letter');
  start.elements = {
    opening: { type: 'group', direction: 'column', children: ['title', 'form', 'no'] },
    thanks: { type: 'group', direction: 'column', children: ['done'] },
    title: { type: 'text', level: 2, content: [{ text: 'Sky letter' }] },
    form: { type: 'form', children: ['email', 'send'] },
    email: { type: 'field', kind: 'email', key: 'email', label: 'E-mail', required: true },
    send: createElement('button'),
    no: { type: 'button', label: 'No, thanks', action: { type: 'close' }, wide: false },
    done: { type: 'text', level: 2, content: [{ text: 'Thank you' }] },
  };
  return applyOperation(start, changePlacement(start, type)).document;
}

interface Stage {
  mounted: Mounted;
  heard: string[];
}

function put(body: CompiledWidget, takesFocus = true): Stage {
  const heard: string[] = [];
  const port: MountPort = {
    base: 'https://sirene.example',
    takesFocus,
    close: () => heard.push('close'),
    submit: (_, id) => heard.push(`submit ${id}`),
  };
  const mounted = mount(document, body, document.querySelector('[data-sirene]'), port);
  return { mounted, heard };
}

const compile = (type: 'centre' | 'corner' | 'inline') => compileWidget(signup(type), brand);
const press = (key: string) =>
  document.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }));

test('a centre widget is a modal dialog with a name, in a shadow root', () => {
  const { mounted } = put(compile('centre'));
  expect(mounted.box.tagName).toBe('DIALOG');
  expect(mounted.box.getAttribute('aria-label')).toBe('Sky letter');
  expect(platform.shown).toEqual(['modal']);
  expect(document.body.textContent).not.toContain('Sky letter');
});

test('a corner widget stands in the top layer and leaves the focus alone', () => {
  document.getElementById('before')?.focus();
  const { mounted } = put(compile('corner'));
  expect(platform.shown).toEqual(['popover']);
  expect(mounted.box.getAttribute('role')).toBe('dialog');
  expect(document.activeElement?.id).toBe('before');
});

test('on the stage even a centre widget leaves the focus alone', () => {
  put(compile('centre'), false);
  expect(platform.shown).toEqual(['popover']);
});

test('an inline widget stands in its marker', () => {
  const { mounted } = put(compile('inline'));
  expect(mounted.host.parentElement?.dataset['sirene']).toBe('here');
  expect(mounted.root.querySelector('.close')).toBeNull();
});

test('the close button, its own buttons and Esc ask to close', () => {
  const { mounted, heard } = put(compile('corner'));
  mounted.root.querySelector<HTMLElement>('.close')?.click();
  mounted.root.querySelector<HTMLElement>('[data-e=no]')?.click();
  press('Escape');
  press('a');
  expect(heard).toEqual(['close', 'close', 'close']);
});

test('Esc does nothing where it is switched off, or where the page has used it', () => {
  const body = compile('corner');
  const closing = { button: true, escape: false, backdrop: false };
  const { heard } = put({
    ...body,
    placement: { ...body.placement, closing } as CompiledWidget['placement'],
  });
  press('Escape');
  const other = put(body);
  const event = new KeyboardEvent('keydown', { key: 'Escape', cancelable: true });
  event.preventDefault();
  document.dispatchEvent(event);
  expect([heard, other.heard]).toEqual([[], []]);
});

test('a modal is closed by its port only, so that what is seen and what is remembered agree', () => {
  const { mounted, heard } = put(compile('centre'));
  const cancel = new Event('cancel', { cancelable: true });
  mounted.box.dispatchEvent(cancel);
  expect([heard, cancel.defaultPrevented]).toEqual([['close'], true]);
});

test('sending a form goes to the port and nowhere else', () => {
  const { mounted, heard } = put(compile('inline'));
  const event = new Event('submit', { bubbles: true, cancelable: true });
  mounted.root.querySelector('form')?.dispatchEvent(event);
  expect([heard, event.defaultPrevented]).toEqual([['submit form'], true]);
});

test('unmounting leaves no trace and gives the focus back where the widget had it', () => {
  document.getElementById('before')?.focus();
  const before = document.body.innerHTML;
  const { mounted, heard } = put(compile('corner'));
  mounted.root.querySelector<HTMLInputElement>('[name=email]')?.focus();
  mounted.unmount();
  press('Escape');
  expect(heard).toEqual([]);
  expect(document.body.innerHTML).toBe(before);
  expect(document.activeElement?.id).toBe('before');
});

test('another scene takes the place of the first and the focus with it', () => {
  const { mounted } = put(compile('centre'));
  mounted.show('thanks', true);
  expect(mounted.box.textContent).toContain('Thank you');
  expect(mounted.box.textContent).not.toContain('Sky letter');
  expect(mounted.root.activeElement?.className).toBe('scene');
});

describe('patching', () => {
  const change = (words: string) => {
    const start = signup('corner');
    return compileWidget(
      applyOperation(start, { type: 'set', path: ['elements', 'title', 'content'], value: [{ text: words }] })
        .document,
      brand,
    );
  };

  test('only what differs is touched', () => {
    const { mounted } = put(compile('corner'));
    const input = mounted.root.querySelector('input');
    const heading = mounted.root.querySelector('h2');
    expect(patch(mounted, change('New words'), 'opening', null, '')).toBe(true);
    expect(mounted.root.querySelector('input')).toBe(input);
    expect(mounted.root.querySelector('h2')).toBe(heading);
    expect(heading?.textContent).toBe('New words');
    expect(mounted.box.getAttribute('aria-label')).toBe('New words');
  });

  test('text that is being edited on the stage is not written over', () => {
    const { mounted } = put(compile('corner'));
    const heading = mounted.root.querySelector('h2') as HTMLElement;
    heading.innerHTML = 'Half ty';
    patch(mounted, change('Half ty'), 'opening', 'title', '');
    patch(mounted, change('Something else'), 'opening', 'title', '');
    expect(heading.textContent).toBe('Half ty');
  });

  test('a new scene, the close button and the style follow', () => {
    const { mounted } = put(compile('corner'));
    const body = compile('corner');
    const next = { ...body, css: '.box{color:red}', close: '' };
    patch(mounted, next, 'thanks', null, '');
    expect(mounted.root.querySelector('.close')).toBeNull();
    expect(mounted.box.textContent).toBe('Thank you');
    expect((mounted.sheet as unknown as { text: string }).text).toMatch(/}\.box\{color:red\}$/);
  });

  test('a placement of another kind has to be mounted anew', () => {
    const { mounted } = put(compile('corner'));
    expect(patch(mounted, compile('inline'), 'opening', null, '')).toBe(false);
  });
});
