import type { Motions } from '../../style/motion/index.js';
import type { Role, StyleSheet } from '../../style/index.js';

/** A visual direction: how the brand's tokens are used, not which they are. One file each. */
export interface Direction {
  label: string;
  /** One sentence: what it looks like. */
  says: string;
  /** Sheets by role; all colours, fonts and sizes are tokens, so that every brand keeps its own face. */
  style: Partial<Record<Role, StyleSheet>>;
  /** How the widget enters. */
  entrance?: NonNullable<Motions['entrance']>;
}

/** A surface and what lies on it, for overlays and inline boxes alike. */
export const onSurfaces = (sheet: StyleSheet, overlay: StyleSheet = {}): Direction['style'] => ({
  panel: sheet,
  overlay: { ...sheet, ...overlay, box: { ...sheet['box'], ...overlay['box'] } },
});
