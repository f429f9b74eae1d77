import { Type } from '@sinclair/typebox';
import { languages } from '../../base/messages/index.js';
import { oneOf, strict } from '../../base/schema/index.js';
import { schemaProblems } from '../../base/schema/schema-problems.js';
import { styleProblems } from '../../style/style-problems.js';
import type { Problem } from '../../base/schema/problem.js';
import { aliasesIn } from './aliases.js';
import {
  completeBrand,
  importTokens,
  noLook,
  readTokens,
  partsOf,
  roles,
  TokenError,
  type Brand,
  type Role,
} from '../../style/index.js';

const schema = Type.Object(
  {
    tokens: Type.Record(Type.String(), Type.Unknown()),
    looks: Type.Record(
      Type.String({ pattern: `^(?!${noLook}$)[a-z][a-z0-9-]{0,59}$` }),
      Type.Object(
        {
          name: Type.String({ minLength: 1, maxLength: 60 }),
          role: oneOf(roles),
          style: Type.Record(Type.String(), Type.Unknown()),
          inside: Type.Optional(Type.Record(Type.String(), Type.Unknown())),
          standard: Type.Optional(Type.Boolean()),
        },
        strict,
      ),
      { additionalProperties: false, maxProperties: 200 },
    ),
    fonts: Type.Array(
      Type.Object(
        {
          family: Type.String({ pattern: '^[A-Za-z0-9 _-]{1,80}$' }),
          src: Type.String({ pattern: '^asset:[a-z0-9]{16,40}/[a-z0-9.-]{1,40}$' }),
          weight: Type.String({ pattern: '^[0-9]{1,4}( [0-9]{1,4})?$' }),
          style: Type.Union([Type.Literal('normal'), Type.Literal('italic')]),
        },
        strict,
      ),
      { maxItems: 60 },
    ),
    language: Type.Optional(oneOf(languages)),
    logo: Type.Optional(
      Type.Object(
        {
          src: Type.String({ pattern: '^asset:[a-z0-9]{16,40}(/[a-z0-9.-]{1,40})?$' }),
          alt: Type.String({ maxLength: 300 }),
          width: Type.Integer({ minimum: 1, maximum: 20_000 }),
          height: Type.Integer({ minimum: 1, maximum: 20_000 }),
        },
        strict,
      ),
    ),
  },
  strict,
);

export type BrandReading = { ok: true; brand: Brand } | { ok: false; problems: Problem[] };

/**
 * Reads a brand from outside: its tokens can be read, its looks say what roles can be told. What comes back is made of
 * what was checked and of nothing else, so that it may be stored and written into CSS.
 *
 * @param going tokens that looks may still refer to, because another is about to take their place
 * @returns the brand, or at most twenty problems
 */
export function readBrand(input: unknown, going: readonly string[] = []): BrandReading {
  const problems = schemaProblems(schema, input, '');
  if (problems.length > 0) return { ok: false, problems };
  const given = input as Brand;
  const { tokens, skipped } = importTokens(given.tokens);
  problems.push(...skipped.map(({ path, reason }) => ({ path: `tokens.${path}`, reason })));
  const brand: Brand = { ...given, tokens };
  if (problems.length === 0) problems.push(...lookProblems(brand, going));
  return problems.length === 0 ? { ok: true, brand } : { ok: false, problems: problems.slice(0, 20) };
}

function lookProblems(brand: Brand, going: readonly string[]): Problem[] {
  const problems: Problem[] = [];
  const standards = new Map<Role, string>();
  for (const [id, { role, style, inside = {}, standard }] of Object.entries(brand.looks)) {
    const other = standards.get(role);
    if (standard && other)
      problems.push({ path: `looks.${id}.standard`, reason: `is what ${other} is for its role already` });
    if (standard) standards.set(role, id);
    problems.push(...sheetProblems(role, style, `looks.${id}.style`));
    for (const [other, sheet] of Object.entries(inside))
      problems.push(...sheetProblems(other, sheet, `looks.${id}.inside.${other}`));
  }
  try {
    // Its tokens laid over the plain ones may go round in a circle though neither does by itself.
    const known = readTokens(completeBrand(brand).tokens);
    if (problems.length === 0) problems.push(...danglingAliases(brand, known, going));
  } catch (error) {
    if (!(error instanceof TokenError)) throw error;
    problems.push({ path: `tokens.${error.path}`, reason: error.reason });
  }
  return problems;
}

function sheetProblems(role: string, sheet: unknown, at: string): Problem[] {
  if (!roles.includes(role as Role)) return [{ path: at, reason: 'is not a known role' }];
  return [...styleProblems(sheet, partsOf(role as Role), at)];
}

function danglingAliases(
  brand: Brand,
  known: ReadonlyMap<string, unknown>,
  going: readonly string[],
): Problem[] {
  return Object.entries(brand.looks).flatMap(([id, look]) =>
    aliasesIn(look)
      .filter((path) => !known.has(path) && !going.includes(path))
      .map((path) => ({ path: `looks.${id}`, reason: `refers to ${path}, which does not exist` })),
  );
}
