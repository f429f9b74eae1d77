import type { PartName } from '@sirene/core/document/parts';
import type { Parts } from './parts/registry.ts';

/** Before each further try, ms. */
const waits = [400, 2000];

/**
 * Loads parts by the hash that the build gave their names. What can't be had is asked for again, each time at another address:
 * a browser keeps a module that failed as failed.
 */
export function partLoader(
  base: string,
  hash: string,
  load: (address: string) => Promise<unknown>,
): <P extends PartName>(part: P) => Promise<Parts[P]> {
  return async (part) => {
    for (let attempt = 0; ; attempt++) {
      try {
        return (await load(`${base}${part}-${hash}.js${attempt ? `?${attempt}` : ''}`)) as Parts[typeof part];
      } catch (error) {
        const wait = waits[attempt];
        if (wait === undefined) throw error;
        await new Promise((done) => setTimeout(done, wait));
      }
    }
  };
}
