import { applyDecorators } from '@nestjs/common';
import { ApiExtension, ApiOperation, type OpenAPIObject } from '@nestjs/swagger';
import { Type, type Static, type TSchema, type TUnsafe } from '@sinclair/typebox';

/** What a route answers: a schema, which the compiler holds its handler to, nothing at all, or a file of a media type. */
interface Described {
  schema?: TSchema;
  media: string;
}

type HandlerOf<A> = (...args: never[]) => A | Promise<A>;

const describe = (summary: string, answer: Described | null) =>
  applyDecorators(ApiOperation({ summary }), ApiExtension('x-answer', answer));

/**
 * Says what a route does and what it answers, for the API's description. The handler's type must fit the schema; in the
 * server's tests every answer is held to it as well.
 *
 * @example
 * @Answers('Every widget of a site.', Type.Array(listedWidget))
 * @Get('sites/:site/widgets')
 */
export const Answers =
  <S extends TSchema>(summary: string, schema: S) =>
  <H extends HandlerOf<Static<S>>>(
    target: object,
    key: string | symbol,
    handler: TypedPropertyDescriptor<H>,
  ): void =>
    describe(summary, { schema, media: 'application/json' })(target, key, handler);

/** Says what a route does that answers with its status alone. */
export const AnswersNothing =
  (summary: string) =>
  <H extends HandlerOf<void>>(
    target: object,
    key: string | symbol,
    handler: TypedPropertyDescriptor<H>,
  ): void =>
    describe(summary, null)(target, key, handler);

/**
 * Says what a route does that writes its answer by itself: a file, or JSON that was made before.
 *
 * @param media its media type
 * @param schema what JSON of it looks like
 */
export const AnswersFile = (summary: string, media: string, schema?: TSchema): MethodDecorator =>
  describe(summary, { media, ...(schema && { schema }) });

/** A type that core describes: the API's description names it, and the studio's types take it from there. */
export const fromCore = <T>(name: string, module: string, description: string): TUnsafe<T> =>
  Type.Unsafe<T>({ $id: name, type: 'object', description, 'x-core': `@sirene/core/${module}` });

/** One of a list of words. */
export const oneOf = <W extends string>(words: readonly W[], description?: string): TUnsafe<W> =>
  Type.Unsafe<W>({ type: 'string', enum: [...words], ...(description && { description }) });

/** An object by keys that come from data. */
export const byKey = <S extends TSchema>(schema: S): TUnsafe<Record<string, Static<S>>> =>
  Type.Unsafe({ type: 'object', additionalProperties: schema });

export const nullable = <S extends TSchema>(schema: S) => Type.Union([schema, Type.Null()]);

/** An object of which nothing else is told. */
export const answer = <P extends Record<string, TSchema>>($id: string, properties: P) =>
  Type.Object(properties, { $id, additionalProperties: false });

const problem = Type.Object(
  {
    statusCode: Type.Integer(),
    message: Type.String({ description: 'What was wrong and what to do, as a sentence.' }),
  },
  { $id: 'Problem', description: 'A refusal. Some carry more, such as `problems` with path and reason.' },
);

interface Operation {
  responses: Record<string, unknown>;
  'x-answer'?: Described | null;
}

const methods = ['get', 'post', 'put', 'patch', 'delete'] as const;

/** Writes into the description what each route answers, with schemas that have a name among the components. */
export function withAnswers(document: OpenAPIObject): OpenAPIObject {
  const named: Record<string, unknown> = {};
  const refusal = {
    description: 'Refused',
    content: { 'application/json': { schema: hoist(problem, named) } },
  };
  for (const operations of Object.values(document.paths))
    for (const method of methods) {
      const operation = operations[method] as Operation | undefined;
      if (!operation) continue;
      const described = operation['x-answer'];
      delete operation['x-answer'];
      const [status = '200'] = Object.keys(operation.responses);
      const content = described && { [described.media]: contentOf(described, named) };
      operation.responses = {
        [status]: {
          description: described ? 'Done' : 'Done; nothing more is told',
          ...(content && { content }),
        },
        '4XX': refusal,
      };
    }
  document.components = {
    ...document.components,
    schemas: { ...document.components?.schemas, ...(named as OpenAPIObject['components']) } as never,
  };
  return document;
}

const contentOf = ({ schema, media }: Described, named: Record<string, unknown>) => ({
  schema: schema ? hoist(schema, named) : { type: 'string', ...(isBinary(media) && { format: 'binary' }) },
});

const isBinary = (media: string): boolean => !media.startsWith('text/');

function hoist(schema: unknown, named: Record<string, unknown>): unknown {
  if (Array.isArray(schema)) return schema.map((item) => hoist(item, named));
  if (typeof schema !== 'object' || schema === null) return schema;
  const { $id, ...rest } = schema as Record<string, unknown>;
  const inner = Object.fromEntries(Object.entries(rest).map(([key, value]) => [key, hoist(value, named)]));
  if (typeof $id !== 'string') return inner;
  named[$id] = inner;
  return { $ref: `#/components/schemas/${$id}` };
}
