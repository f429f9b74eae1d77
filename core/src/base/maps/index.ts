/**
 * What a record holds under a key that comes from data: only what is its own, never what every object inherits, so that
 * a look called "constructor" is one that does not exist and not a function.
 *
 * Everything that reads by such a key goes through here; the linter refuses the bare form.
 *
 * @example valueAt({ a: 1 }, 'a') // 1
 * @example valueAt({}, 'constructor') // undefined
 */
export function valueAt<V>(
  record: Readonly<Record<string, V>> | null | undefined,
  key: string,
): V | undefined {
  return record && Object.hasOwn(record, key) ? record[key] : undefined;
}

/** Whether a value from outside is an object with names, and no list. */
export const isGroup = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
