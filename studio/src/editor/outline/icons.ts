import { AlignLeft, Columns3, Group, Heading, RectangleHorizontal, Rows3, SquarePen, TextCursorInput } from 'lucide-react';
import type { Element } from '@sirene/core/elements';

/** Icons of the outline and of the menu of new elements, by the names that core uses. */
export const icons: Record<string, typeof Group> = {
  heading: Heading,
  type: AlignLeft,
  form: SquarePen,
  field: TextCursorInput,
  button: RectangleHorizontal,
  column: Rows3,
  row: Columns3,
};

/** The icon of an element of the document. */
export function iconOf(element: Element): typeof Group {
  if (element.type === 'text') return element.level > 0 ? Heading : AlignLeft;
  if (element.type === 'group') return element.direction === 'row' ? Columns3 : Rows3;
  return { form: SquarePen, field: TextCursorInput, button: RectangleHorizontal }[element.type];
}
