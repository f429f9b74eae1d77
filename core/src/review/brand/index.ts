export * from './aliases.js';
export * from './edit.js';
export { matchTokens, ownTokens } from './match.js';
export { readBrand, type BrandReading } from './problems.js';
export { looksUsed } from './look-uses.js';
