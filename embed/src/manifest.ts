import type { PartName } from '@sirene/core/document/parts';
import type { Policy, SignalType, WidgetRules } from '@sirene/core/behaviour';

/** One published widget as the page first hears of it: its rules, and where its body is. */
export interface ManifestWidget extends WidgetRules {
  /** Path of the compiled body; it carries the content's hash and never changes. */
  body: string;
  /** What its content hashes to (Subresource Integrity). */
  integrity?: string;
  /** The parts of the script that it needs while it is there. */
  parts: readonly PartName[];
}

/** What a page fetches first. */
export interface Manifest {
  widgets: ManifestWidget[];
  /** What their rules have the page listen to. */
  signals: readonly SignalType[];
  /** How much they may interrupt together; without limit where nothing is said. */
  policy?: Policy;
}

/** What a site's own script brings along, so that nothing has to be asked for before it decides. */
export interface Given {
  /** The site's key. */
  key: string;
  /** The origins (RFC 6454) whose pages may show its widgets. */
  origins: readonly string[];
  /** What it is called, for whoever reads the page's console. */
  site: string;
  manifest: Manifest;
}
