import { jest } from '@jest/globals';
import type { FieldCheck, FieldKind, FieldSpec } from './field.js';

// A kind of field that is made here alone, with its line in each list of the registry: it is known everywhere.
const postcode: FieldKind = { tidy: (value) => value.trim().toUpperCase() };
const postcodeCheck: FieldCheck = { accepts: (value) => /^\d{4}[A-Z]{2}$/.test(value) };
const postcodeSpec = {
  kind: 'postcode',
  label: 'Postcode',
  icon: 'map-pin',
  key: 'postcode',
  tag: 'input',
  attributes: { type: 'text', autocomplete: 'postal-code' },
  maxLength: 10,
  asks: 'Your postcode',
} as const satisfies FieldSpec;

const known = await import('./registry.js');
jest.unstable_mockModule('./registry.js', () => ({
  fieldKinds: { ...known.fieldKinds, postcode },
  fieldChecks: { ...known.fieldChecks, postcode: postcodeCheck },
  fieldSpecs: [...known.fieldSpecs, postcodeSpec],
}));
const { compileWidget } = await import('../compile/index.js');
const { insertNew, newElements, validateDocument, widgetSchema } =
  await import('../document/widget/index.js');
const { plainBrand } = await import('../style/index.js');
const { signup } = await import('../testing/documents.js');
const { checkForm } = await import('./index.js');

const field = { type: 'field', kind: 'postcode', key: 'code', label: 'Code', required: true };
const document = () => {
  const base = signup();
  return { ...base, elements: { ...base.elements, name: field } } as never;
};

test('a new kind of field is part of the document, and one that nobody knows is not', () => {
  expect(validateDocument(document())).toMatchObject({ ok: true });
  expect(JSON.stringify(widgetSchema())).toContain('"postcode"');
  const strange = structuredClone(document()) as { elements: { name: { kind: string } } };
  strange.elements.name.kind = 'pigeon';
  expect(validateDocument(strange)).toMatchObject({ ok: false });
});

test('the menu offers it, ready to be filled in', () => {
  const offer = newElements.find(({ label }) => label === 'Postcode field');
  const edit = insertNew(signup(), offer?.element as never, 'email', 'opening', Math.random);
  expect(JSON.stringify(edit?.operation)).toContain('Your postcode');
});

test('page and server check by it, in one way', () => {
  const { scenes, forms } = compileWidget(document(), plainBrand);
  expect(scenes.opening).toMatch(/<input[^>]* autocomplete="postal-code"/);
  const [rule] = Object.values(forms);
  const checked = (code: string) => checkForm(rule as never, { code, email: 'mira@stone.example' });
  expect(checked(' 1012ab ')).toMatchObject({ values: { code: '1012AB' }, faults: [] });
  expect(checked('1012').faults).toMatchObject([{ key: 'code', problem: 'malformed' }]);
  expect(checked('').faults).toMatchObject([{ key: 'code', problem: 'missing' }]);
});
