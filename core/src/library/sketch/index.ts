import {
  createElement,
  fieldSpec,
  noticeText,
  toRuns,
  type Element,
  type ElementType,
} from '../../document/elements/index.js';
import { illustrationSource, type IllustrationName } from '../../style/illustrations/index.js';
import { createPlacement, type Placement, type PlacementType } from '../../document/placement/index.js';
import type { StyleSheet, Values } from '../../style/index.js';
import { createWidget, type Kind, type SceneName, type WidgetDocument } from '../../document/widget/index.js';

/** An element in short: what differs from its type's defaults, and what it holds. */
export interface Sketch {
  type: ElementType;
  /** Its id; one is made where none is given. */
  id?: string;
  inside?: readonly Sketch[];
  [property: string]: unknown;
}

/** A widget in short, as starters and sample data are written. */
export interface WidgetSketch {
  name: string;
  kind: Kind;
  placement: { type: PlacementType } & Record<string, unknown>;
  opening: readonly Sketch[];
  scenes?: Partial<Record<Exclude<SceneName, 'opening'>, readonly Sketch[]>>;
  /** Scenes of its own, which buttons lead to: what each is called, and what it holds. */
  named?: Record<`scene-${string}`, { title: string; inside: readonly Sketch[] }>;
  header?: readonly Sketch[];
  footer?: readonly Sketch[];
  style?: WidgetDocument['style'];
  motion?: WidgetDocument['motion'];
  css?: string;
  behaviour?: Partial<WidgetDocument['behaviour']>;
  afterwards?: Partial<WidgetDocument['afterwards']>;
}

/**
 * Writes a widget out whole: every element with its defaults, under an id of its own.
 *
 * @example buildWidget({ name: 'Hello', kind: 'popup', placement: { type: 'centre' }, opening: [heading('Hello')] })
 */
export function buildWidget(sketch: WidgetSketch): WidgetDocument {
  const document = createWidget(sketch.name, sketch.kind);
  const elements: Record<string, Element> = {};
  let made = 0;
  const add = ({ type, id = `e${++made}`, inside, ...own }: Sketch): string => {
    const element = { ...createElement(type), ...own } as Element;
    elements[id] = element;
    if (inside) elements[id] = { ...element, children: inside.map(add) } as Element;
    return id;
  };
  const face = (root: string, inside: readonly Sketch[]) => ({
    root: add({ type: 'group', id: root, inside }),
  });
  const scenes = { opening: face('opening', sketch.opening) } as WidgetDocument['scenes'];
  for (const [name, inside] of Object.entries(sketch.scenes ?? {}))
    if (inside) scenes[name as SceneName] = face(name, inside);
  for (const [name, { title, inside }] of Object.entries(sketch.named ?? {}))
    scenes[name as SceneName] = { ...face(name.replace('-', ''), inside), title };
  const regions = {
    ...(sketch.header && { header: face('header', sketch.header) }),
    ...(sketch.footer && { footer: face('footer', sketch.footer) }),
  };
  return {
    ...document,
    placement: { ...createPlacement(sketch.placement.type), ...sketch.placement } as Placement,
    scenes,
    ...(Object.keys(regions).length > 0 && { regions }),
    elements,
    style: sketch.style ?? {},
    behaviour: { ...document.behaviour, ...sketch.behaviour },
    afterwards: { ...document.afterwards, ...sketch.afterwards },
    ...(sketch.motion && { motion: sketch.motion }),
    ...(sketch.css && { css: sketch.css }),
  };
}

/** Values of an element's box at rest, or of one of its parts. */
const styled = (values: Values, part = 'box') => ({ style: { [part]: { base: values } } });

/** An element with values of its own for its box, at rest and on a small screen, beside those it has. */
export function dressed(sketch: Sketch, base: Values, small?: Values): Sketch {
  const { box, ...parts } = (sketch['style'] ?? {}) as StyleSheet;
  return {
    ...sketch,
    style: {
      ...parts,
      box: {
        ...box,
        base: { ...box?.['base'], ...base },
        ...(small && { small: { ...box?.['small'], ...small } }),
      },
    },
  };
}

/** A heading of a level, or a paragraph of level 0. */
export const heading = (words: string, level = 2, values?: Values): Sketch => ({
  type: 'text',
  level,
  content: toRuns(words),
  ...(values && styled(values)),
});

/** A paragraph. */
export const words = (text: string, values?: Values): Sketch => heading(text, 0, values);

/** A paragraph of small print. */
export const small = (text: string): Sketch =>
  words(text, { fontSize: '{size.small}', color: '{color.quiet}' });

/** Elements below each other. */
export const column = (inside: readonly Sketch[], values?: Values): Sketch => ({
  type: 'group',
  direction: 'column',
  inside,
  ...(values && styled(values)),
});

/** Elements beside each other. */
export const row = (inside: readonly Sketch[], values?: Values): Sketch => ({
  ...column(inside, values),
  direction: 'row',
});

/** A form with its fields and its button. */
export const form = (inside: readonly Sketch[], values?: Values): Sketch => ({
  type: 'form',
  inside,
  ...(values && styled(values)),
});

/** A form whose fields and button share a line. */
export const sideForm = (inside: readonly Sketch[], values?: Values): Sketch => ({
  ...form(inside, values),
  layout: 'side',
});

/** A field of a kind. */
export const field = (
  kind: string,
  key: string,
  label: string,
  more: Record<string, unknown> = {},
): Sketch => ({
  type: 'field',
  kind,
  key,
  label,
  required: false,
  ...(fieldSpec(kind).options && { options: fieldSpec(kind).options }),
  ...more,
});

/** A field for an e-mail address, which has to be filled in. */
export const email = (label = 'E-mail address'): Sketch => field('email', 'email', label, { required: true });

/** The button that sends the form around it. */
export const send = (label: string, more: Record<string, unknown> = {}): Sketch => ({
  type: 'button',
  label,
  action: { type: 'submit' },
  ...more,
});

/** A button that leads to an address. */
export const link = (label: string, address = '', more: Record<string, unknown> = {}): Sketch => ({
  type: 'button',
  label,
  action: { type: 'link', address },
  wide: false,
  ...more,
});

/** A button that leads to another scene of the widget. */
export const toScene = (label: string, scene: SceneName, more: Record<string, unknown> = {}): Sketch => ({
  type: 'button',
  label,
  action: { type: 'scene', scene },
  wide: false,
  ...more,
});

/** A button that stands back behind the one that matters. */
export const quiet = {
  style: {
    box: {
      base: {
        background: 'transparent',
        color: '{color.accent}',
        borderColor: '{color.accent}',
        borderWidth: 1,
      },
      hover: { background: '{color.soft}', color: '{color.accent-strong}' },
    },
  },
};

/** A button that closes the widget. */
export const dismiss = (label: string): Sketch => ({
  type: 'button',
  label,
  action: { type: 'close' },
  wide: false,
  ...quiet,
});

/** An icon. */
export const icon = (name: string, values: Values = {}, mark: Values = {}): Sketch => ({
  type: 'icon',
  name,
  style: {
    ...(Object.keys(values).length > 0 && { box: { base: values } }),
    ...(Object.keys(mark).length > 0 && { mark: { base: mark } }),
  },
});

/** One of the shipped drawings, which only adorns; in the middle where nothing else is said. */
export const drawing = (name: IllustrationName, width = 180, values: Values = {}): Sketch => ({
  type: 'image',
  src: illustrationSource(name),
  alt: '',
  plain: true,
  ...styled({ width, maxWidth: '100%', self: 'center', ...values }),
});

/** A list of lines with a mark before each. */
export const list = (lines: readonly string[], mark = 'check'): Sketch => ({
  type: 'list',
  items: lines.map((line) => ({ words: line })),
  marks: 'icons',
  icon: mark,
});

/** A badge. */
export const badge = (text: string): Sketch => ({ type: 'badge', words: text });

/** A countdown to a moment. */
export const countdown = (until: string, more: Record<string, unknown> = {}): Sketch => ({
  type: 'countdown',
  until,
  ...more,
});

/** The legal line below a form. */
export const notice = (text = noticeText): Sketch => ({ ...small(text), notice: true });

/** The scene of thanks: a heading and a paragraph. */
export const thanks = (title: string, text: string): Record<'thanks', readonly Sketch[]> => ({
  thanks: [drawing('thanks', 150), heading(title, 2, { align: 'center' }), words(text, { align: 'center' })],
});
