import type { Element } from '../../../document/elements/index.js';
import { contrastOf, type ContrastReading } from '../contrast.js';
import { seen, textsOf, type Subject } from '../finding.js';

/** How a text of an element can be read. */
export interface TextReading {
  id: string;
  element: Element;
  part: string;
  reading: ContrastReading;
}

const read = new WeakMap<Subject, readonly TextReading[]>();

/** The contrast of every text of a widget, read once for all rules that go by it: it is what a check takes longest for. */
export function readingsOf(subject: Subject): readonly TextReading[] {
  const known = read.get(subject);
  if (known) return known;
  const { document, brand, images } = subject;
  const rest = { screen: null, state: null };
  const readings = seen(subject).flatMap(([id, element]) =>
    textsOf(element).map((part) => ({
      id,
      element,
      part,
      reading: contrastOf(document, brand, id, part, rest, images),
    })),
  );
  read.set(subject, readings);
  return readings;
}
