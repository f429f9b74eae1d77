import { createElement } from 'react';
import { valueAt } from '@sirene/core/base/maps';
import {
  AlignLeft,
  Award,
  Code,
  Coins,
  Columns3,
  Grid2x2,
  Group,
  Heading,
  Image,
  Link,
  List,
  Map,
  Minus,
  MoveVertical,
  Receipt,
  RectangleHorizontal,
  Rows3,
  ShoppingBasket,
  SquarePen,
  Star,
  StarHalf,
  TableColumnsSplit,
  TextCursorInput,
  Timer,
  Video,
} from 'lucide-react';
import type { Element } from '@sirene/core/document/elements';

/** Icons of the outline and of the menu of new elements: by type, and by what tells those of one type apart. */
const icons: Record<string, typeof Group> = {
  heading: Heading,
  type: AlignLeft,
  image: Image,
  icon: Star,
  button: RectangleHorizontal,
  badge: Award,
  list: List,
  rating: StarHalf,
  divider: Minus,
  spacer: MoveVertical,
  column: Rows3,
  row: Columns3,
  grid: Grid2x2,
  form: SquarePen,
  field: TextCursorInput,
  amounts: Coins,
  countdown: Timer,
  plans: TableColumnsSplit,
  plan: Receipt,
  links: Link,
  basket: ShoppingBasket,
  video: Video,
  map: Map,
  html: Code,
};

/** The name of the icon of an element. */
export function iconOf(element: Pick<Element, 'type'> & { level?: number; direction?: string }): string {
  if (element.type === 'text') return (element.level ?? 0) > 0 ? 'heading' : 'type';
  return element.type === 'group' ? (element.direction ?? 'column') : element.type;
}

/** An icon by its name. */
export function ElementIcon({ name }: { name: string }) {
  return createElement(valueAt(icons, name) ?? Group, {
    size: 15,
    'aria-hidden': true,
    style: { flex: 'none' },
  });
}
