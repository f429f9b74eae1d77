export { compileWidget, htmlOf } from './compile.js';
export type { CompiledFont, CompiledWidget } from './compiled.js';
export { escapeHtml, h, Html } from '../base/html/index.js';
export { placementSheet } from './surface.js';
export { partsNeeded } from './parts-needed.js';
export { rulesOf } from './widget-rules.js';
export { lookOfBox, lookOfElement } from './worn-looks.js';
export { noForeign } from '../base/html/no-foreign.js';
export { classesOf } from './classes.js';
