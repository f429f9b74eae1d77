import { h, type Html } from '../../base/html/index.js';

/**
 * What a shape is painted with, all of the brand: `wash` and `tint` are its accent let through, so that they are seen on
 * any background; `line` and `thin` are drawn in the colour of the text around.
 */
export type Paint = 'wash' | 'tint' | 'fill' | 'deep' | 'paper' | 'line' | 'thin' | 'light';

const fills: Partial<Record<Paint, string>> = {
  wash: 'fill:var(--color-accent);opacity:.12',
  tint: 'fill:var(--color-accent);opacity:.32',
  fill: 'fill:var(--color-accent)',
  deep: 'fill:var(--color-accent-strong)',
  paper: 'fill:var(--color-ground)',
};
const strokes: Partial<Record<Paint, string>> = {
  line: '',
  thin: 'stroke-width:2;opacity:.55',
  light: 'stroke:var(--color-on-accent)',
};
const stroke = 'fill:none;stroke:currentColor;stroke-width:3;stroke-linecap:round;stroke-linejoin:round';

/** The CSS of the paints that stand in the markup of a drawing, a rule each, with `&` for the class of what holds it. */
export function paintsCss(drawing: string): string[] {
  const isUsed = ([paint]: [string, string]) => drawing.includes(`class="${paint}"`);
  const drawn = Object.entries(strokes).filter(isUsed);
  return [
    ...Object.entries(fills)
      .filter(isUsed)
      .map(([paint, css]) => `& .${paint}{${css}}`),
    ...(drawn.length > 0 ? [`& :is(${drawn.map(([paint]) => `.${paint}`).join()}){${stroke}}`] : []),
    ...drawn.flatMap(([paint, css]) => (css ? [`& .${paint}{${css}}`] : [])),
  ];
}

type Numbers = readonly number[];

/** A circle of a radius around a point. */
export const circle = (paint: Paint, ...[cx, cy, r]: Numbers): Html =>
  h('circle', { class: paint, cx, cy, r });

/** A rectangle: left, top, width, height, and the radius of its corners. */
export const box = (paint: Paint, ...[x, y, width, height, rx = 0]: Numbers): Html =>
  h('rect', { class: paint, x, y, width, height, rx });

/** A path (SVG 2, 9.3). */
export const path = (paint: Paint, d: string): Html => h('path', { class: paint, d });

/** A shape of paper, with its outline. */
export const sheet = (d: string): Html[] => [path('paper', d), path('line', d)];
/** A rectangle of paper, with its outline. */
export const card = (...sides: Numbers): Html[] => [box('paper', ...sides), box('line', ...sides)];
/** A circle of paper, with its outline. */
export const wheel = (...round: Numbers): Html[] => [circle('paper', ...round), circle('line', ...round)];

/** The ground that every drawing stands on: a wide, soft shape, and a line under its feet. */
export const stage = (): Html[] => [
  path('wash', 'M34 96c-6-38 26-70 70-74s96 8 106 50-22 66-84 68S40 132 34 96z'),
  path('thin', 'M28 140h184'),
];

/** Small marks that say that something is good news. */
export const sparks = (...points: readonly (readonly [number, number])[]): Html[] =>
  points.map(([x, y]) => path('fill', `M${x} ${y - 7}l2 5 5 2-5 2-2 5-2-5-5-2 5-2z`));
