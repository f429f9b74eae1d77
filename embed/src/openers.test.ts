/** @jest-environment jsdom */
import { openers } from './openers.ts';
import { reachable } from './reachable.ts';

const opened: string[] = [];
const known = ['letter', 'circle night'];

function page(html: string, hash = ''): void {
  document.body.innerHTML = html;
  location.hash = hash;
  opened.length = 0;
}

beforeAll(() =>
  openers(document, (name) => {
    if (!known.includes(name)) return false;
    opened.push(name);
    return true;
  }),
);

const press = (
  selector: string,
  event: Event = new MouseEvent('click', { bubbles: true, cancelable: true }),
) => {
  document.querySelector(selector)?.dispatchEvent(event);
  return event.defaultPrevented;
};
const key = (name: string) => new KeyboardEvent('keydown', { key: name, bubbles: true, cancelable: true });

test('a press on a marked element, or on what it holds, opens the widget', () => {
  page('<button data-sirene-open="letter"><b>Write</b></button>');
  expect(press('b')).toBe(true);
  expect(opened).toEqual(['letter']);
});

test('a marked element that is none to be pressed is reached and pressed by keyboard', () => {
  page('<p data-sirene-open="letter">Write</p><button data-sirene-open="letter">Write</button>');
  reachable(document);
  const paragraph = document.querySelector('p');
  expect([paragraph?.tabIndex, paragraph?.getAttribute('role')]).toEqual([0, 'button']);
  expect(press('p', key('Enter')) && press('p', key(' '))).toBe(true);
  expect(press('p', key('x'))).toBe(false);
  // A button makes a click of the key itself: heard twice, it would open twice.
  expect(press('button', key('Enter'))).toBe(false);
  expect(opened).toEqual(['letter', 'letter']);
});

test.each([
  ['a link to its name', '<a href="#letter">Write</a>', ['letter']],
  ['a name that has to be written in escapes', '<a href="#circle%20night">Come</a>', ['circle night']],
  ['a link to a part of the page', '<a href="#letter">Write</a><h2 id="letter">Letters</h2>', []],
  ['a link to nothing known', '<a href="#foot">Down</a>', []],
  ['a link that is no address', '<a href="#%zz">Down</a>', []],
  ['a link elsewhere', '<a href="/x#letter">Away</a>', []],
])('%s', (_, html, expected) => {
  page(html);
  expect(press('a')).toBe(expected.length > 0);
  expect(opened).toEqual(expected);
});

test('what the page has handled already is left alone', () => {
  page('<a href="#letter">Write</a>');
  document.querySelector('a')?.addEventListener('click', (event) => event.preventDefault(), { once: true });
  press('a');
  expect(opened).toEqual([]);
});

test('an address that ends in its name opens it', () => {
  page('');
  history.replaceState(null, '', '#letter');
  window.dispatchEvent(new HashChangeEvent('hashchange'));
  expect(opened).toEqual(['letter']);
});
