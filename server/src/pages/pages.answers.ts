import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';
import type { PageEntity } from './pages.entity.js';

export const storedPage = answer('StoredPage', {
  id: Type.String(),
  address: Type.String(),
  title: Type.String(),
});

export const toldOfPage = ({ id, address, title }: PageEntity) => ({ id, address, title });
