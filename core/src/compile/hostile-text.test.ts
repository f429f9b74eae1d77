import {
  createElement,
  elementDefinitions,
  type ElementType,
  type InspectorProperty,
} from '../document/elements/index.js';
import { createWidget } from '../document/widget/index.js';
import { plainBrand } from '../style/index.js';
import { compileWidget } from './index.js';

type Raw = Record<string, unknown>;

/** A value at a path, made anew where nothing is. */
function put(target: Raw, [key, ...rest]: readonly string[], value: unknown): void {
  if (key === undefined) return;
  if (rest.length === 0) target[key] = value;
  else put((target[key] ??= {}) as Raw, rest, value);
}

/** What a property holds when all its texts are one text; `undefined` where it holds none. */
function filled({ control, entries }: InspectorProperty, text: string): unknown {
  if (control === 'line' || control === 'lines') return text;
  if (control === 'rich') return [{ text, bold: true, highlight: true, link: text }];
  if (control !== 'list' || !entries) return undefined;
  const blank = entries.blank();
  if (typeof blank !== 'object' || blank === null) return [text, text];
  const entry = structuredClone(blank) as Raw;
  for (const property of entries.properties) {
    const value = filled(property, text);
    if (value !== undefined) put(entry, property.path, value);
  }
  return [entry, structuredClone(entry)];
}

/** An element of a kind as the inspector could fill it: every text that its kind describes is the same text. */
function elementOf(type: ElementType, text: string): Raw {
  const element = structuredClone(createElement(type)) as unknown as Raw;
  for (const property of elementDefinitions[type].properties) {
    const value = filled(property, text);
    if (value !== undefined) put(element, property.path, value);
  }
  return element;
}

function htmlOf(type: ElementType, text: string): string {
  const document = createWidget('Any');
  const element = elementOf(type, text);
  const { opening } = document.elements;
  Object.assign(document.elements, { one: element, opening: { ...opening, children: ['one'] } });
  return compileWidget(document, plainBrand).scenes.opening ?? '';
}

/** The tags and attributes alone. A link to nowhere safe has no address, and lets its words stand without it. */
const shape = (html: string): string =>
  html
    .replace(/>[^<]*</g, '><')
    .replace(/="[^"]*"/g, '=""')
    .replace(/<\/?a\b[^>]*>/g, '')
    .replace(/ (href|src|poster|srcset|sizes|width|height)=""/g, '')
    .replace(/<br>/g, '');

const hostile = [
  '<script>alert(1)</script>',
  '"><img src=x onerror=alert(1)>',
  "' onmouseover='alert(1)",
  '</p></div></form><form action=//evil.example>',
  '&lt;b&gt;<!--',
];
const types = Object.keys(elementDefinitions) as ElementType[];

test.each(types.flatMap((type) => hostile.map((text) => [type, text] as const)))(
  'no text of %s becomes markup: %s',
  (type, text) => {
    expect(shape(htmlOf(type, text))).toBe(shape(htmlOf(type, 'harmless')));
  },
);

test.each(types)('no address of %s runs anything', (type) => {
  for (const text of [
    'javascript:alert(1)',
    ' JaVaScRiPt:alert(1)',
    'data:text/html,<script>alert(1)</script>',
  ])
    expect(htmlOf(type, text)).not.toMatch(/(href|src|action|poster)="\s*(javascript|data):/i);
});
