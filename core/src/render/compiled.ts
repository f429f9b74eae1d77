import type { FormRule } from '../form/index.js';
import type { Placement, SceneName } from '../widget/index.js';

/** A widget as visitors get it: plain HTML and CSS, and what the page needs to run it. Nothing here is computed again. */
export interface CompiledWidget {
  format: 1;
  /** Its accessible name. */
  label: string;
  placement: Placement;
  css: string;
  scenes: Partial<Record<SceneName, string>>;
  /** The rules of its forms, by element id. */
  forms: Record<string, FormRule>;
  /** What the visitor sees after a submission; `page` holds a checked address. */
  after: { type: 'scene' } | { type: 'page'; address: string } | { type: 'close' };
}
