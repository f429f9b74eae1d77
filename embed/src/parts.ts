/** The parts that are loaded when a widget needs them. */
export interface Parts {
  anchor: typeof import('./anchor.ts');
  form: typeof import('./form.ts');
  basket: typeof import('./basket.ts');
  countdown: typeof import('./countdown.ts');
}

/** Before each further try, ms. */
const waits = [400, 2000];

/**
 * Loads parts by the names that the build gave them. What can't be had is asked for again, each time at another address:
 * a browser keeps a module that failed as failed.
 */
export function partLoader(
  base: string,
  names: Record<keyof Parts, string>,
  load: (address: string) => Promise<unknown>,
): <P extends keyof Parts>(part: P) => Promise<Parts[P]> {
  return async (part) => {
    for (let attempt = 0; ; attempt++) {
      try {
        return (await load(`${base}${names[part]}${attempt ? `?${attempt}` : ''}`)) as Parts[typeof part];
      } catch (error) {
        const wait = waits[attempt];
        if (wait === undefined) throw error;
        await new Promise((done) => setTimeout(done, wait));
      }
    }
  };
}
