import type { Html } from './index.js';

/** Makes what comes from outside safe: markup, drawings, style sheets. */
export interface Foreign {
  html(source: string): Html;
  svg(source: string): Html;
  /** A style sheet for one widget, without what reaches beyond it. */
  css(source: string): string;
}
