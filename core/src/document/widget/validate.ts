import { Type, type TSchema } from '@sinclair/typebox';
import { specOfAction } from '../../actions/index.js';
import { behaviourProblems } from '../../behaviour/problems.js';
import { valueAt } from '../../base/maps/index.js';
import { elementDefinitions, elementProblems } from '../elements/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { roleDefinitions } from '../../style/index.js';
import { placementDefinitionOf, placementDefinitions } from '../placement/index.js';
import { envelope, limits, schemaVersion, type WidgetDocument } from './document.js';
import type { Problem } from '../../base/schema/problem.js';
import { isNamedScene, mostNamedScenes, standardScenes } from '../scenes/index.js';
import { jsonSchema } from '../../base/schema/json-schema.js';
import { schemaProblems } from '../../base/schema/schema-problems.js';
import { styleProblems } from '../../style/style-problems.js';
import { treeProblems } from './tree.js';
import { standingProblems } from './standing.js';
import { withStandIns } from './unknown.js';
import { upgradeDocument } from './upgrade.js';

export type Validation = { ok: true; document: WidgetDocument } | { ok: false; problems: Problem[] };

/**
 * Checks a document from outside: an editor, an import, the API. Older schema versions are upgraded first.
 *
 * @param before the document that it was made from by edits: kinds of a newer version that were in it already are kept
 * @example
 * const result = validateDocument(JSON.parse(text));
 * if (!result.ok) console.log(result.problems[0].path, result.problems[0].reason);
 */
export function validateDocument(input: unknown, before?: WidgetDocument): Validation {
  const upgraded = upgradeDocument(input);
  if (!upgraded.ok) return { ok: false, problems: [upgraded.problem] };
  const whole = upgraded.document as unknown as WidgetDocument;
  const document = before ? withStandIns(whole, before) : whole;
  const first = schemaProblems(envelope, document, '');
  if (first.length > 0) return { ok: false, problems: first };
  // The envelope has passed, so the parts below have the shape that their own checks expect.
  const problems = [...partProblems(document)];
  if (problems.length === 0) problems.push(...treeProblems(document));
  if (problems.length === 0) problems.push(...standingProblems(document));
  return problems.length === 0
    ? { ok: true, document: whole }
    : { ok: false, problems: problems.slice(0, 20) };
}

function* partProblems(document: WidgetDocument): Generator<Problem> {
  yield* placementProblems(document);
  for (const [id, element] of Object.entries(document.elements)) yield* elementProblems(id, element);
  for (const role of Object.keys(document.style)) yield* roleProblems(document, role);
  yield* visitorProblems(document);
  yield* actionProblems(document);
  yield* sceneProblems(document);
  yield* ruleProblems(document);
}

function* ruleProblems({ behaviour }: WidgetDocument): Generator<Problem> {
  for (const [path, reason] of behaviourProblems(behaviour)) yield { path: `behaviour.${path}`, reason };
}

const placementProblems = ({ placement }: WidgetDocument): Problem[] =>
  schemaProblems(placementDefinitionOf(placement).schema, placement, 'placement');

function* roleProblems({ style }: WidgetDocument, role: string): Generator<Problem> {
  const parts = Object.keys(valueAt(roleDefinitions, role)?.style ?? {});
  if (parts.length === 0) yield { path: `style.${role}`, reason: 'is not a known role' };
  else yield* styleProblems(valueAt(style, role), parts, `style.${role}`);
}

function* sceneProblems({ scenes }: WidgetDocument): Generator<Problem> {
  const own = Object.keys(scenes).filter((name) => !(standardScenes as readonly string[]).includes(name));
  for (const name of own)
    if (!isNamedScene(name)) yield { path: `scenes.${name}`, reason: 'is not a known field' };
  if (own.length > mostNamedScenes)
    yield { path: 'scenes', reason: `has more than ${mostNamedScenes} scenes of its own` };
}

function* visitorProblems({ afterwards: { visitor } }: WidgetDocument): Generator<Problem> {
  if (visitor.type === 'page' && visitor.address !== '' && safeAddress(visitor.address, 'page') === null) {
    yield {
      path: 'afterwards.visitor.address',
      reason: 'must be a page address: a path, or one starting with https:',
    };
  }
}

function* actionProblems({ afterwards: { actions } }: WidgetDocument): Generator<Problem> {
  for (const [at, action] of actions.entries())
    for (const [path, reason] of specOfAction(action)?.problems?.(action as never) ?? [])
      yield { path: `afterwards.actions.${at}.${path}`, reason };
}

/** What an edit has changed, as far as it has to be checked again. */
export interface Touched {
  /** Keys of the document itself. */
  keys: ReadonlySet<string>;
  elements: ReadonlySet<string>;
  /** Roles whose style the widget sets. */
  roles: ReadonlySet<string>;
  /** Whether elements came, went, moved or changed what others may hold. */
  tree: boolean;
}

/**
 * Checks what an edit has touched, in a document that was sound before it: what `validateDocument` would find, in the
 * time that the edited part takes and not the whole.
 *
 * @returns at most twenty problems
 */
export function touchedProblems(
  edited: WidgetDocument,
  { keys, elements, roles, tree }: Touched,
  before: WidgetDocument,
): Problem[] {
  const document = withStandIns(edited, before);
  const problems: Problem[] = [];
  for (const key of keys) {
    const schema = valueAt(envelope.properties as Record<string, TSchema>, key);
    const value = valueAt(document as unknown as Record<string, unknown>, key);
    if (!schema) problems.push({ path: key, reason: 'is not a known field' });
    else if (value === undefined && (envelope.required as string[] | undefined)?.includes(key))
      problems.push({ path: key, reason: 'is missing' });
    else if (value !== undefined) problems.push(...schemaProblems(schema, value, key));
  }
  if (problems.length > 0) return problems.slice(0, 20);
  if (keys.has('placement')) problems.push(...placementProblems(document));
  if (keys.has('behaviour')) problems.push(...ruleProblems(document));
  if (keys.has('scenes')) problems.push(...sceneProblems(document));
  if (keys.has('afterwards')) problems.push(...visitorProblems(document), ...actionProblems(document));
  for (const role of roles)
    if (Object.hasOwn(document.style, role)) problems.push(...roleProblems(document, role));
  for (const id of elements)
    if (Object.hasOwn(document.elements, id))
      problems.push(...elementProblems(id, valueAt(document.elements, id)));
  if (tree && problems.length === 0) problems.push(...treeProblems(document));
  if (tree && problems.length === 0) problems.push(...standingProblems(document));
  return problems.slice(0, 20);
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
    $id: `urn:sirene:widget:${schemaVersion}`,
    title: `Sirene widget, schema version ${schemaVersion}`,
    ...jsonSchema(whole),
  };
}
