import { Type, type Static, type TObject, type TProperties } from '@sinclair/typebox';
import type { IconNode } from 'lucide';
import type { Foreign } from '../../base/html/foreign.js';
import type { Messages } from '../../base/messages/index.js';
import { motionsSchema, type Motions } from '../../style/motion/index.js';
import type { Html } from '../../base/html/index.js';
import { oneOf, strict } from '../../base/schema/index.js';
import type { BrandLogo, Role, StyleSheet } from '../../style/index.js';
import { formTree, type FieldRule, type FormulaFields, type FormulaType } from '../../form/index.js';
import type { PartName } from '../parts/index.js';
import type { InspectorProperty } from '../property/index.js';

export type { InspectorProperty } from '../property/index.js';

/** What an element needs to know of its surroundings while it is written as HTML. */
export interface RenderContext {
  id: string;
  /** `id` and classes for the element's outermost node. */
  box: { 'data-e': string; class: string };
  /** The class of one of its parts. */
  part(name: string): string;
  children(): Html;
  /** What it holds, one by one: for a container that lays out each by its kind. */
  held(): readonly Held[];
  /** The brand's own mark, where it has one. */
  logo: BrandLogo | undefined;
  /** Makes markup from outside safe. */
  foreign: Foreign;
  /** What visitors read in the widget's language. */
  messages: Messages;
}

/** A field of a form, as its conditions and formulas know it. */
export interface AnswerField {
  key: string;
  label: string;
  gives: FormulaType;
  /** What may be chosen, for fields that offer choices. */
  options?: readonly string[];
  /** What its options stand for, where they stand for numbers. */
  values?: Readonly<Record<string, number>>;
}

/** One entry of the menu of new elements. */
export interface Offer {
  label: string;
  /** Properties that differ from the type's defaults. */
  with: Record<string, unknown>;
  /** What it brings along inside, for a container. */
  holds?: readonly ({ type: string } & Record<string, unknown>)[];
}

/** An element inside another, and what it is written as. */
export interface Held {
  element: AnyElement;
  html: Html;
}

/** What every element says of itself, whatever its kind. */
export interface AnyElement {
  type: string;
  hidden?: boolean;
}

/** Something that an element lacks, in a sentence, and an edit that mends it: of itself, or of one of its properties. */
export interface Lack {
  text: string;
  repair?: { label: string; remove: true } | { label: string; set: readonly [key: string, value: unknown] };
}

/** What one does about an element that shows nothing. */
export const removeIt = { label: 'Remove it', remove: true } as const;

/** One kind of element: its data, how it is written, and what the inspector offers. One file each. */
export interface ElementDefinition<S extends TObject = TObject> {
  type: string;
  label: string;
  /** What stands for it in the outline and in the menu of new elements; some of its kind may have another. */
  icon: IconNode;
  iconFor?(element: Static<S>): IconNode | undefined;
  schema: S;
  role(element: Static<S>): Role;
  parts: readonly string[];
  /** Sheets that its data chooses, above the brand's own for its role; each with the name of its class. */
  variants?(element: Static<S>): readonly { name: string; sheet: StyleSheet }[];
  /** The parts that an element has, where that depends on its data; all where nothing is said. */
  used?(element: Static<S>): readonly string[];
  /** Parts whose text has to be readable; the box where nothing is said and it holds no others. */
  texts?(element: Static<S>): readonly string[];
  /** The parts of its own that are drawn behind a part, nearest first, besides its box. */
  behind?(element: Static<S>, part: string): readonly string[];
  /** Looks that it has at times, each with what its outermost node is marked by then, as a CSS selector. */
  looksWhen?(element: Static<S>): readonly { look: string; when: string }[];
  /** Whether it holds other elements. */
  container: boolean;
  /** What it can't stand in or must stand in, as types of elements around it, and what alone it may hold. */
  inside?: { never?: readonly string[]; always?: readonly string[]; only?: readonly string[] };
  create(): NoInfer<Static<S>>;
  /** What the outline calls it. */
  title(element: Static<S>): string;
  /**
   * What it lacks: a name for those who do not see it (WCAG 2.2, 1.1.1 and 4.1.2), or anything to show at all. Told by the
   * check before publishing.
   */
  lacks?(element: Static<S>): readonly Lack[];
  /** Which of its measures is worth drawing on the stage; the others take theirs from their words or from what holds them. */
  sized?: 'width' | 'height';
  properties: readonly InspectorProperty[];
  /**
   * Its HTML, built with `h()`, which escapes every text. A node with `data-text` holds nothing but the text at that path of the
   * element's data, as in `items.0.words`: it can be typed over on the stage. An element may have several.
   */
  render(element: Static<S>, context: RenderContext): Html;
  /** CSS that its HTML always needs, with `&` for its class. */
  css: string;
  /** CSS that only some need, depending on their data. */
  cssFor?(element: Static<S>, held: () => readonly AnyElement[]): readonly string[];
  /** CSS that is needed only where the styles of the widget say something, such as a label elsewhere than above. */
  cssWhen?: readonly { styles: RegExp; css: string }[];
  /** What it asks a submission to hold, for elements that are fields, or several of them; `fields` are those of its form. */
  fieldRules?(element: Static<S>, id: string, messages: Messages, fields: FormulaFields): FieldRule[];
  /** How conditions and formulas of its form know it, for elements that are fields. */
  answers?(element: Static<S>): AnswerField[];
  /** Checks that a schema can't express: `[path, reason]`. */
  problems?(element: Static<S>): [string, string][];
  /** The lazily loaded part of the page's script that it needs. */
  script?(element: Static<S>): PartName | undefined;
  /** The address name of a widget that it opens without the visitor doing anything. */
  opens?(element: Static<S>): string | undefined;
  /** How the menu of new elements offers it, where that is not one entry under its own label. */
  offers?: readonly Offer[];
}

export { oneOf, strict };

/** An element’s definition, with its types taken from its schema. */
export const define = <S extends TObject>(definition: ElementDefinition<S>): ElementDefinition<S> =>
  definition;

/** What a link says that opens in a tab of its own, out of reach of the page it opens (HTML, `noopener`). */
export const newTab = { target: '_blank', rel: 'noopener' } as const;

/** The name under which a field is submitted. */
export const fieldName = Type.String({
  pattern: '^[a-z][a-z0-9_-]{0,39}$',
  description:
    'must start with a lowercase letter and contain only lowercase letters, digits, - and _, at most 40',
});

/** A currency (ISO 4217), and a language that amounts are written in (BCP 47). */
export const currencyCode = Type.String({
  pattern: '^[A-Z]{3}$',
  description: 'must be a three-letter currency code, such as EUR',
});
export const languageTag = Type.String({
  pattern: '^[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*$',
  description: 'must be a language tag, such as de',
});

/** A line of words, and an address. */
export const line = (maxLength = 200) => Type.String({ maxLength });
export const addressText = Type.String({ maxLength: 2048 });

const answerTree = formTree();

/** The schema of an element: what all have, and what is its own. */
export function elementFields<T extends TProperties>(type: string, own: T) {
  return Type.Object(
    {
      type: Type.Literal(type),
      /** What the designer calls it in the outline. */
      title: Type.Optional(Type.String({ maxLength: 80 })),
      hidden: Type.Optional(Type.Boolean()),
      look: Type.Optional(Type.String({ maxLength: 80 })),
      style: Type.Optional(Type.Unsafe<StyleSheet>(Type.Record(Type.String(), Type.Unknown()))),
      /** A class of the designer's own, for custom CSS. */
      class: Type.Optional(
        Type.String({
          pattern: '^[a-z][a-z0-9-]{0,39}$',
          description: 'must start with a lowercase letter and contain only lowercase letters, digits and -',
        }),
      ),
      motion: Type.Optional(Type.Unsafe<Motions>(motionsSchema)),
      /** Seconds after the widget opened at which it appears. */
      after: Type.Optional(Type.Number({ minimum: 0, maximum: 600 })),
      /** In a form: shown, and asked for, only while this holds of the other answers. */
      when: Type.Optional(answerTree),
      ...own,
    },
    strict,
  );
}

/** The children of a container. */
export const childList = Type.Array(Type.String({ maxLength: 20 }), { maxItems: 500 });
