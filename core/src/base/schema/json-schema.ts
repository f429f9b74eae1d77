import { isGroup } from '../maps/index.js';

type Schema = Record<string, unknown>;

/**
 * A schema of ours as JSON Schema 2020-12, which others can read: tuples by `prefixItems` (10.3.1.1), schemas that hold
 * themselves under `$defs` (8.2.4).
 *
 * @param schema the schema of an object
 * @example jsonSchema(Type.Object({ at: Type.Tuple([Type.Number()]) })) // at: { prefixItems: [{ type: 'number' }], items: false, … }
 */
export function jsonSchema(schema: unknown): Schema {
  const $defs: Schema = {};
  // What only the schema library knows is kept by symbols, which JSON leaves out.
  const root = standard(JSON.parse(JSON.stringify(schema)), $defs) as Schema;
  return { ...root, ...(Object.keys($defs).length > 0 && { $defs }) };
}

function standard(value: unknown, $defs: Schema): unknown {
  if (Array.isArray(value)) return value.map((one) => standard(one, $defs));
  if (!isGroup(value)) return value;
  const { $id, $ref, items, additionalItems, ...rest } = value;
  if (typeof $ref === 'string') return { $ref: `#/$defs/${$ref}` };
  const own: Schema = {
    ...Object.fromEntries(Object.entries(rest).map(([name, one]) => [name, standard(one, $defs)])),
    ...(Array.isArray(items)
      ? { prefixItems: standard(items, $defs), items: additionalItems ?? false }
      : items !== undefined && { items: standard(items, $defs) }),
  };
  if (typeof $id !== 'string') return own;
  $defs[$id] = own;
  return { $ref: `#/$defs/${$id}` };
}
