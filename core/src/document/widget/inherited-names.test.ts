import { checkDocument } from '../../review/check/index.js';
import { foreign } from '../../compile/foreign/index.js';
import { compileWidget } from '../../compile/index.js';
import { stations, stationSentence } from '../../review/sentence/index.js';
import { starterDocument, starters } from '../../library/starters/index.js';
import { plainBrand } from '../../style/index.js';
import { validateDocument } from './index.js';

/** Names that every object answers to, though nobody gave it one so called. */
const inherited = ['constructor', 'toString', '__proto__', 'hasOwnProperty', 'valueOf'];

type Place = { path: (string | number)[]; isKey: boolean };

/** Every place of a document where a string or a name stands. */
function places(value: unknown, path: (string | number)[] = []): Place[] {
  if (typeof value === 'string') return [{ path, isKey: false }];
  if (typeof value !== 'object' || value === null) return [];
  return Object.entries(value).flatMap(([name, inside]) => [
    ...(Array.isArray(value) ? [] : [{ path: [...path, name], isKey: true }]),
    ...places(inside, [...path, name]),
  ]);
}

/** A copy with another string, or another name, at one place. */
function changed(document: unknown, { path, isKey }: Place, name: string): unknown {
  const copy = JSON.parse(JSON.stringify(document)) as Record<string, unknown>;
  const last = path.at(-1) as string;
  const holder = path
    .slice(0, -1)
    .reduce<Record<string, unknown>>((at, step) => at[step] as Record<string, unknown>, copy);
  if (!isKey) holder[last] = name;
  else {
    const value = holder[last];
    Reflect.deleteProperty(holder, last);
    Object.defineProperty(holder, name, { value, enumerable: true, configurable: true, writable: true });
  }
  return copy;
}

const time = { now: Date.UTC(2026, 10, 25), zone: 'Europe/London' };
const documents = starters.map((starter) => starterDocument(starter, time));

test.each(documents.map((document) => [document.name, document] as const))(
  'in “%s” a name that objects inherit is refused or is a word like any other',
  (_, document) => {
    const all = places(document);
    // Every seventh: the starters together reach each kind of place many times over.
    for (const [at, place] of all.entries()) {
      if (at % 7 !== 0) continue;
      const name = inherited[at % inherited.length] as string;
      const result = validateDocument(changed(document, place, name));
      if (!result.ok) {
        expect(result.problems[0]?.reason).not.toMatch(/undefined|function/);
        continue;
      }
      const { css, scenes } = compileWidget(result.document, plainBrand, foreign);
      expect([place.path, `${css}${Object.values(scenes).join('')}`]).toEqual([
        place.path,
        expect.not.stringMatching(/native code|undefined|\[object/),
      ]);
      checkDocument(result.document, plainBrand);
      for (const station of stations) stationSentence(result.document, station);
    }
  },
);
