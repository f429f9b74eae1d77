export { checkDocument, type Finding } from './check.js';
export { contrastOf, sourcesOf, type ContrastReading } from './contrast.js';
export type { PictureColours } from './ground.js';
