export { compileWidget, labelOf } from './compile.js';
export type { CompiledWidget } from './compiled.js';
export { escapeHtml, h, Html, join } from './html.js';
export { surfaceRole } from './surface.js';
