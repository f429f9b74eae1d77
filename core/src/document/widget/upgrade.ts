import { schemaVersion } from './document.js';
import type { Problem } from '../../base/schema/problem.js';

type Raw = Record<string, unknown>;

/** One step for each older version: `upgrades[n]` turns a document of version n into one of version n + 1. */
const upgrades: Readonly<Record<number, (document: Raw) => Raw>> = {};

export type Upgrade = { ok: true; document: Raw } | { ok: false; problem: Problem };

/** Brings a document of an older schema version up to this one; refuses those from a newer version. */
export function upgradeDocument(input: unknown, steps = upgrades, current: number = schemaVersion): Upgrade {
  if (typeof input !== 'object' || input === null || Array.isArray(input)) {
    return { ok: false, problem: { path: '', reason: 'must be an object' } };
  }
  let document = input as Raw;
  const version = document['schema'];
  if (typeof version !== 'number' || !Number.isInteger(version) || version < 1) {
    return { ok: false, problem: { path: 'schema', reason: `must be a version number, at most ${current}` } };
  }
  if (version > current) {
    const reason = `is version ${version}, from a newer Sirene; this one reads up to version ${current}`;
    return { ok: false, problem: { path: 'schema', reason } };
  }
  for (let at = version; at < current; at++) {
    const step = steps[at];
    if (!step)
      return { ok: false, problem: { path: 'schema', reason: `is version ${at}, which can't be upgraded` } };
    document = { ...step(document), schema: at + 1 };
  }
  return { ok: true, document };
}
