import type { PartName } from '../document/parts/index.js';
import type { FormRule } from '../form/index.js';
import type { Closing, Placement, Stand } from '../document/placement/index.js';
import type { SceneName } from '../document/widget/index.js';

/** A widget as visitors get it: plain HTML and CSS, and what the page needs to run it. Nothing here is computed again. */
export interface CompiledWidget {
  format: 2;
  /** Its accessible name. */
  label: string;
  /** Its language and direction, as HTML's `lang` and `dir` say them. */
  lang?: string;
  dir?: 'ltr' | 'rtl';
  placement: Placement;
  stand: Stand;
  css: string;
  /** The close button, what stands above the scenes, and what stands below. */
  close: string;
  header: string;
  footer: string;
  scenes: Partial<Record<SceneName, string>>;
  /** The edge of the window at which its teaser remains, as a tab, once it was closed. */
  remains?: NonNullable<Closing['teaser']>;
  /** The rules of its forms, by element id. */
  forms: Record<string, FormRule>;
  /** What the visitor sees after a submission; `page` holds a checked address. */
  after:
    | { type: 'scene' }
    | { type: 'page'; address: string; values?: true }
    | { type: 'close' }
    | { type: 'widget'; opens: string };
  /** Parts of the page's script that its elements need. */
  scripts: PartName[];
  /** Its entrance waits until it is scrolled to. */
  unseen?: true;
  /** How long it takes to go, ms. */
  exit: number;
  /** Typefaces to be loaded into the page: shadow roots can't bring their own. */
  fonts: CompiledFont[];
}

/** One file of a typeface (CSS Fonts 4, `@font-face`). */
export interface CompiledFont {
  family: string;
  src: string;
  weight: string;
  style: string;
}
