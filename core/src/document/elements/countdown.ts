import { Type, type Static } from '@sinclair/typebox';
import { Timer } from 'lucide';
import { h, type Html } from '../../base/html/index.js';
import { wallClock } from '../../base/schema/index.js';
import { countUnits, readRepeat } from '../../base/time/index.js';
import { instantOf, zoneTable } from '../../base/zones/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { addressText, define, elementFields, line, oneOf, strict } from './definition.js';

/** What a countdown goes to: a date, a time of each visitor's own, or a date that comes again. */
const goals = ['date', 'own', 'repeat'] as const;
const designs = ['blocks', 'line', 'ring', 'rolling'] as const;
const ends = ['scene', 'hide', 'page', 'widget', 'restart'] as const;

const schema = elementFields('countdown', {
  /** A date where nothing is said. */
  goal: Type.Optional(oneOf(goals)),
  /** The end, or the first of those that come again, as the clock on the wall shows it in `zone`. */
  until: wallClock(),
  /** Name in the IANA time zone database. */
  zone: line(60),
  /** Of a time of each visitor's own: how long it lasts, minutes, and from when on it runs. */
  lasts: Type.Optional(Type.Number({ minimum: 0.1, maximum: 525_600 })),
  from: Type.Optional(oneOf(['seen', 'arrived', 'event'])),
  event: Type.Optional(line(80)),
  /** How a date comes again: an RFC 5545 recurrence rule. */
  rule: Type.Optional(line(200)),
  units: Type.Array(oneOf(countUnits), { minItems: 1, maxItems: 4, uniqueItems: true }),
  /** What each unit is called, `one|many`; in the widget's language where nothing is said. */
  labels: Type.Optional(
    Type.Object(
      {
        days: Type.Optional(line(60)),
        hours: Type.Optional(line(60)),
        minutes: Type.Optional(line(60)),
        seconds: Type.Optional(line(60)),
      },
      strict,
    ),
  ),
  design: oneOf(designs),
  /** Whether the end is written below it, and how. */
  endDate: Type.Optional(oneOf(['short', 'long'])),
  /** By time left, less than so many hours: the look that it has then. The one with the least hours counts. */
  steps: Type.Optional(
    Type.Array(
      Type.Object(
        { under: Type.Number({ minimum: 0.01, maximum: 8760 }), look: Type.String({ maxLength: 80 }) },
        strict,
      ),
      { maxItems: 8 },
    ),
  ),
  /** What happens at the end; the expired scene is shown where nothing is said. */
  end: Type.Optional(oneOf(ends)),
  /** The page, or the address name of the widget, that follows. */
  endTo: Type.Optional(addressText),
});

type Countdown = Static<typeof schema>;

/** How long the clocks of a zone are known to a page, from the first date on, ms. */
const known = 10 * 366 * 86_400_000;

/** What a page needs to know of the end: an instant, ms since 1970, minutes, or a rule with the clocks of its zone. */
function goalData({
  goal = 'date',
  until,
  zone,
  lasts,
  from,
  event,
  rule,
}: Countdown): Record<string, string> {
  if (goal === 'own')
    return {
      'data-own': String(Math.round((lasts ?? 20) * 60_000)),
      'data-from': from === 'event' ? `event ${event ?? ''}` : (from ?? 'seen'),
    };
  const at = instantOf(until, zone) ?? 0;
  const repeat = goal === 'repeat' ? readRepeat(rule ?? '') : null;
  if (!repeat) return { 'data-until': String(at) };
  const table = zoneTable(zone, at - 86_400_000, at + known);
  return { 'data-repeat': JSON.stringify({ repeat, first: instantOf(until, 'UTC'), table }) };
}

/** A look as it is named in the page: no sign of it means anything to CSS. */
const stepName = (look: string): string => look.replace(/[^a-z0-9]+/gi, '-');

const isOwn = ({ goal }: Pick<Countdown, 'goal'>): boolean => goal === 'own';
const isDated = ({ goal }: Pick<Countdown, 'goal'>): boolean => goal !== 'own';

export const countdown = define({
  type: 'countdown',
  label: 'Countdown',
  icon: Timer,
  schema,
  role: () => 'countdown',
  parts: ['box', 'unit', 'number', 'label', 'date'],
  used: ({ design, endDate }) => [
    'box',
    ...(design === 'line' ? [] : ['unit']),
    'number',
    'label',
    ...(endDate ? ['date'] : []),
  ],
  texts: ({ endDate }) => ['number', 'label', ...(endDate ? ['date'] : [])],
  container: false,
  script: () => 'countdown' as const,
  opens: ({ end, endTo }) => (end === 'widget' ? endTo : undefined),
  create: () => ({
    type: 'countdown',
    until: '2027-01-12T20:00',
    zone: 'Europe/London',
    units: [...countUnits],
    design: 'blocks' as const,
  }),
  title: ({ goal, until, lasts = 20 }) =>
    goal === 'own'
      ? `${lasts} min for each visitor`
      : `${goal === 'repeat' ? 'Repeats from' : 'Until'} ${until.replace('T', ', ')}`,
  looksWhen: ({ steps = [] }) => steps.map(({ look }) => ({ look, when: `[data-step="${stepName(look)}"]` })),
  properties: [
    {
      path: ['goal'],
      label: 'Counts to',
      control: 'choice',
      options: { date: 'A date', own: 'A time per visitor', repeat: 'A repeating date' },
      along: (goal: string) =>
        goal === 'own' ? { lasts: 20, from: 'seen' } : goal === 'repeat' ? { rule: 'FREQ=WEEKLY' } : {},
    },
    {
      path: ['until'],
      label: 'End date',
      control: 'moment',
      always: true,
      only: isDated,
      fromCalendar: ({ zone, rule }) => ({ zone, ...(rule !== undefined && { goal: 'repeat', rule }) }),
    },
    { path: ['zone'], label: 'Time zone', control: 'zone', always: true, only: isDated },
    {
      path: ['rule'],
      label: 'Repeats',
      control: 'repeat',
      only: ({ goal }: Countdown) => goal === 'repeat',
    },
    {
      path: ['lasts'],
      label: 'Lasts',
      unit: 'min',
      control: 'number',
      min: 0.1,
      max: 525_600,
      always: true,
      only: isOwn,
    },
    {
      path: ['from'],
      label: 'Starts',
      control: 'choice',
      options: { seen: 'When first seen', arrived: 'When the visit begins', event: 'On a page event' },
      only: isOwn,
    },
    {
      path: ['event'],
      label: 'Event name',
      control: 'line',
      help: "The page tells it with sirene.track('name').",
      only: ({ goal, from }: Countdown) => goal === 'own' && from === 'event',
    },
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
      options: { blocks: 'Blocks', line: 'Inline', ring: 'Rings', rolling: 'Rolling digits' },
    },
    {
      path: ['endDate'],
      label: 'Show end date',
      control: 'choice',
      options: { short: 'Short', long: 'Long, with weekday' },
      only: isDated,
    },
    {
      path: ['steps'],
      label: 'By time left',
      control: 'list',
      help: 'With less time left than that, it has another look.',
      entries: {
        blank: () => ({ under: 24, look: '' }),
        title: ({ under }: { under: number }) => `Under ${under} h`,
        properties: [
          {
            path: ['under'],
            label: 'Under',
            unit: 'h',
            control: 'number',
            min: 0.01,
            max: 8760,
            always: true,
          },
          { path: ['look'], label: 'Look', control: 'look', always: true },
        ],
      },
    },
    {
      path: ['end'],
      label: 'At the end',
      control: 'choice',
      options: {
        scene: 'Show the expired scene',
        hide: 'Close the widget',
        page: 'Open a page',
        widget: 'Open another widget',
        restart: 'Start again',
      },
    },
    {
      path: ['endTo'],
      label: 'Page or widget',
      control: 'line',
      help: 'A page’s URL, or a widget’s address name.',
      only: ({ end }: Countdown) => end === 'page' || end === 'widget',
    },
    ...countUnits.map((unit) => ({
      path: ['labels', unit],
      label: `${unit[0]?.toUpperCase()}${unit.slice(1)} label`,
      control: 'line' as const,
      help: 'Singular and plural as “day|days”.',
      rare: true,
    })),
  ],
  render: (element, { box, part }) => {
    const { units, labels, design, endDate, zone, steps = [], end, endTo } = element;
    return h(
      'div',
      {
        ...box,
        class: `${box.class} ${design}`,
        role: 'timer',
        // Not every second: a screen reader is told when a step is reached, and at the end.
        'aria-live': 'off',
        ...goalData(element),
        'data-units': units.join(' '),
        ...(steps.length > 0 && {
          'data-steps': JSON.stringify(steps.map(({ under, look }) => [under * 3_600_000, stepName(look)])),
        }),
        ...(end && end !== 'scene' && { 'data-end': end }),
        ...(endTo && end === 'page' && { 'data-to': safeAddress(endTo, 'page') ?? '' }),
        ...(endTo && end === 'widget' && { 'data-to': endTo }),
      },
      ...countUnits
        .filter((unit) => units.includes(unit))
        .map((unit): Html =>
          h(
            'span',
            { class: design === 'line' ? 'unit' : `unit ${part('unit')}` },
            h('span', { class: `number ${part('number')}`, 'data-unit': unit }, '0'),
            h('span', {
              class: part('label'),
              'data-label': unit,
              ...(labels?.[unit] && { 'data-says': labels[unit] }),
            }),
          ),
        ),
      ...(endDate && isDated(element)
        ? [h('span', { class: `date ${part('date')}`, 'data-date': endDate, 'data-zone': zone })]
        : []),
    );
  },
  css:
    '&{display:flex;flex-wrap:wrap;font-variant-numeric:tabular-nums}& .unit{display:flex;flex-direction:column;align-items:center;min-width:3.4em}' +
    '&.line .unit{flex-direction:row;gap:4px;align-items:baseline;min-width:0}&.line .number{font-size:inherit!important}& .date{flex-basis:100%}',
  cssFor: ({ design }) =>
    design === 'ring'
      ? [
          '&.ring .unit{position:relative;aspect-ratio:1;justify-content:center;min-width:4.6em;border-radius:50%!important;background:none!important}' +
            '&.ring .unit::before{content:"";position:absolute;inset:0;border-radius:50%;opacity:.85;background:conic-gradient(currentColor calc(var(--share,0)*1turn),#8883 0);' +
            '-webkit-mask:radial-gradient(closest-side,#0000 calc(100% - 5px),#000 calc(100% - 4px));mask:radial-gradient(closest-side,#0000 calc(100% - 5px),#000 calc(100% - 4px))}',
        ]
      : design === 'rolling'
        ? [
            '&.rolling .number{overflow:hidden;display:block}&.rolling .number i{display:block;font-style:normal}' +
              '@media (prefers-reduced-motion:no-preference){&.rolling .number i{animation:sirene-roll .32s ease-out}}@keyframes sirene-roll{from{transform:translateY(-100%);opacity:0}}',
          ]
        : [],
  problems: ({ goal, until, zone, rule }) => [
    ...(goal !== 'own' && instantOf(until, zone) === null
      ? ([
          [instantOf(until, 'UTC') === null ? 'until' : 'zone', 'is not a date and a time zone that exist'],
        ] as [string, string][])
      : []),
    ...(goal === 'repeat' && readRepeat(rule ?? '') === null
      ? ([['rule', 'is not a daily, weekly or monthly recurrence rule, such as FREQ=WEEKLY;BYDAY=FR']] as [
          string,
          string,
        ][])
      : []),
  ],
});
