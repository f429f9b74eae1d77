import { createRequire } from 'node:module';

/**
 * How long it may be looked for a text that a pattern takes too long for, ms: a little less than a task may take at all
 * (foreign/worker-pool.ts). An honest pattern takes half a second, and on a busy machine three.
 */
const patience = 4500;

/**
 * Whether a pattern is checked in a time that grows with the text alone. One that can't be told of in time is none to be used.
 *
 * @param pattern a regular expression of ECMAScript, with the flag `u`
 */
export function isSteadyPattern({ pattern }: { pattern: string }): boolean {
  // Read when it is first asked for; the back end of another platform is not wanted.
  process.env['RECHECK_BACKEND'] = 'pure';
  const { checkSync } = createRequire(import.meta.url)('recheck') as typeof import('recheck');
  return checkSync(`^(?:${pattern})$`, 'u', { timeout: patience }).status === 'safe';
}
