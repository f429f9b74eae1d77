/**
 * Stands at the end of a `switch` over kinds: the compiler refuses it where a kind has been forgotten.
 *
 * @throws Error at run time, for a kind that the types did not promise
 * @example default: return forgotten(operation)
 */
export function forgotten(kind: never): never {
  throw new Error(`Nothing is known of ${JSON.stringify(kind)}`);
}
