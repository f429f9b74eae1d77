import { closingOf, type Closing } from '../document/placement/index.js';
import type { WidgetDocument } from '../document/widget/index.js';

/** The edge of the window at which a widget's teaser remains once it was closed; `null` where nothing remains. */
export const remainsOf = ({
  placement,
  scenes,
}: Pick<WidgetDocument, 'placement' | 'scenes'>): NonNullable<Closing['teaser']> | null =>
  (scenes.teaser && closingOf(placement)?.teaser) ?? null;
