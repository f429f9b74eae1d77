import { definitionOf, plainText, type Element } from '../elements/index.js';
import { closingOf } from '../placement/index.js';
import type { Brand } from '../style/index.js';
import { sceneOf, withDescendants, type Operation, type WidgetDocument } from '../widget/index.js';
import { contrastOf } from './contrast.js';

/** Something about a widget that a visitor would stumble over, and where there is one, the edit that mends it. */
export interface Finding {
  /** The element, or null for the widget as a whole. */
  element: string | null;
  text: string;
  repair?: { label: string; operation: Operation };
}

/** Everything worth mending in a widget before it is published, in reading order. */
export function checkDocument(document: WidgetDocument, brand: Brand): Finding[] {
  const ids = Object.values(document.scenes).flatMap(({ root }) => withDescendants(document.elements, root));
  const findings = ids.flatMap((id) => {
    const element = document.elements[id] as Element;
    return element.hidden ? [] : [...contrastFindings(document, brand, id), ...wordFindings(id, element)];
  });
  return [...findings, ...wholeFindings(document)];
}

function contrastFindings(document: WidgetDocument, brand: Brand, id: string): Finding[] {
  const element = document.elements[id] as Element;
  const definition = definitionOf(element);
  const parts = definition.texts?.(element) ?? (definition.container ? [] : ['box']);
  return parts.flatMap((part) => {
    const reading = contrastOf(document, brand, id, part);
    if (reading.ratio >= reading.needed) return [];
    const where = part === 'box' ? '' : ` (${part})`;
    return [
      {
        element: id,
        text: `${definition.title(element)}${where}: contrast is ${reading.ratio.toFixed(1)}, and ${reading.needed} is needed`,
        repair: {
          label: `Use ${reading.repair}`,
          operation: {
            type: 'set',
            path: ['elements', id, 'style', part, 'base', 'color'],
            value: reading.repair,
          },
        },
      } satisfies Finding,
    ];
  });
}

function wordFindings(id: string, element: Element): Finding[] {
  if (element.type === 'field' && element.label.trim() === '') {
    return [{ element: id, text: 'A field has no label: screen readers can’t say what it is for' }];
  }
  if (element.type === 'button' && element.label.trim() === '') {
    return [{ element: id, text: 'A button has no words' }];
  }
  if (element.type === 'button' && element.action.type === 'link' && element.action.address === '') {
    return [{ element: id, text: `${element.label}: the button leads nowhere yet` }];
  }
  if (element.type === 'text' && plainText(element.content).trim() === '') {
    const operation: Operation = { type: 'remove', id };
    return [{ element: id, text: 'A text is empty', repair: { label: 'Remove it', operation } }];
  }
  return [];
}

function wholeFindings(document: WidgetDocument): Finding[] {
  const { elements, scenes, afterwards, placement } = document;
  const findings: Finding[] = [];
  const types = (root: string) => withDescendants(elements, root).map((id) => elements[id] as Element);
  const opening = types(scenes.opening.root);
  if (opening.length === 1) findings.push({ element: null, text: 'The opening is empty' });
  for (const [id, element] of Object.entries(elements)) {
    if (element.type !== 'form') continue;
    const inside = types(id);
    const sends = inside.some((one) => one.type === 'button' && one.action.type === 'submit');
    if (!sends) findings.push({ element: id, text: 'A form has no button that sends it' });
    if (!inside.some((one) => one.type === 'field'))
      findings.push({ element: id, text: 'A form has no fields' });
  }
  const stray = Object.entries(elements).find(
    ([id, one]) =>
      one.type === 'button' &&
      one.action.type === 'submit' &&
      !Object.entries(elements).some(
        ([form, holder]) => holder.type === 'form' && withDescendants(elements, form).includes(id),
      ),
  );
  if (stray) findings.push({ element: stray[0], text: 'A button that sends stands outside the form' });
  const hasForm = opening.some(({ type }) => type === 'form');
  if (hasForm && !afterwards.actions.some((action) => action.recipients.length > 0)) {
    findings.push({
      element: null,
      text: 'Nobody is told of a submission: add a recipient under Afterwards',
    });
  }
  if (afterwards.visitor.type === 'page' && afterwards.visitor.address === '') {
    findings.push({ element: null, text: 'The page that follows a submission is not chosen yet' });
  }
  if (
    hasForm &&
    afterwards.visitor.type === 'scene' &&
    scenes.thanks &&
    types(scenes.thanks.root).length === 1
  ) {
    findings.push({ element: scenes.thanks.root, text: 'The thanks are empty' });
  }
  const closing = closingOf(placement);
  if (closing && !closing.button && !closing.escape && !closing.backdrop && !closing.after) {
    const operation: Operation = { type: 'set', path: ['placement', 'closing', 'button'], value: true };
    findings.push({
      element: null,
      text: 'Visitors can’t close it',
      repair: { label: 'Add a close button', operation },
    });
  }
  return findings.filter(({ element }) => element === null || sceneOf(document, element) !== null);
}
