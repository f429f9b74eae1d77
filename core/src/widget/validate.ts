import { Type } from '@sinclair/typebox';
import { elementDefinitions, elementProblems } from '../elements/index.js';
import { safeAddress } from '../sanitise/index.js';
import { roleStyles, type Role } from '../style/index.js';
import { placementDefinitions } from '../placement/index.js';
import { envelope, limits, schemaVersion, type WidgetDocument } from './document.js';
import type { Problem } from './problem.js';
import { schemaProblems } from './schema-problems.js';
import { styleProblems } from './style-problems.js';
import { treeProblems } from './tree.js';
import { standingProblems } from './standing.js';
import { upgradeDocument } from './upgrade.js';

export type Validation = { ok: true; document: WidgetDocument } | { ok: false; problems: Problem[] };

/**
 * Checks a document from outside: an editor, an import, the API. Older schema versions are upgraded first.
 *
 * @example
 * const result = validateDocument(JSON.parse(text));
 * if (!result.ok) console.log(result.problems[0].path, result.problems[0].reason);
 */
export function validateDocument(input: unknown): Validation {
  const upgraded = upgradeDocument(input);
  if (!upgraded.ok) return { ok: false, problems: [upgraded.problem] };
  const candidate = upgraded.document;
  const first = schemaProblems(envelope, candidate, '');
  if (first.length > 0) return { ok: false, problems: first };
  // The envelope has passed, so the parts below have the shape that their own checks expect.
  const document = candidate as unknown as WidgetDocument;
  const problems = [...partProblems(document)];
  if (problems.length === 0) problems.push(...treeProblems(document));
  if (problems.length === 0) problems.push(...standingProblems(document));
  return problems.length === 0 ? { ok: true, document } : { ok: false, problems: problems.slice(0, 20) };
}

function* partProblems(document: WidgetDocument): Generator<Problem> {
  yield* schemaProblems(
    placementDefinitions[document.placement.type].schema,
    document.placement,
    'placement',
  );
  for (const [id, element] of Object.entries(document.elements)) yield* elementProblems(id, element);
  for (const [role, sheet] of Object.entries(document.style)) {
    const parts = Object.keys(roleStyles[role as Role] ?? {});
    if (parts.length === 0) yield { path: `style.${role}`, reason: 'is not a known role' };
    else yield* styleProblems(sheet, parts, `style.${role}`);
  }
  const { visitor } = document.afterwards;
  if (visitor.type === 'page' && visitor.address !== '' && safeAddress(visitor.address, 'page') === null) {
    yield {
      path: 'afterwards.visitor.address',
      reason: 'must be a page address: a path, or one starting with https:',
    };
  }
}

/** The published JSON Schema of a widget document (JSON Schema 2020-12). */
export function widgetSchema(): Record<string, unknown> {
  const elements = Object.values(elementDefinitions).map(({ schema }) => schema);
  const whole = Type.Object(
    {
      ...envelope.properties,
      placement: Type.Union(Object.values(placementDefinitions).map(({ schema }) => schema)),
      elements: Type.Record(Type.String(), Type.Union(elements), { maxProperties: limits.elements }),
    },
    { additionalProperties: false },
  );
  return {
    $schema: 'https://json-schema.org/draft/2020-12/schema',
    title: `Sirene widget, schema version ${schemaVersion}`,
    ...(JSON.parse(JSON.stringify(whole)) as Record<string, unknown>),
  };
}
