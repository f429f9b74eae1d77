/** Says something in the page's console, for whoever builds the page. */
export const say = (text: string, ...more: unknown[]): void => console.info(`Sirene: ${text}`, ...more);

/** Whatever goes wrong in here stays in here: the page must not notice. */
export const report = (error: unknown): void => say('something went wrong.', error);

/** Calls, and reports what is thrown. */
export function attempt(call: () => void): void {
  try {
    call();
  } catch (error) {
    report(error);
  }
}
