import { Type } from '@sinclair/typebox';
import { Timer } from 'lucide';
import { h } from '../../base/html/index.js';
import { wallClock } from '../../base/schema/index.js';
import { countUnits } from '../../base/time/index.js';
import { instantOf } from '../../base/zones/index.js';
import { define, elementFields, line, oneOf, strict } from './definition.js';

const schema = elementFields('countdown', {
  /** The end, as the clock on the wall shows it in `zone`. */
  until: wallClock(),
  /** Name in the IANA time zone database. */
  zone: line(60),
  units: Type.Array(oneOf(countUnits), { minItems: 1, maxItems: 4, uniqueItems: true }),
  /** What each unit is called; in the widget's language where nothing is said. */
  labels: Type.Optional(
    Type.Object(
      {
        days: Type.Optional(line(30)),
        hours: Type.Optional(line(30)),
        minutes: Type.Optional(line(30)),
        seconds: Type.Optional(line(30)),
      },
      strict,
    ),
  ),
  /** In blocks, or as one line of text. */
  design: oneOf(['blocks', 'line']),
});

export const countdown = define({
  type: 'countdown',
  label: 'Countdown',
  icon: Timer,
  schema,
  role: () => 'countdown',
  parts: ['box', 'unit', 'number', 'label'],
  used: ({ design }) => ['box', ...(design === 'blocks' ? ['unit'] : []), 'number', 'label'],
  texts: () => ['number', 'label'],
  container: false,
  script: () => 'countdown' as const,
  create: () => ({
    type: 'countdown',
    until: '2027-01-12T20:00',
    zone: 'Europe/London',
    units: [...countUnits],
    design: 'blocks' as const,
  }),
  title: ({ until }) => `Until ${until.replace('T', ', ')}`,
  properties: [
    { path: ['until'], label: 'End date', control: 'moment', always: true },
    { path: ['zone'], label: 'Time zone', control: 'zone', always: true },
    {
      path: ['units'],
      label: 'Units',
      control: 'several',
      options: { days: 'Days', hours: 'Hours', minutes: 'Minutes', seconds: 'Seconds' },
    },
    {
      path: ['design'],
      label: 'Design',
      control: 'choice',
      options: { blocks: 'Blocks', line: 'Inline' },
    },
    ...countUnits.map((unit) => ({
      path: ['labels', unit],
      label: `${unit[0]?.toUpperCase()}${unit.slice(1)} label`,
      control: 'line' as const,
      rare: true,
    })),
  ],
  render: ({ until, zone, units, labels, design }, { box, part, messages }) =>
    h(
      'div',
      {
        ...box,
        class: `${box.class} ${design}`,
        role: 'timer',
        'data-until': instantOf(until, zone) ?? 0,
        'data-units': units.join(' '),
      },
      ...countUnits
        .filter((unit) => units.includes(unit))
        .map((unit) =>
          h(
            'span',
            { class: design === 'blocks' ? `unit ${part('unit')}` : 'unit' },
            h('span', { class: `number ${part('number')}`, 'data-unit': unit }, '0'),
            h('span', { class: part('label') }, labels?.[unit] ?? messages[unit]),
          ),
        ),
    ),
  css:
    '&{display:flex;flex-wrap:wrap;font-variant-numeric:tabular-nums}& .unit{display:flex;flex-direction:column;align-items:center;min-width:3.4em}' +
    '&.line .unit{flex-direction:row;gap:4px;align-items:baseline;min-width:0}&.line .number{font-size:inherit!important}',
  problems: ({ until, zone }) =>
    instantOf(until, zone) === null
      ? [[instantOf(until, 'UTC') === null ? 'until' : 'zone', 'is not a date and a time zone that exist']]
      : [],
});
