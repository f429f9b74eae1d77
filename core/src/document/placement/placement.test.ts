import * as csstree from 'css-tree';
import { compileWidget } from '../../compile/index.js';
import { plainBrand } from '../../style/index.js';
import { schemaProblems } from '../../base/schema/schema-problems.js';
import { createWidget, validateDocument, type WidgetDocument } from '../widget/index.js';
import { rimCss, rimNames } from './rim.js';
import {
  closingOf,
  createPlacement,
  hasBackdrop,
  modeOf,
  placementDefinitions,
  rims,
  standOf,
  type Placement,
  type PlacementType,
} from './index.js';

const types = Object.keys(placementDefinitions) as PlacementType[];

describe.each(types)('the placement %s', (type) => {
  const placement = createPlacement(type);
  const definition = placementDefinitions[type];

  it('is sound as it is made', () => {
    expect(schemaProblems(definition.schema, placement, 'placement')).toEqual([]);
    expect(placement.type).toBe(type);
  });

  it('refuses what it does not know', () => {
    expect(schemaProblems(definition.schema, { ...placement, hat: 1 }, 'placement')).toMatchObject([
      { path: 'placement.hat' },
    ]);
  });

  it('writes CSS that can be read', () => {
    const mistakes: string[] = [];
    csstree.parse(definition.css(placement), { onParseError: ({ message }) => mistakes.push(message) });
    expect(mistakes).toEqual([]);
  });

  it('offers only what it has', () => {
    const known = Object.keys(definition.schema.properties);
    for (const { path } of definition.properties) expect(known).toContain(path[0]);
  });

  it('is said in a sentence', () => {
    expect(definition.help).toMatch(/^[A-Z].*\.$/);
  });

  it('keeps an overlay shut until it is opened, and never what is part of the page', () => {
    const { css } = compileWidget({ ...createWidget('Any'), placement }, plainBrand);
    expect(css.includes('.box:not([open],:popover-open){display:none}')).toBe(
      standOf(placement) !== 'inline',
    );
  });
});

test('what stands how', () => {
  const of = (read: (placement: Placement) => unknown) =>
    Object.fromEntries(types.map((type) => [type, read(createPlacement(type))]));
  expect(of(standOf)).toEqual({
    centre: 'modal',
    corner: 'popover',
    side: 'modal',
    bar: 'popover',
    cover: 'modal',
    anchored: 'popover',
    inline: 'inline',
    page: 'inline',
    launcher: 'popover',
  });
  expect(of(modeOf)).toMatchObject({ centre: 'overlay', bar: 'free', launcher: 'free', inline: 'inline' });
  expect(of(hasBackdrop)).toMatchObject({ centre: true, side: true, corner: false, inline: false });
  expect(of((one) => closingOf(one) !== null)).toMatchObject({ centre: true, inline: false, page: false });
});

describe('the eight places of the rim', () => {
  it('have names', () => {
    expect(Object.keys(rimNames)).toEqual([...rims]);
  });

  it.each([
    ['top-left', /top:max\(var\(--oy\).*left:max\(var\(--ox\)/],
    ['top', /top:max\(var\(--oy\).*left:0;right:0;margin-inline:auto/],
    ['right', /top:0;bottom:0;margin-block:auto;right:max\(var\(--ox\)/],
    ['bottom-right', /bottom:max\(var\(--oy\).*right:max\(var\(--ox\)/],
  ] as const)('%s', (at, css) => {
    expect(rimCss(at)).toMatch(css);
  });

  it('spare the safe areas of the screen', () => {
    for (const at of rims) expect(rimCss(at)).toMatch(/env\(safe-area-inset-/);
  });
});

test.each(['corner', 'launcher'] as const)(
  '%s: width and offsets are values of the box, narrower on a phone',
  (type) => {
    const placement = { ...createPlacement(type), offset: [10, 20], width: 300 } as Placement;
    const document = { ...createWidget('Any'), placement };
    const css = (style: WidgetDocument['style']) => compileWidget({ ...document, style }, plainBrand).css;
    expect(css({})).toContain('width:300px;--ox:10px;--oy:20px');
    expect(css({})).toContain('@media (max-width:600px){.box{--ox:16px;--oy:16px}');
    const own = css({ overlay: { box: { base: { width: 420, offsetX: 0 }, small: { width: '90%' } } } });
    expect(own).not.toContain('width:300px');
    expect(own).toMatch(/\.box\{[^}]*width:420px;--ox:0px/);
    expect(own).toMatch(/@media \(max-width:600px\)\{[^@]*width:90%/);
  },
);

test('what fills an edge of the window has straight corners', () => {
  for (const type of ['bar', 'cover', 'side', 'page'] as const) {
    const { css } = compileWidget({ ...createWidget('Any'), placement: createPlacement(type) }, plainBrand);
    expect(css).toMatch(/\.box\{[^}]*border-radius:0/);
  }
});

test.each<[Record<string, unknown>, string | null]>([
  [{ width: 640 }, '.box{max-width:100%}'],
  [{ width: '90%' }, '.box{max-width:100%}'],
  [{ width: '90%', align: 'center' }, '.box{max-width:100%;margin-inline:auto}'],
  [{ width: 640, align: 'end' }, '.box{max-width:100%;margin-inline:auto 0}'],
  [{ width: '150%' }, null],
  [{ width: '0%' }, null],
  [{ width: '12rem' }, null],
])('an inline box with %j is %s', (own, css) => {
  const placement = { ...createPlacement('inline'), ...own } as Placement;
  const document = { ...createWidget('Any'), placement };
  expect(validateDocument(document)).toMatchObject({ ok: css !== null });
  if (css === null) return;
  expect(placementDefinitions.inline.css(placement as never)).toBe(css);
  const width = typeof own['width'] === 'number' ? `${own['width']}px` : own['width'];
  expect(compileWidget(document, plainBrand).css).toMatch(new RegExp(`\\.box\\{[^}]*;width:${width}`));
});
