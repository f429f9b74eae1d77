import { jest } from '@jest/globals';
import { Type } from '@sinclair/typebox';
import { definePlacement, strict } from './definition.js';

// A placement that is made here alone, with its line in the registry: it is known everywhere.
const ribbon = definePlacement({
  type: 'ribbon',
  label: 'Ribbon',
  help: 'Across the window, aslant.',
  schema: Type.Object(
    { type: Type.Literal('ribbon'), width: Type.Number({ minimum: 40, maximum: 400 }) },
    strict,
  ),
  stand: 'popover',
  mode: 'free',
  slot: () => 'top',
  create: () => ({ type: 'ribbon', width: 120 }),
  phrase: ({ width }) => `as a ribbon of ${width} px`,
  handle: () => ({ edge: 'right', times: 1, range: [40, 400] }),
  preview: ({ width }) => ({ width, least: 99 }),
  properties: [{ path: ['width'], label: 'Width', control: 'number', always: true, min: 40, max: 400 }],
  css: () => '.box{rotate:-45deg}',
});

const known = await import('./registry.js');
jest.unstable_mockModule('./registry.js', () => ({ definitions: { ...known.definitions, ribbon } }));
const { compileWidget } = await import('../../compile/index.js');
const { ruleSentence } = await import('../../review/sentence/index.js');
const { plainBrand } = await import('../../style/index.js');
const { signup } = await import('../../testing/documents.js');
const { validateDocument, widgetSchema } = await import('../widget/index.js');
const { handleOf, modeOf, placementDefinitions, placementPhrase, previewSize } = await import('./index.js');

const on = (placement: object = ribbon.create()) => ({ ...signup(), placement }) as never;
const placement = ribbon.create() as never;

test('a new placement is part of the document, with its limits', () => {
  expect(validateDocument(on())).toMatchObject({ ok: true });
  expect(validateDocument(on({ type: 'ribbon', width: 7 }))).toMatchObject({ ok: false });
  expect(JSON.stringify(widgetSchema())).toContain('"ribbon"');
});

test('visitors get its CSS, and the machine its place', () => {
  expect(compileWidget(on(), plainBrand)).toMatchObject({ stand: 'popover', placement: { type: 'ribbon' } });
  expect(compileWidget(on(), plainBrand).css).toContain('rotate:-45deg');
  expect(modeOf(placement)).toBe('free');
});

test('the studio says it, offers it, draws it and previews it', () => {
  expect(placementPhrase(placement)).toBe('as a ribbon of 120 px');
  expect(ruleSentence(on())).toMatch(/^Appears /);
  expect(Object.values(placementDefinitions).map(({ label }) => label)).toContain('Ribbon');
  expect(handleOf(placement)).toEqual({ edge: 'right', times: 1, range: [40, 400] });
  expect(previewSize(placement)).toEqual({ width: 120, least: 99 });
});
