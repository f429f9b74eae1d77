import { definitionOf } from '../document/elements/index.js';
import { shownElements } from './shown.js';
import type { WidgetDocument } from '../document/widget/index.js';

/** The address names of the widgets that a widget opens without the visitor doing anything, each once. */
export const opensOf = (document: WidgetDocument): string[] => [
  ...new Set(shownElements(document).flatMap(({ element }) => definitionOf(element).opens?.(element) || [])),
];
