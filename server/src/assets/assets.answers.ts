import { Type } from '@sinclair/typebox';
import { answer, nullable, oneOf } from '../shared/answers.js';
import { assetKinds, sourceOf, type AssetEntity } from './assets.entity.js';

export const asset = answer('Asset', {
  id: Type.String(),
  kind: oneOf(assetKinds),
  name: Type.String(),
  src: Type.String({ description: 'As documents name it.' }),
  bytes: Type.Integer(),
  width: nullable(Type.Integer()),
  height: nullable(Type.Integer()),
  family: nullable(Type.String()),
  weight: nullable(Type.String()),
});

/** What is told of an upload. */
export const toldOfAsset = (entity: AssetEntity) => {
  const { id, kind, name, bytes, width, height, family, weight } = entity;
  return { id, kind, name, src: sourceOf(entity), bytes, width, height, family, weight };
};
