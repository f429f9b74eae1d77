export * from './aliases.js';
export { brandProblems } from './problems.js';
