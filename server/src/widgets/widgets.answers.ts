import { Type } from '@sinclair/typebox';
import { placementDefinitions, type PlacementType } from '@sirene/core/document/placement';
import { kinds } from '@sirene/core/document/widget';
import { ruleSentence } from '@sirene/core/review/sentence';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { documentAnswer } from '../shared/core-answers.js';
import type { VersionEntity, WidgetEntity } from './widgets.entity.js';

const common = {
  id: Type.String(),
  siteId: Type.String(),
  slug: Type.String({ description: 'Its address name, unique on its site.' }),
  draftVersion: Type.Integer({
    description: 'Counts up with every save; an edit names the one it started from.',
  }),
  draftSavedAt: Type.Integer(),
  publishedNumber: nullable(Type.Integer()),
  changedSince: Type.Boolean({ description: 'Whether the draft has been edited since it was published.' }),
};

export const widgetAnswer = answer('Widget', { ...common, document: documentAnswer });

export const listedWidget = answer('ListedWidget', {
  ...common,
  name: Type.String(),
  kind: oneOf(kinds),
  placement: oneOf(Object.keys(placementDefinitions) as PlacementType[]),
  sentence: Type.String({ description: 'When, where and to whom it appears, as one sentence.' }),
  collects: Type.Boolean({ description: 'Whether it has a form, so that something can be sent.' }),
  shown: Type.Integer(),
  submitted: Type.Integer(),
});

export const versionAnswer = answer('Version', {
  number: Type.Integer(),
  publishedAt: Type.Integer(),
  publishedBy: Type.String(),
  document: documentAnswer,
  live: Type.Boolean({ description: 'Whether visitors get it now.' }),
});

const toldInCommon = (entity: WidgetEntity) => ({
  id: entity.id,
  siteId: entity.siteId,
  slug: entity.slug,
  draftVersion: entity.draftVersion,
  draftSavedAt: entity.draftSavedAt,
  publishedNumber: entity.publishedNumber,
  changedSince: entity.publishedDraft !== null && entity.publishedDraft !== entity.draftVersion,
});

export const toldOfWidget = (entity: WidgetEntity) => ({ ...toldInCommon(entity), document: entity.draft });

/** What a list tells: without the documents, since a thousand of them are too much for one answer and few are looked at. */
export function toldInList(entity: WidgetEntity, done = { shown: 0, submitted: 0 }) {
  const { name, kind, placement, elements } = entity.draft;
  return {
    ...toldInCommon(entity),
    name,
    kind,
    placement: placement.type,
    sentence: ruleSentence(entity.draft),
    collects: Object.values(elements).some(({ type }) => type === 'form'),
    ...done,
  };
}

export const toldOfVersion = (entity: VersionEntity, live: number | null) => ({
  number: entity.number,
  publishedAt: entity.publishedAt,
  publishedBy: entity.publishedBy,
  document: entity.document,
  live: entity.number === live,
});
