import type { OpenAPIObject } from '@nestjs/swagger';

const methods = ['get', 'post', 'put', 'patch', 'delete'] as const;

/** Names the parameters of each path that no handler asks for by itself, such as the site that a guard looks up. */
export function withPathParameters(document: OpenAPIObject): OpenAPIObject {
  for (const [path, operations] of Object.entries(document.paths))
    for (const method of methods) {
      const operation = operations[method];
      if (!operation) continue;
      const known = operation.parameters ?? [];
      const isKnown = (name: string) =>
        known.some((one) => 'name' in one && one.in === 'path' && one.name === name);
      const missing = [...path.matchAll(/\{(\w+)\}/g)].flatMap(([, name = '']) =>
        isKnown(name) ? [] : [name],
      );
      operation.parameters = [
        ...missing.map((name) => ({ name, in: 'path' as const, required: true, schema: { type: 'string' } })),
        ...known,
      ];
    }
  return document;
}
