import { checkCss } from './css.js';
import { safeHtml } from './html.js';
import { safeSvg } from './svg.js';
import type { Foreign } from '../../base/html/foreign.js';

export type { Foreign } from '../../base/html/foreign.js';

export { cssProblem, markupProblem, pageBudget, pageCssBudget } from './budget.js';
export { quietCss } from './quiet-css.js';
export { readPage, type PageParts } from './page.js';
export { checkCss, type CheckedCss, type CssProblem, type CssScope } from './css.js';
export { safeHtml } from './html.js';
export { safeSvg, svgProblem } from './svg.js';

/** What makes markup, drawings and style sheets from outside safe. Heavy; the studio loads it when it is needed. */
export const foreign: Foreign = { html: safeHtml, svg: safeSvg, css: (source) => checkCss(source).css };
