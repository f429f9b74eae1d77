import { valueAt } from '../../base/maps/index.js';
import {
  createElement,
  definitionOf,
  elementDefinitions,
  toRuns,
  type Element,
  type ElementType,
  type Offer,
} from '../elements/index.js';
import { placeFor, type Place } from './arrange.js';
import { newId } from './create.js';
import type { WidgetDocument } from './document.js';
import type { SceneName } from '../scenes/index.js';
import { addScene } from './faces.js';
import { withFreeKey } from './keys.js';
import type { Branch, Operation } from './operations.js';
import { ancestorsOf, childrenOf, withDescendants } from './tree.js';

/** What the menu of new elements offers: a type, and for fields their kind. */
export interface NewElement {
  type: ElementType;
  /** Properties that differ from the type's defaults. */
  with?: Record<string, unknown>;
  /** What it brings along inside. */
  holds?: Offer['holds'];
}

/** The new elements that the studio offers, with their names. */
export const newElements: readonly { label: string; element: NewElement }[] = Object.values(
  elementDefinitions,
).flatMap(({ type, label, offers = [{ label, with: {} }] }) =>
  offers.map((offer) => ({
    label: offer.label,
    element: {
      type: type as ElementType,
      with: offer.with,
      ...(offer.holds && { holds: offer.holds }),
    },
  })),
);

/** Whether an element is a button that sends the form it is in. */
export const isSubmit = (element: Element | undefined): boolean =>
  element?.type === 'button' && element.action.type === 'submit';

/**
 * The edit that adds a new element. A form is never dead: it comes with a button that sends it and with words of
 * thanks, what belongs in one goes into the scene's, before its button, or brings one along, and a button sends only
 * where there is a form that nothing sends yet.
 *
 * @returns the operation and the id of the new element, or `null` when it can stand nowhere
 */
export function insertNew(
  document: WidgetDocument,
  { type, with: changes = {}, holds }: NewElement,
  selected: string | null,
  scene: SceneName,
  random: () => number,
): { operation: Operation; id: string } | null {
  const id = newId(random);
  const made = { ...createElement(type), ...changes } as Element;
  const element = isSubmit(made) ? buttonFor(document, made, selected, scene) : made;
  const inForm = definitionOf(element).inside?.always?.includes('form') || isSubmit(element);
  const near = inForm ? formFor(document, selected, scene) : null;
  const place = inForm && !near ? null : placeFor(document, type, near ?? selected, scene);
  if (place) {
    const before = beforeSubmit(document, place, element);
    const branch: Branch =
      type === 'form'
        ? formBranch(
            id,
            element,
            (holds ?? [newButton]).map((one) => [newId(random), heldElement(one)]),
          )
        : { root: id, elements: { [id]: withFreeKey(document, element, place.parent) } };
    return {
      operation: withThanks(document, { type: 'insert', branch, ...before }, type === 'form', random),
      id,
    };
  }
  const holder = definitionOf(element).inside?.always?.[0] as ElementType | undefined;
  const outside = holder && placeFor(document, holder, selected, scene);
  if (!outside) return null;
  const holderId = newId(random);
  const branch: Branch =
    holder === 'form'
      ? formBranch(holderId, createElement('form'), [
          [id, element],
          [newId(random), heldElement(newButton)],
        ])
      : {
          root: holderId,
          elements: { [holderId]: { ...createElement(holder), children: [id] } as Element, [id]: element },
        };
  return {
    operation: withThanks(document, { type: 'insert', branch, ...outside }, holder === 'form', random),
    id,
  };
}

const newButton = { type: 'button' };

/** A new element that another brings along. */
const heldElement = ({ type, ...own }: { type: string }): Element =>
  ({ ...createElement(type as ElementType), ...own }) as Element;

/** A form with what it holds. */
const formBranch = (root: string, form: Element, held: readonly [string, Element][]): Branch => ({
  root,
  elements: {
    [root]: { ...form, children: held.map(([id]) => id) } as Element,
    ...Object.fromEntries(held),
  },
});

/** The form around the selection, else the only one of the scene; `null` where there is none or it is not clear which. */
function formFor(document: WidgetDocument, selected: string | null, scene: SceneName): string | null {
  const { elements, scenes } = document;
  if (selected !== null) {
    const around = [selected, ...ancestorsOf(elements, selected)];
    if (around.some((id) => valueAt(elements, id)?.type === 'form')) return selected;
  }
  const root = scenes[scene]?.root;
  const forms = root
    ? withDescendants(elements, root).filter((id) => valueAt(elements, id)?.type === 'form')
    : [];
  return forms.length === 1 ? (forms[0] as string) : null;
}

/** A button does what there is to do where it is put: send a form that nothing sends yet, else lead somewhere. */
function buttonFor(
  document: WidgetDocument,
  made: Element,
  selected: string | null,
  scene: SceneName,
): Element {
  const near = formFor(document, selected, scene);
  const { elements } = document;
  const form =
    near && [near, ...ancestorsOf(elements, near)].find((id) => valueAt(elements, id)?.type === 'form');
  const isSent = form && withDescendants(elements, form).some((id) => isSubmit(valueAt(elements, id)));
  if (form && !isSent) return made;
  return { ...made, label: 'Learn more', action: { type: 'link', address: '' } } as Element;
}

/** At the end of what ends with it, a place is before the button that sends it. */
function beforeSubmit({ elements }: WidgetDocument, place: Place, element: Element): Place {
  const children = childrenOf(valueAt(elements, place.parent));
  return place.at === children.length &&
    element.type !== 'button' &&
    isSubmit(valueAt(elements, children.at(-1) ?? ''))
    ? { ...place, at: place.at - 1 }
    : place;
}

/** An edit that brings a form, with words for after it where the widget has none yet. */
function withThanks(
  document: WidgetDocument,
  operation: Operation,
  bringsForm: boolean,
  random: () => number,
): Operation {
  if (!bringsForm || document.afterwards.visitor.type !== 'scene') return operation;
  const added = document.scenes.thanks ? null : addScene('thanks', random);
  const root = document.scenes.thanks?.root ?? (added?.root as string);
  if (childrenOf(valueAt(document.elements, root)).length > 0) return operation;
  const text = (words: string, level: number): Operation => {
    const id = newId(random);
    const element = { ...createElement('text'), level, content: toRuns(words) } as Element;
    return {
      type: 'insert',
      branch: { root: id, elements: { [id]: element } },
      parent: root,
      at: level > 0 ? 0 : 1,
    };
  };
  return {
    type: 'group',
    operations: [
      operation,
      ...(added ? [added.operation] : []),
      text('Thank you', 2),
      text('We’ve received your message.', 0),
    ],
  };
}
