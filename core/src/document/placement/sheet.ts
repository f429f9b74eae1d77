import { Type } from '@sinclair/typebox';
import type { InspectorProperty } from '../property/index.js';

/** What a placement keeps that lies over a phone's window. */
export const coverFields = {
  /** The designer wants it to cover more than half of a phone's window. */
  coversPhone: Type.Optional(Type.Boolean()),
};

/** What a placement keeps that can be a sheet on phones. */
export const sheetFields = {
  ...coverFields,
  /** On phones it is a sheet at the bottom, of at most half of the window; it begins with its teaser scene, where it has one. */
  sheet: Type.Optional(Type.Boolean()),
};

/** How a sheet is asked for. */
export const sheetProperty: InspectorProperty = {
  path: ['sheet'],
  label: 'Bottom sheet on phones',
  control: 'toggle',
  help: 'At most half of the window. It begins with the teaser scene, where there is one.',
};

// The rim of a phone's window is its own: from side to side, and never more than half of it.
const css =
  '@media (max-width:600px){.box{inset:auto 0 0!important;margin:0!important;width:100%!important;max-width:none!important;' +
  'height:auto!important;max-height:50dvh!important;overflow:auto;border-end-start-radius:0!important;' +
  'border-end-end-radius:0!important;padding-bottom:env(safe-area-inset-bottom)}}';

/** The CSS of a sheet, where one is wanted. */
export const sheetCss = (sheet: boolean | undefined): string => (sheet ? css : '');
