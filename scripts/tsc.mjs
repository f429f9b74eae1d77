// TypeScript's native compiler. The package "typescript" beside it is the one before, for the tools that read sources through its
// JavaScript API; which of the two `npx tsc` starts is npm's choice.
import { root, run } from './lib.mjs';

const compiler = `${root}node_modules/@typescript/native/bin/tsc`;

/** The workspaces that run in Node.js. */
const compiled = ['core', 'server', 'demo'];

/** How the compiler is started with some options. */
export const tscWith = (...options) => ({ command: process.execPath, args: [compiler, ...options] });

/** Checks what some options name; leaves with the compiler's exit code when it finds something. */
export function check(...options) {
  const { command, args } = tscWith(...options);
  run(command, args);
}

export const compile = () => check('-b', ...compiled);

/** Compiles again whatever changes. */
export const compileAlways = tscWith('-b', '--watch', '--preserveWatchOutput', ...compiled);
