import type { Origin } from '@sirene/core/style';
import {
  CornerDownRight,
  Layers,
  Minus,
  Palette,
  PanelTop,
  Square,
  SquareDashed,
  type LucideIcon,
} from 'lucide-react';

/** What a value comes from, as it is called and drawn. */
export type OriginName = readonly [name: string, Icon: LucideIcon];

const levels: Record<Origin['level'], OriginName> = {
  brand: ['the brand', Palette],
  placement: ['the placement', PanelTop],
  look: ['a look', Layers],
  widget: ['this widget', SquareDashed],
  element: ['this element by default', Square],
};

/** How the origin of a value is called: its level, what surrounds it where it is inherited, or nowhere. */
export function originName(level: Origin['level'] | null, inherited: boolean): OriginName {
  if (level) return levels[level];
  return inherited ? ['what it is in (inherited)', CornerDownRight] : ['nowhere', Minus];
}
