export * from './aliases.js';
export * from './edit.js';
export { matchTokens, ownTokens } from './match.js';
export { brandProblems } from './problems.js';
