export { checkDocument, contrastRepairs } from './check.js';
export { contrastOf, type ContrastReading } from './contrast.js';
export { sourcesOf } from './surroundings.js';
export type { Drawn, Finding } from './finding.js';
export type { ImageColours } from './backgrounds.js';
export { leastTarget } from './rules/drawn.js';
export { reviewOf, type ReviewItem } from './review.js';
