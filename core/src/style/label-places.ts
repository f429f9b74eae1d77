import { valueAt } from '../maps/index.js';

/** Where a field's label may stand. It is read to screen readers at every one of them, hidden ones too. */
export const labelPlaces = {
  'above-start': 'Above, start',
  'above-centre': 'Above, centre',
  'above-end': 'Above, end',
  before: 'Before the field',
  after: 'After the field',
  below: 'Below the field',
  inside: 'Floating inside',
  'on-line': 'On the border',
  hidden: 'Hidden',
} as const;

const rows = (areas: string, columns = 'minmax(0,1fr)') => `grid-template:${areas}/${columns}`;
const above = '"label" "input" "hint" "error"';
const beside = (order: string, columns: string) => {
  const [first, second] = order.split(' ');
  const under = (name: string) => (first === 'label' ? `". ${name}"` : `"${name} ."`);
  return rows(`"${first} ${second}" ${under('hint')} ${under('error')}`, columns);
};

// The label follows variables that its box sets: a place is one value of the box, whatever level sets it.
const places: Record<string, string> = {
  'above-start': `${rows(above)};--lj:start`,
  'above-centre': `${rows(above)};--lj:center`,
  'above-end': `${rows(above)};--lj:end`,
  before: `${beside('label input', 'minmax(6em,1fr) 2fr')};--la:center`,
  after: `${beside('input label', '2fr minmax(6em,1fr)')};--la:center`,
  below: `${rows('"input" "label" "hint" "error"')}`,
  inside: `${rows('"input" "hint" "error"')};--lc:input;--la:center;--li:12px;--lfa:start;--lft:-50%;--lfb:var(--color-ground)`,
  'on-line': `${rows('"input" "hint" "error"')};--lc:input;--la:start;--li:8px;--lt:-50%;--lb:var(--color-ground)`,
  hidden: `${rows('"input" "hint" "error"')};--lc:input;--lh:inset(50%);--lo:0`,
};

/** The declarations of a label's place, for the box around a field (CSS Grid 2). */
export const labelPlaceCss = (place: string): string =>
  valueAt(places, place) ?? (places['above-start'] as string);
