import { Type, type Static } from '@sinclair/typebox';
import { actionSpecs } from '../../actions/index.js';
import type { Behaviour, Targeting } from '../../behaviour/index.js';
import type { StyleSheet } from '../../style/index.js';
import type { Element } from '../elements/index.js';
import { languages } from '../../base/messages/index.js';
import { motionsSchema, type Motions } from '../../style/motion/index.js';
import { placementDefinitions, type Placement } from '../placement/index.js';
import { conditionSpecs, triggerSpecs } from '../../behaviour/index.js';
import { texts, timeOfDay, weekdays, treeOf } from '../../behaviour/schemas.js';
import { oneOf, strict, wallClock } from '../../base/schema/index.js';
import { sceneTitle, standardScenes, type SceneName } from '../scenes/index.js';

/** The version of the document format that this code writes. */
export const schemaVersion = 1;

/** The most a document may hold. */
export const limits = { elements: 2000, depth: 40 } as const;

export const kinds = ['popup', 'cta', 'form', 'countdown', 'bar', 'chat'] as const;

export type Kind = (typeof kinds)[number];

const elementId = Type.String({
  pattern: '^[a-z][a-z0-9]{0,19}$',
  description: 'must start with a lowercase letter and contain only lowercase letters and digits, at most 20',
});

/** The most times in all. */
const most = Type.Optional(Type.Integer({ minimum: 1, maximum: 1000 }));
const frequency = Type.Union([
  Type.Object({ per: Type.Literal('page'), most }, strict),
  Type.Object({ per: Type.Literal('visit'), most }, strict),
  Type.Object({ per: Type.Literal('days'), days: Type.Integer({ minimum: 1, maximum: 3650 }), most }, strict),
]);

const pause = Type.Union([Type.Null(), Type.Integer({ minimum: 0, maximum: 3650 })]);

const triggerList = Type.Array(Type.Union(triggerSpecs.map((spec) => spec.schema())), {
  minItems: 1,
  maxItems: 20,
});

const targeting = treeOf(conditionSpecs.map((spec) => spec.schema()));

const schedule = Type.Object(
  {
    zone: Type.String({ maxLength: 60 }),
    from: Type.Optional(wallClock()),
    until: Type.Optional(wallClock()),
    hours: Type.Array(Type.Object({ days: weekdays(), from: timeOfDay(), to: timeOfDay() }, strict), {
      maxItems: 50,
    }),
  },
  strict,
);

const behaviour = Type.Object(
  {
    triggers: Type.Union([
      Type.Object({ any: triggerList }, strict),
      Type.Object({ all: triggerList }, strict),
    ]),
    targeting: Type.Unsafe<Targeting>(targeting),
    schedule: Type.Optional(schedule),
    frequency,
    returning: Type.Object(
      {
        afterClosing: pause,
        afterSubmitting: pause,
        afterOthers: Type.Optional(texts(50, 80)),
      },
      strict,
    ),
    priority: Type.Integer({ minimum: -100, maximum: 100 }),
  },
  strict,
);

const afterwards = Type.Object(
  {
    visitor: Type.Union([
      Type.Object({ type: Type.Literal('scene') }, strict),
      Type.Object(
        {
          type: Type.Literal('page'),
          address: Type.String({ maxLength: 2048 }),
          /** What was entered goes along, as parameters by field name. */
          values: Type.Optional(Type.Boolean()),
        },
        strict,
      ),
      Type.Object({ type: Type.Literal('close') }, strict),
      /** Another widget of the site, by its address name. */
      Type.Object({ type: Type.Literal('widget'), opens: Type.String({ maxLength: 120 }) }, strict),
    ]),
    /** Days after which a submission is deleted; kept for good where nothing is said. */
    keep: Type.Optional(Type.Integer({ minimum: 1, maximum: 3650 })),
    actions: Type.Array(Type.Union(actionSpecs.map(({ schema }) => schema)), { maxItems: 20 }),
  },
  strict,
);

const scene = Type.Object({ root: elementId }, strict);

/** A scene of the designer's own, with what it is called. */
const namedScene = Type.Object({ root: elementId, title: sceneTitle }, strict);

/** The envelope of a document. Elements are checked each by its own type, style values each by its property. */
export const envelope = Type.Object(
  {
    schema: Type.Literal(schemaVersion),
    // What it is opened by: spaces alone could not be pressed.
    name: Type.String({ minLength: 1, maxLength: 120, pattern: '\\S', description: 'must not be blank' }),
    kind: oneOf(kinds),
    /** The language of what visitors read; the site's where nothing is said. */
    language: Type.Optional(oneOf(languages)),
    placement: Type.Object({ type: oneOf(Object.keys(placementDefinitions) as Placement['type'][]) }),
    scenes: Type.Object(
      {
        opening: scene,
        ...Object.fromEntries(standardScenes.slice(1).map((name) => [name, Type.Optional(scene)])),
      },
      { additionalProperties: namedScene },
    ),
    /** What stands above and below every scene. */
    regions: Type.Optional(
      Type.Object({ header: Type.Optional(scene), footer: Type.Optional(scene) }, strict),
    ),
    elements: Type.Record(Type.String(), Type.Object({ type: Type.String() }), {
      maxProperties: limits.elements,
    }),
    style: Type.Record(Type.String(), Type.Unknown()),
    /** The look of its box. */
    look: Type.Optional(Type.String({ maxLength: 80 })),
    behaviour,
    afterwards,
    motion: Type.Optional(motionsSchema),
    /** A style sheet of the designer's own, for this widget alone. */
    css: Type.Optional(Type.String({ maxLength: 20_000 })),
  },
  strict,
);

type Envelope = Static<typeof envelope>;

/** One face of a widget. */
export interface Scene {
  root: string;
  /** What it is called, where it is one of the designer's own. */
  title?: string;
}

/** A widget as its designer made it: everything but its id, address name and site, so that it can be copied anywhere. */
export interface WidgetDocument extends Omit<
  Envelope,
  'placement' | 'scenes' | 'regions' | 'elements' | 'style' | 'behaviour' | 'afterwards' | 'motion' | 'css'
> {
  placement: Placement;
  scenes: { opening: Scene } & { [name in SceneName]?: Scene };
  regions?: { header?: { root: string }; footer?: { root: string } };
  /** All elements by id; the order on the page is the order in `children`. */
  elements: Record<string, Element>;
  /** The widget's own values for every element of a role, by role. */
  style: Record<string, StyleSheet>;
  behaviour: Behaviour;
  afterwards: Static<typeof afterwards>;
  motion?: Motions;
  css?: string;
}
