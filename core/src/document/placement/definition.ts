import type { Mode, Slot } from '../../behaviour/index.js';
import { Type, type Static, type TObject } from '@sinclair/typebox';
import type { InspectorProperty } from '../property/index.js';
import { oneOf, strict } from '../../base/schema/index.js';
import { rim, rimNames } from './rim.js';
import type { ConditionStyles } from '../../style/values.js';

export { oneOf, strict };

/**
 * How a widget stands on a page: `modal` blocks the page behind it, `popover` stands above it and leaves it usable,
 * `inline` is part of it.
 */
export type Stand = 'modal' | 'popover' | 'inline';

/** How the width of a box is drawn with the pointer. */
export interface WidthHandle {
  edge: 'left' | 'right';
  /** How much it grows for each px that the handle is drawn: twice as much where it grows to both sides. */
  times: number;
  /** The least and the most, px. */
  range: readonly [number, number];
}

/** Of overlays: from the least to the most that their width may be, px. */
export const overlayRange = [40, 1200] as const;

/** One way for a widget to stand on a page: its data, and the CSS of its box. One file each. */
export interface PlacementDefinition<S extends TObject = TObject> {
  type: string;
  label: string;
  /** One sentence for the menu. */
  help: string;
  schema: S;
  stand: Stand;
  mode: Mode;
  /** Which part of the window it lies over. */
  slot(placement: Static<S>): Slot;
  create(): Record<string, unknown>;
  /** Where it stands, in words that follow "appears": "in the bottom right corner". */
  phrase(placement: Static<S>): string;
  /** The handle by which its width is drawn on the stage; none where it has the window's. */
  handle?(placement: Static<S>): WidthHandle;
  /** How wide a preview of it is and how high at least, px; where it has a width of its own, that. */
  preview?(placement: Static<S>): { width: number; least?: number };
  properties: readonly InspectorProperty[];
  /** What its box has in place of the brand's values, such as its width; looks, the widget and each screen may differ. */
  box?(placement: Static<S>): ConditionStyles;
  /** The CSS of the box: where it stands and how large it may be. Lengths in px, safe areas of the screen spared. */
  css(placement: Static<S>): string;
}

/** A placement’s definition, with its types taken from its schema. */
export const definePlacement = <S extends TObject>(
  definition: PlacementDefinition<S>,
): PlacementDefinition<S> => definition;

const closeMarks = ['cross', 'line', 'arrow', 'words'] as const;
const closePlaces = ['inside-end', 'inside-start', 'outside-end'] as const;

/** How an overlay closes. */
export const closing = Type.Object(
  {
    button: Type.Boolean(),
    escape: Type.Boolean(),
    backdrop: Type.Boolean(),
    /** What the close button shows; a cross where nothing is said. */
    mark: Type.Optional(oneOf(closeMarks)),
    at: Type.Optional(oneOf(closePlaces)),
    words: Type.Optional(Type.String({ maxLength: 40 })),
    /** Seconds after which it closes by itself. */
    after: Type.Optional(Type.Number({ minimum: 1, maximum: 3600 })),
    /** Where its teaser scene remains as a tab, for the rest of the visit; nothing remains where this is not said. */
    teaser: Type.Optional(rim),
  },
  strict,
);

export const offset = Type.Tuple([
  Type.Number({ minimum: 0, maximum: 400 }),
  Type.Number({ minimum: 0, maximum: 400 }),
]);

/** Width of an overlay, px. */
export const overlayWidth = Type.Number({ minimum: 40, maximum: 1200 });

/** A preview of what fills the window, px. */
export const wholeWindow = { width: 1080, least: 640 };

/** However wide it is asked to be, some of the page is seen beside it. */
export const boxCss = '.box{max-width:calc(100vw - 32px)}';

/** A box with straight corners. */
export const straight = (): ConditionStyles => ({ base: { radius: 0 } });

/** How the width of the content is asked for, where the box itself is as wide as the window. */
export const contentWidth: InspectorProperty = {
  path: ['width'],
  label: 'Content width',
  unit: 'px',
  control: 'number',
  always: true,
  min: 200,
  max: 2000,
};

/**
 * How the ways to close are asked for.
 *
 * @param beside whether something is beside it to be clicked
 * @param folds whether it folds up rather than goes, so that nothing more can remain of it
 */
export const closingProperties = (beside: boolean, folds = false): readonly InspectorProperty[] => [
  { path: ['closing', 'button'], label: 'Close button', control: 'toggle', always: true },
  { path: ['closing', 'escape'], label: 'Esc key', control: 'toggle', always: true },
  ...(beside
    ? [
        {
          path: ['closing', 'backdrop'],
          label: 'Outside click',
          control: 'toggle',
          always: true,
        } satisfies InspectorProperty,
      ]
    : []),
  {
    path: ['closing', 'mark'],
    label: 'Button icon',
    control: 'choice',
    options: { cross: 'Cross', line: 'Line', arrow: 'Arrow', words: 'Text' },
  },
  { path: ['closing', 'words'], label: 'Button text', control: 'line' },
  {
    path: ['closing', 'at'],
    label: 'Button position',
    control: 'choice',
    options: {
      'inside-end': 'Inside, end',
      'inside-start': 'Inside, start',
      'outside-end': 'Above the box',
    },
  },
  { path: ['closing', 'after'], label: 'Close after', unit: 's', control: 'number', min: 1, max: 3600 },
  ...(folds
    ? []
    : [
        {
          path: ['closing', 'teaser'],
          label: 'Teaser remains',
          control: 'choice',
          options: rimNames,
          help: 'After closing, the teaser scene stays at this edge as a tab, and opens it again.',
        } satisfies InspectorProperty,
      ]),
];
