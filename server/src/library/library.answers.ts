import { Type } from '@sinclair/typebox';
import { purposes, type Purpose } from '@sirene/core/library/starters';
import { answer, oneOf } from '../shared/answers.js';
import { branchAnswer, documentAnswer } from '../shared/core-answers.js';
import type { OwnStarterEntity, ShelfItemEntity } from './library.entity.js';

export const shelfPiece = answer('ShelfPiece', {
  id: Type.String(),
  name: Type.String(),
  branch: branchAnswer,
});

export const ownStarter = answer('OwnStarter', {
  id: Type.String(),
  purpose: oneOf(Object.keys(purposes) as Purpose[]),
  says: Type.String({ description: 'One sentence: what it is for.' }),
  document: documentAnswer,
});

export const toldOfPiece = ({ id, name, branch }: ShelfItemEntity) => ({ id, name, branch });

export const toldOfStarter = ({ id, purpose, says, document }: OwnStarterEntity) => ({
  id,
  purpose,
  says,
  document,
});
