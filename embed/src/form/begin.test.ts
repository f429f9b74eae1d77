import type { FieldRule, FormRule } from '@sirene/core/form';
import * as part from '../parts/form.js';
import * as check from './check.js';
import { greet } from './greet.js';

const field = (key: string, kind: string, more: Partial<FieldRule> = {}): FieldRule => ({
  element: `e-${key}`,
  key,
  kind,
  label: key,
  required: false,
  maxLength: 200,
  messages: {},
  ...more,
});
const rule: FormRule = {
  fields: [
    field('plan', 'choice', { options: ['Gold', 'Tin'], required: true }),
    field('name', 'name', { required: true, messages: { missing: 'Your name, please' } }),
    field('seats', 'number', { max: '9', messages: { tooLarge: 'to {limit}' } }),
    field('total', 'number', { program: ['$seats', 4.5, '*'] }),
    field('pass', 'password'),
    field('from', 'text'),
  ],
  shows: { hint: { all: [{ type: 'answer', field: 'plan', how: 'equals', value: 'Gold' }] } },
};
const box = (key: string, inner: string, more = '') =>
  `<div data-e="e-${key}" ${more}>${inner}<p id="e-${key}-error"></p></div>`;
const html = `<form data-e="f" data-step-of="Step {count} of {total}: {name}">
  <ol class="progress"><li aria-current="step">Plan</li><li>You</li></ol>
  <div class="turn"><div role="group" aria-label="Plan">
    ${box('plan', '<input type="radio" name="plan" value="Gold"><input type="radio" name="plan" value="Tin">')}
    <p data-e="hint">Gold is gold</p>
    ${box('seats', '<input name="seats">')}<button data-act="next"></button></div></div>
  <div class="turn" hidden><div role="group" aria-label="You">
    ${box('name', '<input name="name">', 'data-parameter="who"')}
    ${box('pass', '<input name="pass" type="password">')}
    <button type="button" data-act="back"></button></div></div>
  <output data-calculated="total" data-currency="EUR" data-locale="en"></output>
  <input type="hidden" name="from" data-source="parameter" data-value="utm_source">
  <div class="faults" hidden><p></p></div><p class="status"></p></form>`;

/** As pages do it: what checks a form follows what brings it to life. */
const begin = (of: HTMLElement, by: FormRule, keptAs?: string) => {
  part.begin(of, by, keptAs);
  check.watch(of, by, part);
};
const goOn = (of: HTMLElement, by: FormRule) => check.goOn(of, by, part);
const form = () => document.querySelector('form') as HTMLFormElement;
const of = <E extends Element = HTMLInputElement>(selector: string) =>
  document.querySelector(selector) as unknown as E;
const enter = (selector: string, value: string) => {
  of(selector).value = value;
  of(selector).dispatchEvent(new Event('input', { bubbles: true }));
};
const shown = () => [...document.querySelectorAll<HTMLElement>('.turn')].findIndex(({ hidden }) => !hidden);

beforeEach(() => {
  sessionStorage.clear();
  history.replaceState(null, '', '/?who=Mira&utm_source=letter');
  document.body.innerHTML = html;
});

test('a form fills in what the address says, and shows what its conditions let be shown', () => {
  begin(form(), rule);
  expect([of('[name=name]').value, of('[name=from]').value]).toEqual(['Mira', 'letter']);
  expect(of<HTMLElement>('[data-e=hint]').hidden).toBe(true);
  of('[value=Gold]').checked = true;
  enter('[name=seats]', '4');
  expect(of<HTMLElement>('[data-e=hint]').hidden).toBe(false);
  expect(of('output').textContent).toBe('€18');
});

test('the next step is shown once this one is right; at the end all of it is', () => {
  begin(form(), rule);
  enter('[name=name]', '');
  expect(goOn(form(), rule)).toBeNull();
  expect([shown(), document.activeElement === of('[value=Gold]')]).toEqual([0, true]);
  of('[value=Tin]').checked = true;
  expect(goOn(form(), rule)).toBeNull();
  expect([shown(), document.activeElement?.getAttribute('aria-label')]).toEqual([1, 'Step 2 of 2: You']);
  expect([...document.querySelectorAll('li')].map((one) => one.getAttribute('aria-current'))).toEqual([
    null,
    'step',
  ]);
  expect(goOn(form(), rule)).toBeNull();
  expect(of('#e-name-error').textContent).toBe('Your name, please');
  enter('[name=name]', 'Mira Stone');
  expect(of('#e-name-error').textContent).toBe('');
  expect(goOn(form(), rule)).toEqual({
    plan: 'Tin',
    name: 'Mira Stone',
    seats: '',
    total: '0',
    pass: '',
    from: 'letter',
  });
  of<HTMLElement>('[data-act=back]').click();
  expect(shown()).toBe(0);
});

test('a mistake in an earlier step leads back to it', () => {
  begin(form(), rule);
  of('[value=Tin]').checked = true;
  goOn(form(), rule);
  of('[value=Tin]').checked = false;
  expect(goOn(form(), rule)).toBeNull();
  expect(shown()).toBe(0);
});

test('what is wrong with a field is said when it is left, not while one types', () => {
  begin(form(), rule);
  enter('[name=seats]', '12');
  expect(of('#e-seats-error').textContent).toBe('');
  of('[name=seats]').dispatchEvent(new FocusEvent('focusout', { bubbles: true }));
  expect(of('#e-seats-error').textContent).toBe('to 9');
  enter('[name=seats]', '9');
  expect(of('#e-seats-error').textContent).toBe('');
});

test('what was typed is there again after a reload, at its step; a password is not', () => {
  begin(form(), rule, 'w:f');
  of('[value=Gold]').checked = true;
  goOn(form(), rule);
  enter('[name=pass]', 'open sesame');
  enter('[name=seats]', '3');
  expect(JSON.stringify({ ...sessionStorage })).not.toContain('sesame');
  document.body.innerHTML = html;
  begin(form(), rule, 'w:f');
  expect([of('[value=Gold]').checked, of('[name=seats]').value, shown()]).toEqual([true, '3', 1]);
  document.body.innerHTML = html;
  begin(form(), rule, 'other:f');
  expect([of('[value=Gold]').checked, shown()]).toEqual([false, 0]);
});

test('who was faster than the script keeps what they entered', () => {
  of('[name=name]').value = 'Jory';
  begin(form(), rule, 'w:f');
  expect(of('[name=name]').value).toBe('Jory');
});

test.each([
  '{broken',
  'null',
  '[]',
  '{"values":[1]}',
  '{"values":{"seats":7},"step":"x"}',
  '{"values":{},"step":99}',
])('a note of another’s in the tab’s storage is as if there were none: %s', (note) => {
  sessionStorage.setItem('sirene:typed:w:f', note);
  begin(form(), rule, 'w:f');
  expect([of('[name=seats]').value, shown()]).toEqual(['', 0]);
});

test('many mistakes are listed, each line leads to its field, and goes once it is right', () => {
  document.body.innerHTML = `<form>${['a', 'b', 'c'].map((key) => box(key, `<input name="${key}">`)).join('')}
    <div class="faults" tabindex="-1" hidden><p></p></div></form>`;
  const three = { fields: ['a', 'b', 'c'].map((key) => field(key, 'text', { required: true })) };
  begin(form(), three);
  goOn(form(), three);
  expect([of<HTMLElement>('.faults').hidden, document.activeElement]).toEqual([false, of('.faults')]);
  of<HTMLElement>('li:nth-child(2) a').click();
  expect(document.activeElement).toBe(of('[name=b]'));
  for (const [at, key] of ['a', 'b', 'c'].entries()) {
    expect(document.querySelectorAll('li')).toHaveLength(3 - at);
    enter(`[name=${key}]`, 'x');
  }
  expect(of<HTMLElement>('.faults').hidden).toBe(true);
});

test('answers stand in texts as texts', () => {
  document.body.innerHTML =
    '<div><h2>Thank you, {{name}}</h2><p title="{{name}}">{{nothing}} <b>{{plan}}</b></p></div>';
  greet(document.body, { name: '<img src=x onerror=alert(1)>', plan: 'Gold' });
  expect(document.querySelector('img')).toBeNull();
  expect(document.body.textContent).toBe('Thank you, <img src=x onerror=alert(1)> Gold');
});
