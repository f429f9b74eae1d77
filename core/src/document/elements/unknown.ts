import { CircleQuestionMark } from 'lucide';
import { Type } from '@sinclair/typebox';
import { join } from '../../base/html/index.js';
import type { ElementDefinition } from './definition.js';

/** An element of a kind that only a newer version knows: it is kept as it is, named, and shown to nobody. */
export const unknownElement: ElementDefinition = {
  type: 'unknown',
  label: 'Unknown element',
  icon: CircleQuestionMark,
  schema: Type.Object({}),
  role: () => 'group',
  parts: ['box'],
  container: false,
  create: () => ({}),
  title: (element: { type?: string }) => `Unknown: ${element.type ?? ''}`,
  lacks: (element: { type?: string }) => [
    {
      text: `An element of a newer version of Sirene (${element.type ?? ''}) is kept, and not shown to visitors`,
      repair: { label: 'Remove it', remove: true },
    },
  ],
  properties: [],
  render: () => join([]),
  css: '',
};
