import { valueAt } from '../base/maps/index.js';
import { variableSets } from './variable-sets.js';

/** Where a field's label may stand: eight places around it, two upon it. Screen readers read it at every one of them. */
export const labelPlaces = {
  'above-start': 'Above, start',
  'above-centre': 'Above, centre',
  'above-end': 'Above, end',
  before: 'Before the field',
  after: 'After the field',
  below: 'Below, start',
  'below-centre': 'Below, centre',
  'below-end': 'Below, end',
  inside: 'Floating inside',
  'on-line': 'On the border',
  hidden: 'Hidden',
} as const;

const rows = (areas: string, columns = 'minmax(0,1fr)') => `grid-template:${areas}/${columns}`;
const beside = (order: string, columns: string) => {
  const [first, second] = order.split(' ');
  const apart = first === 'label' ? '0 8px' : '8px 0';
  const under = (name: string) => (first === 'label' ? `". ${name}"` : `"${name} ."`);
  const lines = `"${first} ${second}" ${under('hint')} ${under('error')}`;
  return {
    css: rows(lines, columns),
    gs: `". ." "${first} ${second}" ". ." ${under('hint')} ${under('error')}`,
    la: 'center',
    li: apart,
    lg: apart,
  };
};

const above = { css: rows('"label" "input" "hint" "error"') };
const below = {
  css: rows('"input" "label" "hint" "error"'),
  gs: '"." "input" "label" "hint" "error"',
};
const upon = {
  css: rows('"input" "hint" "error"'),
  gs: '"." "input" "." "hint" "error"',
  lc: 'input',
};

// The label follows variables that its box sets: a place is one value of the box, whatever level sets it. `gs` are the
// areas of a field that shares a line with others: as many rows whatever the place, so that all inputs are in the second.
const places = variableSets<keyof typeof labelPlaces>({
  'above-start': { ...above, lj: 'start' },
  'above-centre': { ...above, lj: 'center' },
  'above-end': { ...above, lj: 'end' },
  before: beside('label input', 'minmax(6em,1fr) 2fr'),
  after: beside('input label', '2fr minmax(6em,1fr)'),
  below: { ...below, lj: 'start' },
  'below-centre': { ...below, lj: 'center' },
  'below-end': { ...below, lj: 'end' },
  inside: {
    ...upon,
    la: 'center',
    li: '12px',
    lfa: 'start',
    lft: '-50%',
    lx: '.8em',
    lfb: 'var(--color-ground)',
    lm: '1.7em',
  },
  'on-line': { ...upon, la: 'start', li: '8px', lt: '-50%', lb: 'var(--color-ground)', lm: '1.7em' },
  hidden: { ...upon, lh: 'inset(50%)', lo: '0' },
});

/** The declarations of a label's place, for the box around a field (CSS Grid 2). */
export const labelPlaceCss = (place: string): string => valueAt(places, place) ?? places['above-start'];
