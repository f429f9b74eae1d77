import { motionsSchema } from '../../style/motion/index.js';
import type { Problem } from '../../base/schema/problem.js';
import { schemaProblems } from '../../base/schema/schema-problems.js';
import { styleProblems } from '../../style/style-problems.js';
import type { ElementDefinition } from './definition.js';
import { isGroup, valueAt } from '../../base/maps/index.js';
import { fieldSpecs } from '../../form/index.js';
import { definitions, type Element, type ElementType } from './registry.js';
import { unknownElement } from './unknown.js';

export type { ElementDefinition, InspectorProperty, Offer, RenderContext } from './definition.js';
export type { Element, ElementType } from './registry.js';
export { markRuns, runsIn, withText, type Marking } from './mark-runs.js';
export { plainText, renderRuns, sameMarks, toRuns, type Run } from './rich-text.js';
export { countdownEnd } from './countdown-end.js';
export { chatRuleOf } from './chat.js';
export { fieldSpec } from './field.js';
export { noticeText } from './text.js';
export { brandLogo, imageWidths } from './image.js';

/** The definitions by type, as those who treat all alike see them: each is only ever given elements of its own type. */
export const elementDefinitions = definitions as unknown as Readonly<Record<ElementType, ElementDefinition>>;

/** The definition of an element; of one whose kind only a newer version knows, that of an unknown one. */
export function definitionOf({ type }: Pick<Element, 'type'>): ElementDefinition {
  return valueAt(elementDefinitions, type) ?? unknownElement;
}

/** Whether only a newer version knows what an element is. */
export const isUnknownElement = (element: Element): boolean =>
  !Object.hasOwn(definitions, element.type) ||
  (element.type === 'field' && !fieldSpecs.some(({ kind }) => kind === element.kind));

/** What stands for an element in the outline, as the shapes of its drawing. */
export const iconOf = (element: Element) =>
  definitionOf(element).iconFor?.(element) ?? definitionOf(element).icon;

/** A new element with its defaults. */
export function createElement<T extends ElementType>(type: T): Element & { type: T } {
  return definitions[type].create() as Element & { type: T };
}

/** Whether an element of a type may stand under one whose chain of types, nearest first, is given. */
export function mayStandIn(type: ElementType, around: readonly ElementType[]): boolean {
  const [holder] = around;
  if (!holder || !definitionOf({ type: holder }).container) return false;
  const { never = [], always = [] } = definitionOf({ type }).inside ?? {};
  const { only } = definitionOf({ type: holder }).inside ?? {};
  return (
    (!only || only.includes(type)) &&
    !never.some((one) => around.includes(one as ElementType)) &&
    always.every((one) => around.includes(one as ElementType))
  );
}

/** What is wrong with one element of a document from outside. */
export function* elementProblems(id: string, element: unknown): Generator<Problem> {
  const at = `elements.${id}`;
  if (!/^[a-z][a-z0-9]{0,19}$/.test(id)) {
    yield { path: at, reason: 'must have an id of small letters and digits, at most 20' };
    return;
  }
  const type = isGroup(element) ? element['type'] : undefined;
  if (typeof type !== 'string') {
    yield { path: at, reason: 'must be an element, with its type' };
    return;
  }
  if (!Object.hasOwn(definitions, type)) {
    yield { path: `${at}.type`, reason: `"${type.slice(0, 40)}" is not a known kind of element` };
    return;
  }
  const definition = elementDefinitions[type as ElementType];
  const problems = schemaProblems(definition.schema, element, at);
  yield* problems;
  if (problems.length > 0) return;
  const known = element as Element;
  if (known.style) yield* styleProblems(known.style, definition.parts, `${at}.style`);
  if (known.motion) yield* schemaProblems(motionsSchema, known.motion, `${at}.motion`);
  for (const [path, reason] of definition.problems?.(known) ?? []) yield { path: `${at}.${path}`, reason };
}
