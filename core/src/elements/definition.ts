import { Type, type Static, type TObject, type TProperties } from '@sinclair/typebox';
import type { Html } from '../render/html.js';
import type { Role, StyleSheet } from '../style/index.js';
import type { FieldRule } from '../form/index.js';

/** A property of an element as the inspector offers it. */
export interface InspectorProperty {
  /** Key of the element, or path into it. */
  path: readonly string[];
  label: string;
  control: 'line' | 'lines' | 'toggle' | 'choice' | 'number' | 'action' | 'rich';
  /** For choices: value and what it is called. */
  options?: Readonly<Record<string, string>>;
  /** One sentence below the control. */
  help?: string;
  /** Rarely used: stands folded. */
  rare?: boolean;
}

/** What an element needs to know of its surroundings while it is written as HTML. */
export interface RenderContext {
  id: string;
  /** `id` and classes for the element's outermost node. */
  box: { 'data-e': string; class: string };
  /** The class of one of its parts. */
  part(name: string): string;
  children(): Html;
}

/** One kind of element: its data, how it is written, and what the inspector offers. One file each. */
export interface ElementDefinition<S extends TObject = TObject> {
  type: string;
  label: string;
  /** Name in the icon library. */
  icon: string;
  schema: S;
  role(element: Static<S>): Role;
  parts: readonly string[];
  /** Whether it holds other elements. */
  container: boolean;
  /** What it can't stand in or must stand in, as types of elements around it. */
  inside?: { never?: readonly string[]; always?: readonly string[] };
  create(): NoInfer<Static<S>>;
  /** What the outline calls it. */
  title(element: Static<S>): string;
  properties: readonly InspectorProperty[];
  render(element: Static<S>, context: RenderContext): Html;
  /** CSS that its HTML always needs, with `&` for its class. */
  css: string;
  /** What it asks a submission to hold, for elements that are fields. */
  fieldRule?(element: Static<S>, id: string): FieldRule;
  /** Checks that a schema can't express: `[path, reason]`. */
  problems?(element: Static<S>): [string, string][];
}

export const define = <S extends TObject>(definition: ElementDefinition<S>): ElementDefinition<S> =>
  definition;

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
      ...own,
    },
    { additionalProperties: false },
  );
}

/** The children of a container. */
export const childList = Type.Array(Type.String({ maxLength: 20 }), { maxItems: 500 });
