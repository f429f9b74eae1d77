import { actionSpecs } from '../../actions/index.js';
import { conditionSpecs, triggerSpecs, type Targeting } from '../../behaviour/index.js';
import { valueAt } from '../../base/maps/index.js';
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
 * @param before the document as it was kept, from which the other was made by edits
 */
export function withStandIns(document: WidgetDocument, before: WidgetDocument): WidgetDocument {
  if (!hasUnknown(before)) return document;
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
      targeting: knownTargeting(document.behaviour.targeting, leavesOf(before.behaviour.targeting)),
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
    !triggersOf(behaviour.triggers).every(isTrigger) ||
    !leavesOf(behaviour.targeting).every(isCondition) ||
    !afterwards.actions.every(isAction)
  );
}

// What holds others is stood in for by what may hold others, so that those are still found in the tree.
const standIn = (element: Element): Element =>
  'children' in element
    ? { type: 'group', direction: 'column', children: element.children }
    : { type: 'spacer' };

/** Elements inside may have been moved or removed: that changes nothing of its own. */
const sameButChildren = (one: Element, other: Element | undefined): boolean =>
  other !== undefined && same({ ...one, children: null }, { ...other, children: null });

type Triggers = WidgetDocument['behaviour']['triggers'];
const triggersOf = (triggers: Triggers) => ('any' in triggers ? triggers.any : triggers.all);

function knownTriggers({ behaviour }: WidgetDocument, before: WidgetDocument): Triggers {
  const kept = triggersOf(before.behaviour.triggers);
  const known = triggersOf(behaviour.triggers).filter(
    (trigger) => isTrigger(trigger) || !kept.some((one) => same(one, trigger)),
  );
  return 'any' in behaviour.triggers ? { any: known } : { all: known };
}

type Leaf = Extract<Targeting, { type: string }>;

function leavesOf(tree: Targeting): Leaf[] {
  if ('all' in tree) return tree.all.flatMap(leavesOf);
  if ('any' in tree) return tree.any.flatMap(leavesOf);
  if ('none' in tree) return tree.none.flatMap(leavesOf);
  return [tree];
}

function knownTargeting(tree: Targeting, kept: readonly Leaf[]): Targeting {
  const each = (trees: Targeting[]) => trees.map((one) => knownTargeting(one, kept));
  if ('all' in tree) return { all: each(tree.all) };
  if ('any' in tree) return { any: each(tree.any) };
  if ('none' in tree) return { none: each(tree.none) };
  return isCondition(tree) || !kept.some((one) => same(one, tree)) ? tree : { all: [] };
}
