import { TableColumnsSplit } from 'lucide';
import { h } from '../../base/html/index.js';
import { childList, define, elementFields } from './definition.js';
import { planRows } from './plan.js';

export const plans = define({
  type: 'plans',
  label: 'Price plans',
  icon: TableColumnsSplit,
  schema: elementFields('plans', { children: childList }),
  role: () => 'plans',
  parts: ['box'],
  container: true,
  inside: { only: ['plan'] },
  create: () => ({ type: 'plans', children: [] }),
  title: () => 'Price plans',
  properties: [],
  render: (_, { box, children }) => h('div', box, children()),
  // Each plan takes all rows and shares their heights (CSS Grid 2, subgrid). The row gap is none: pieces keep their own
  // distance, so that a row without a piece has no height.
  css: `&{display:grid;grid-template-columns:repeat(auto-fit,minmax(min(100%,190px),1fr));grid-template-rows:repeat(${planRows},auto);row-gap:0!important;margin-block:-8px}`,
});
