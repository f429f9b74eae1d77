import { Type } from '@sinclair/typebox';
import { signalTypes, type Policy, type WidgetRules } from '@sirene/core/behaviour';
import { partNames } from '@sirene/core/document/parts';
import { answer, fromCore, nullable, oneOf } from '../shared/answers.js';

const rules = fromCore<WidgetRules>(
  'WidgetRules',
  'behaviour',
  'When, where, to whom and how often a widget appears, as pages get it.',
);

const shownBy = {
  body: Type.String({ description: 'The path of what is shown.' }),
  parts: Type.Array(oneOf(partNames, 'A part of the script that it needs.')),
};
const integrity = Type.String({ description: 'What its content hashes to (Subresource Integrity).' });
const together = {
  signals: Type.Array(oneOf(signalTypes, 'What their rules have the page listen to.')),
  policy: fromCore<Policy>('Policy', 'behaviour', 'How much they may interrupt together.'),
};

/** What a page first hears of the site's published widgets. */
export const manifest = answer('Manifest', {
  widgets: Type.Array(Type.Intersect([rules, Type.Object({ ...shownBy, integrity })])),
  ...together,
});

/** What a page hears of the site's drafts, which change as they are edited. */
export const triedManifest = answer('TriedManifest', {
  widgets: Type.Array(Type.Intersect([rules, Type.Object(shownBy)])),
  ...together,
});

/** The rules of a widget as they stand in its draft, and what a plan of the site needs to know besides. */
export const plannedWidget = Type.Intersect(
  [
    rules,
    Type.Object({
      name: Type.String(),
      published: Type.Boolean({ description: 'Whether visitors get it, be it an older version.' }),
      standalone: Type.Boolean({ description: 'Whether it stands on a page of its own, where no other is.' }),
      hasForm: Type.Boolean({ description: 'Whether it can be submitted.' }),
    }),
  ],
  { $id: 'PlannedWidget' },
);

export const install = answer('Install', {
  connected: Type.Boolean(),
  at: nullable(Type.Integer()),
  page: nullable(Type.String()),
});
