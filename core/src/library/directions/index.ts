import { valueAt } from '../../base/maps/index.js';
import { contrastRepairs } from '../../review/check/index.js';
import { mergeSheets, type Brand, type StyleSheet } from '../../style/index.js';
import { applyOperation, type Operation, type WidgetDocument } from '../../document/widget/index.js';
import { bold } from './bold.js';
import type { Direction } from './direction.js';
import { editorial } from './editorial.js';
import { night } from './night.js';
import { playful } from './playful.js';
import { quiet } from './quiet.js';

export type { Direction } from './direction.js';

/** Every visual direction. A new one is its file and a line here. */
export const directions = { quiet, editorial, bold, playful, night } satisfies Record<string, Direction>;

export type DirectionName = keyof typeof directions;

/** Most rounds of repairs: what one repair uncovers, the next mends. */
const mostRounds = 3;

/**
 * The edit that gives a widget a direction. What its elements set themselves for their place on the page stays; what
 * they set of colours and type gives way. Text that could not be read then gets the nearest colour of the brand that can.
 *
 * @example session.apply(directionEdit(document, 'night', brand))
 */
export function directionEdit(document: WidgetDocument, name: DirectionName, brand: Brand): Operation {
  const { style, entrance }: Direction = directions[name];
  const set = (path: string[], value: unknown): Operation => ({ type: 'set', path, value });
  const operations: Operation[] = Object.entries(style).map(([role, sheet]) =>
    set(['style', role], mergeSheets(valueAt(document.style, role) ?? {}, sheet)),
  );
  if (entrance) operations.push(set(['motion', 'entrance'], entrance));
  for (const [id, element] of Object.entries(document.elements)) {
    const own = element.style && withoutFace(element.style);
    if (own !== element.style) operations.push(set(['elements', id, 'style'], own));
  }
  let result = applyOperation(document, { type: 'group', operations }).document;
  for (let round = 0; round < mostRounds; round++) {
    const repairs = contrastRepairs(result, brand);
    if (repairs.length === 0) break;
    operations.push(...repairs);
    result = applyOperation(result, { type: 'group', operations: repairs }).document;
  }
  return { type: 'group', operations };
}

/** What an element says of its face, which a direction decides anew. */
const face: ReadonlySet<string> = new Set([
  'color',
  'background',
  'gradient',
  'borderColor',
  'fontWeight',
  'letterCase',
  'letterSpacing',
]);

function withoutFace(sheet: StyleSheet): StyleSheet {
  let changed = false;
  const left = Object.fromEntries(
    Object.entries(sheet).map(([part, byCondition]) => [
      part,
      Object.fromEntries(
        Object.entries(byCondition).map(([condition, values]) => [
          condition,
          Object.fromEntries(
            Object.entries(values).filter(([name]) => {
              if (!face.has(name)) return true;
              changed = true;
              return false;
            }),
          ),
        ]),
      ),
    ]),
  );
  return changed ? left : sheet;
}
