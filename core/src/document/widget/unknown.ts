import { Type } from '@sinclair/typebox';
import { actionSpecs } from '../../actions/index.js';
import {
  conditionSpecs,
  leavesOf,
  mapLeaves,
  triggerSpecs,
  triggersOf,
  type Targeting,
} from '../../behaviour/index.js';
import { valueAt } from '../../base/maps/index.js';
import { schemaProblems } from '../../base/schema/schema-problems.js';
import { isUnknownElement, type Element } from '../elements/index.js';
import { createPlacement, isUnknownPlacement } from '../placement/index.js';
import type { WidgetDocument } from './document.js';

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

const isKindOf = (specs: readonly { type: string }[]) => (rule: { type: string }) =>
  specs.some(({ type }) => type === rule.type);
const isTrigger = isKindOf(triggerSpecs);
const isCondition = isKindOf(conditionSpecs);
const isAction = isKindOf(actionSpecs);

/**
 * A copy in which kinds that only a newer version knows are stood in for by what is known, so that the rest can be checked.
 * Only what was there before counts, unchanged: nothing unknown comes in from outside, and nothing that was kept is lost.
 *
 * @param document unchecked: one without the shape of a document is returned as it is, for the check that follows to refuse
 * @param before the document as it was kept, from which the other was made by edits
 */
export function withStandIns(document: WidgetDocument, before: WidgetDocument): WidgetDocument {
  if (!hasUnknown(before) || !isShaped(document)) return document;
  const elements = Object.fromEntries(
    Object.entries(document.elements).map(([id, element]): [string, Element] => {
      const isKept = isUnknownElement(element) && sameButChildren(element, valueAt(before.elements, id));
      return [id, isKept ? standIn(element) : element];
    }),
  );
  const isKeptPlacement =
    isUnknownPlacement(document.placement) && same(document.placement, before.placement);
  return {
    ...document,
    elements,
    placement: isKeptPlacement ? createPlacement('centre') : document.placement,
    behaviour: {
      ...document.behaviour,
      triggers: knownTriggers(document, before),
      targeting: knownTargeting(document, before),
    },
    afterwards: {
      ...document.afterwards,
      actions: document.afterwards.actions.filter(
        (action) => isAction(action) || !before.afterwards.actions.some((one) => same(one, action)),
      ),
    },
  };
}

/** Whether a document holds kinds that only a newer version knows. */
function hasUnknown({ elements, placement, behaviour, afterwards }: WidgetDocument): boolean {
  return (
    Object.values(elements).some(isUnknownElement) ||
    isUnknownPlacement(placement) ||
    !triggersOf(behaviour).every(isTrigger) ||
    !leavesOf(behaviour.targeting).every(isCondition) ||
    !afterwards.actions.every(isAction)
  );
}

const rule = Type.Object({ type: Type.String() });
const rules = Type.Array(rule);

/** As much shape as is read here. */
const loose = Type.Object({
  elements: Type.Record(Type.String(), rule),
  placement: rule,
  behaviour: Type.Object({
    triggers: Type.Union([Type.Object({ any: rules }), Type.Object({ all: rules })]),
    targeting: Type.Recursive((tree) =>
      Type.Union([
        Type.Object({ all: Type.Array(tree) }),
        Type.Object({ any: Type.Array(tree) }),
        Type.Object({ none: Type.Array(tree) }),
        rule,
      ]),
    ),
  }),
  afterwards: Type.Object({ actions: rules }),
});

const isShaped = ({ elements, placement, behaviour, afterwards }: WidgetDocument): boolean =>
  schemaProblems(loose, { elements, placement, behaviour, afterwards }, '').length === 0;

// What holds others is stood in for by what may hold others, so that those are still found in the tree.
const standIn = (element: Element): Element =>
  'children' in element
    ? { type: 'group', direction: 'column', children: element.children }
    : { type: 'spacer' };

/** Elements inside may have been moved or removed: that changes nothing of its own. */
const sameButChildren = (one: Element, other: Element | undefined): boolean =>
  other !== undefined && same({ ...one, children: null }, { ...other, children: null });

function knownTriggers(
  { behaviour }: WidgetDocument,
  before: WidgetDocument,
): WidgetDocument['behaviour']['triggers'] {
  const kept = triggersOf(before.behaviour);
  const known = triggersOf(behaviour).filter(
    (trigger) => isTrigger(trigger) || !kept.some((one) => same(one, trigger)),
  );
  return 'any' in behaviour.triggers ? { any: known } : { all: known };
}

function knownTargeting({ behaviour }: WidgetDocument, before: WidgetDocument): Targeting {
  const kept = leavesOf(before.behaviour.targeting);
  return mapLeaves(behaviour.targeting, (leaf) =>
    isCondition(leaf) || !kept.some((one) => same(one, leaf)) ? leaf : { all: [] },
  );
}
