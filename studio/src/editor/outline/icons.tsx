import {
  AlignLeft,
  Columns3,
  Group,
  Heading,
  RectangleHorizontal,
  Rows3,
  SquarePen,
  TextCursorInput,
} from 'lucide-react';
import type { Element } from '@sirene/core/elements';

/** Icons of the outline and of the menu of new elements, by the names that core uses. */
const icons: Record<string, typeof Group> = {
  heading: Heading,
  type: AlignLeft,
  form: SquarePen,
  field: TextCursorInput,
  button: RectangleHorizontal,
  column: Rows3,
  row: Columns3,
};

/** The name of the icon of an element of the document. */
export function iconOf(element: Element): string {
  if (element.type === 'text') return element.level > 0 ? 'heading' : 'type';
  return element.type === 'group' ? element.direction : element.type;
}

/** An icon by its name. */
export function ElementIcon({ name }: { name: string }) {
  const Icon = icons[name] ?? Group;
  return <Icon size={15} aria-hidden style={{ flex: 'none' }} />;
}
