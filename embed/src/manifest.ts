import type { WidgetRules } from '@sirene/core/behaviour';

/** One published widget as the page first hears of it: its rules, and where its body is. */
export interface ManifestWidget extends WidgetRules {
  /** Path of the compiled body; it carries the content's hash and never changes. */
  body: string;
  /** What its content hashes to (Subresource Integrity). */
  integrity?: string;
}

/** What a page fetches first. */
export interface Manifest {
  widgets: ManifestWidget[];
}
