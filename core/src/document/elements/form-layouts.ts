import { h, join, type Html } from '../../base/html/index.js';
import type { AnyElement, Held } from './definition.js';

export const formLayouts = ['stacked', 'side', 'columns'] as const;
export type FormLayout = (typeof formLayouts)[number];

const isField = ({ type }: AnyElement): boolean => type === 'field';
const isButton = ({ type }: AnyElement): boolean => type === 'button';

/** What a form holds in runs: fields and buttons that follow each other share a line, all else has one of its own. */
function linesOf<T>(held: readonly T[], elementOf: (one: T) => AnyElement): { shared: boolean; held: T[] }[] {
  const lines: { shared: boolean; held: T[] }[] = [];
  for (const one of held) {
    const element = elementOf(one);
    if (element.hidden) continue;
    const shared = isField(element) || isButton(element);
    const last = lines.at(-1);
    if (shared && last?.shared) last.held.push(one);
    else lines.push({ shared, held: [one] });
  }
  return lines;
}

/** The class of a line, by what shares it: `line-fb` is a field and a button. */
const lineClass = (elements: readonly AnyElement[]): string =>
  `line-${elements.map((one) => (isField(one) ? 'f' : 'b')).join('')}`;

/** The content of a form whose fields and buttons stand side by side. */
export function sideBySide(all: readonly Held[]): Html {
  const lines = linesOf(all, ({ element }) => element).map(({ shared, held }) => {
    const inner = held.map(({ html }) => html);
    return shared
      ? h('div', { class: `line ${lineClass(held.map(({ element }) => element))}` }, ...inner)
      : join(inner);
  });
  return join(lines);
}

// Each field has the same five rows (label above, input, label below, hint, error), so that all inputs are in the second
// and an error under one moves none of the others. Important, since a label's place is a style and outranks structure.
const sideCss =
  '&.side{container-type:inline-size}' +
  '& .line{display:grid;grid-template-rows:repeat(5,auto);column-gap:inherit}' +
  '& .line>.t-button{grid-row:2;align-self:stretch}' +
  '& .line>.t-field{grid-row:1/-1;min-width:0;row-gap:0!important;grid-template-rows:subgrid!important;' +
  'grid-template-areas:var(--gs,"label" "input" "." "hint" "error")!important}' +
  '& .line .label{margin-block:0 4px}& .line p{margin-block-start:4px}& .line .input{align-self:stretch}' +
  '& .line:has(.choices)>.t-button{align-self:start}';

const stackedCss = (line: string) =>
  `${line}{display:flex;flex-direction:column;gap:inherit}${line}>.t-field{grid-template-rows:none!important}`;

// What a field and a button need at the least, px. Where they have less, they stand below each other.
const least = { field: 140, button: 110 };

function lineCss(elements: readonly AnyElement[]): string {
  const line = `& .${lineClass(elements)}`;
  const columns = elements.map((one) => (isField(one) ? 'minmax(0,1fr)' : 'auto')).join(' ');
  const room = elements.reduce((sum, one) => sum + (isField(one) ? least.field : least.button), 0);
  return `${line}{grid-template-columns:${columns}}@container (max-width:${room}px){${stackedCss(line)}}`;
}

const columnsCss =
  '&.columns{display:grid;grid-template-columns:repeat(2,minmax(0,1fr));align-items:start}' +
  '&.columns>:is(:not(.t-field),:has(>textarea),[role=group]){grid-column:1/-1}' +
  '@media (max-width:600px){&.columns{grid-template-columns:minmax(0,1fr)}}';

/** What the layout of a form needs beside the CSS that every form has. */
export function formLayoutCss(layout: FormLayout, held: () => readonly AnyElement[]): string[] {
  if (layout === 'stacked') return [];
  if (layout === 'columns') return [columnsCss];
  const lines = linesOf(held(), (element) => element).filter(({ shared }) => shared);
  return [
    sideCss,
    ...lines.map((line) => lineCss(line.held)),
    `@media (max-width:600px){${stackedCss('& .line')}}`,
  ];
}
