import type { PartName } from '@sirene/core/document/parts';
import type { Parts } from './parts/registry.ts';

/** Before each further try, ms. */
const waits = [400, 2000];

/**
 * Loads parts by the hash that the build gave their names. What can't be had is asked for again, each time at an address
 * that has not failed yet: a browser keeps a module that failed as failed. One that was had stays at its address, and is one.
 */
export function partLoader(
  base: string,
  hash: string,
  load: (address: string) => Promise<unknown>,
): <P extends PartName>(part: P) => Promise<Parts[P]> {
  const failures = new Map<PartName, number>();
  return async (part) => {
    for (let attempt = 0; ; attempt++) {
      const failed = failures.get(part) ?? 0;
      try {
        return (await load(`${base}${part}-${hash}.js${failed ? `?${failed}` : ''}`)) as Parts[typeof part];
      } catch (error) {
        failures.set(part, failed + 1);
        const wait = waits[attempt];
        if (wait === undefined) throw error;
        await new Promise((done) => setTimeout(done, wait));
      }
    }
  };
}
