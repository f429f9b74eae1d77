import { Type } from '@sinclair/typebox';
import { answer } from '../shared/answers.js';
import type { PageEntity } from './pages.entity.js';

export const storedPage = answer('StoredPage', {
  id: Type.String(),
  address: Type.String(),
  title: Type.String(),
  types: Type.Array(Type.String(), { description: 'What it says that it is, such as article.' }),
  markers: Type.Array(Type.String(), { description: 'The inline widgets it has markers for.' }),
});

export const toldOfPage = ({ id, address, title, types, markers }: Omit<PageEntity, 'html'>) => ({
  id,
  address,
  title,
  types,
  markers,
});
