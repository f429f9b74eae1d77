import { roleStyle } from '../../style/index.js';
import { createPlacement, surfaceRole, type Placement } from '../placement/index.js';
import type { WidgetDocument } from './document.js';
import type { Operation } from './operations.js';

/**
 * The edit that changes a widget's placement to another type. What the widget itself says about its box comes along,
 * though the box plays another role; what both placements have is kept. A page of its own is there as often as it is opened.
 */
export function changePlacement(document: WidgetDocument, type: Placement['type']): Operation {
  const before = document.placement;
  const fresh = createPlacement(type);
  const asked = 'width' in before && typeof before.width === 'number' ? before.width : null;
  const width = asked !== null && widthFits(asked, fresh) ? asked : fresh.width;
  const kept =
    'closing' in before && 'closing' in fresh ? { closing: { ...fresh.closing, ...before.closing } } : {};
  const placement = { ...fresh, ...kept, width } as Placement;
  const [from, to] = [surfaceRole(before), surfaceRole(placement)];
  const operations: Operation[] = [{ type: 'set', path: ['placement'], value: placement }];
  const own = document.style[from];
  if (from !== to && own) {
    operations.push({ type: 'set', path: ['style', from], value: undefined });
    // A panel has no backdrop to style.
    const parts = Object.entries(own).filter(([part]) => part in roleStyle(to));
    operations.push({ type: 'set', path: ['style', to], value: Object.fromEntries(parts) });
  }
  // Whoever opens a page of its own, or loads it anew, is to find it there.
  if (type === 'page')
    operations.push({ type: 'set', path: ['behaviour', 'frequency'], value: { per: 'page' } });
  return { type: 'group', operations };
}

// A bar's or a page's width is that of its content, and no measure for a box in a corner.
const widthFits = (width: number, { type }: Placement): boolean =>
  width >= 200 && width <= 800 && !['bar', 'cover', 'page'].includes(type);
