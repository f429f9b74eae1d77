import { compileWidget } from '../../compile/index.js';
import { checkForm } from '../../form/index.js';
import { buildWidget, form, send } from '../../library/sketch/index.js';
import { plainBrand } from '../../style/index.js';
import { createElement } from './index.js';

const whole = {
  prefix: 'Title',
  given: 'First name',
  additional: 'Middle name',
  family: 'Last name',
  suffix: 'Suffix',
};

function compiled(more: object) {
  const widget = buildWidget({
    name: 'Signup',
    kind: 'form',
    placement: { type: 'inline' },
    opening: [form([{ ...createElement('full-name'), ...more } as never, send('Send')])],
  });
  const { scenes, forms } = compileWidget(widget, plainBrand);
  return { html: scenes.opening ?? '', rules: forms };
}

const namesIn = (html: string) =>
  Array.from(html.matchAll(/<input[^>]* name="(name-[a-z]+)"/g), ([, name]) => name);

test.each([
  [{}, ['name-given', 'name-family']],
  [{ order: 'family-given' }, ['name-family', 'name-given']],
  [{ lines: { given: 'Name' } }, ['name-given']],
  [{ lines: whole }, ['name-prefix', 'name-given', 'name-additional', 'name-family', 'name-suffix']],
  [
    { lines: whole, order: 'family-given' },
    ['name-prefix', 'name-family', 'name-given', 'name-additional', 'name-suffix'],
  ],
])('%j is asked for as %j', (more, names) => {
  const { html, rules } = compiled(more);
  expect(namesIn(html)).toEqual(names);
  expect(Object.values(rules)[0]?.fields.map(({ key }) => key)).toEqual(names);
});

test('each part says to the browser what it is (HTML, autofill)', () => {
  const { html } = compiled({ lines: whole });
  expect(
    Array.from(html.matchAll(/name="name-[a-z]+" autocomplete="([a-z-]+)"/g), ([, token]) => token),
  ).toEqual(['honorific-prefix', 'given-name', 'additional-name', 'family-name', 'honorific-suffix']);
});

test('required, it asks for first and last name, and for nothing that few have', () => {
  const { rules } = compiled({ lines: whole, required: true });
  const [rule] = Object.values(rules);
  if (!rule) throw new Error('There is no form');
  const { faults } = checkForm(rule, {}, { from: 0, to: 0 });
  expect(faults.map(({ key, problem }) => [key, problem])).toEqual([
    ['name-given', 'missing'],
    ['name-family', 'missing'],
  ]);
  const named = { 'name-given': ' Ada  Maria ', 'name-family': 'Lovelace' };
  expect(checkForm(rule, named, { from: 0, to: 0 })).toMatchObject({
    faults: [],
    values: { 'name-given': 'Ada Maria', 'name-family': 'Lovelace' },
  });
});
