import type { OpenAPIObject } from '@nestjs/swagger';
import { Ajv2020, type ValidateFunction } from 'ajv/dist/2020.js';

interface Operation {
  method: string;
  path: RegExp;
  status: string;
  /** Compiled when it is first asked: most tests ask few of many. */
  fits(): ValidateFunction;
}

/**
 * Holds answers to the API's description: a route that answers what it does not describe fails the test that asked it.
 *
 * @returns what says how an answer differs from its description, or `null` where it doesn't or none is described
 */
export function described(
  api: OpenAPIObject,
): (method: string, path: string, body: unknown) => string | null {
  const ajv = new Ajv2020({ strict: false, allErrors: true });
  ajv.addSchema({ $id: 'api:', components: api.components });
  const operations = Object.entries(api.paths).flatMap(([path, methods]) =>
    Object.entries(methods as Record<string, never>).flatMap(([method, operation]): Operation[] => {
      const responses = Object.entries((operation as { responses: Record<string, never> }).responses);
      const [status = '', response] = responses[0] ?? [];
      const content = (response as { content?: Record<string, { schema: object }> } | undefined)?.content;
      const schema = content?.['application/json']?.schema;
      if (!schema) return [];
      const pattern = path.replace(/[.]/g, '\\.').replace(/\{\w+\}/g, '[^/]+');
      let compiled: ValidateFunction | undefined;
      const fits = () =>
        (compiled ??= ajv.compile(JSON.parse(JSON.stringify(schema).replaceAll('"#/', '"api:#/')) as object));
      return [{ method: method.toUpperCase(), path: new RegExp(`^${pattern}$`), status, fits }];
    }),
  );
  return (method, address, body) => {
    const [path = ''] = address.split('?');
    const operation = operations.find((one) => one.method === method && one.path.test(path));
    const fits = operation?.fits();
    if (!fits || fits(body)) return null;
    return `${method} ${path} answers what its description does not say: ${ajv.errorsText(fits.errors)}`;
  };
}
