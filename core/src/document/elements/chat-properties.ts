import {
  automationTimes,
  automationTitle,
  deeds,
  defaultMinutes,
  isWaiting,
  type Automation,
  type ChatDeed,
} from '../../chat/automation/index.js';
import type { InspectorProperty } from '../property/index.js';
import { shortWeekdays } from '../../base/time/weekdays.js';

interface Asking {
  ask: string;
}

const line = (path: string, label: string, more: Partial<InspectorProperty> = {}): InspectorProperty => ({
  path: [path],
  label,
  control: 'line',
  always: true,
  ...more,
});
const toggle = (path: string, label: string): InspectorProperty => ({
  path: [path],
  label,
  control: 'toggle',
});

const automationProperties: readonly InspectorProperty[] = [
  { path: ['when'], label: 'When', control: 'choice', options: automationTimes },
  {
    path: ['minutes'],
    label: 'Time',
    control: 'number',
    unit: 'min',
    min: 1,
    max: 10_080,
    only: isWaiting,
    help: `${defaultMinutes} minutes where nothing is entered.`,
  },
  { path: ['if'], label: 'Conditions', control: 'chat-conditions' },
  {
    path: ['do'],
    label: 'Then',
    control: 'choice',
    options: Object.fromEntries(Object.entries(deeds).map(([name, { label }]) => [name, label])),
  },
  // One field, called as the deed calls it.
  ...Object.entries(deeds).flatMap(([name, { asks, help }]: [string, ChatDeed]): InspectorProperty[] =>
    asks === undefined
      ? []
      : [
          line('value', asks, {
            only: ({ do: deed }: Automation) => deed === name,
            ...(help !== undefined && { help }),
          }),
        ],
  ),
];

/** What the inspector offers of a chat. */
export const chatProperties: readonly InspectorProperty[] = [
  line('name', 'Name'),
  { path: ['face'], label: 'Image', control: 'image' },
  { path: ['banner'], label: 'Banner', control: 'image' },
  {
    path: ['pattern'],
    label: 'Pattern',
    control: 'choice',
    options: { none: 'None', dots: 'Dots', grid: 'Grid', stripes: 'Stripes', rings: 'Rings' },
    help: 'Behind the messages.',
  },
  {
    path: ['design'],
    label: 'Messages',
    control: 'choice',
    options: { bubbles: 'Bubbles', cards: 'Cards', lines: 'Lines' },
  },
  line('state', 'Online text'),
  line('away', 'Away text', { help: 'While nobody has the desk open.' }),
  line('closed', 'Closed text', { help: 'Outside the opening hours.' }),
  line('greeting', 'Greeting'),
  {
    path: ['greetAfter'],
    label: 'Greeting after',
    control: 'number',
    unit: 's',
    min: 0,
    max: 600,
  },
  {
    path: ['ask'],
    label: 'Ask first',
    control: 'choice',
    options: { nothing: 'Nothing', email: 'E-mail', 'name-email': 'Name and e-mail' },
  },
  line('nameLabel', 'Name label', { only: ({ ask }: Asking) => ask === 'name-email' }),
  line('emailLabel', 'E-mail label', { help: 'Outside the opening hours it is asked in any case.' }),
  {
    path: ['questions'],
    label: 'More questions',
    control: 'list',
    entries: {
      mayBeNone: true,
      blank: () => ({ label: 'Topic', options: '', optional: false }),
      title: ({ label }: { label: string }) => label,
      properties: [
        line('label', 'Label'),
        line('options', 'Options', { help: 'With commas between them. Left empty, a text is entered.' }),
        { path: ['optional'], label: 'Optional', control: 'toggle', always: true },
      ],
    },
  },
  line('notice', 'Notice', {
    always: false,
    help: 'Stands above the questions, such as what becomes of the answers.',
  }),
  line('consent', 'Consent', {
    always: false,
    help: 'Has to be ticked before the first message. Left empty, nothing has to.',
  }),
  {
    path: ['hours'],
    label: 'Opening hours',
    control: 'list',
    help: 'By the clocks of the site. Without any, it is always open.',
    entries: {
      mayBeNone: true,
      blank: () => ({ days: ['1', '2', '3', '4', '5'], from: '09:00', to: '17:00' }),
      title: ({ from, to }: { from: string; to: string }) => `${from} to ${to}`,
      properties: [
        {
          path: ['days'],
          label: 'Days',
          control: 'several',
          options: Object.fromEntries(
            Object.entries(shortWeekdays).map(([day, name]) => [day, name] as const),
          ),
        },
        { path: ['from'], label: 'From', control: 'time', always: true },
        { path: ['to'], label: 'To', control: 'time', always: true },
      ],
    },
  },
  {
    path: ['except'],
    label: 'Exceptions',
    control: 'list',
    help: 'Dates with other hours. Without times it is closed all day.',
    entries: {
      mayBeNone: true,
      blank: () => ({ on: '2026-12-25' }),
      title: ({ on }: { on: string }) => on,
      properties: [
        { path: ['on'], label: 'Date', control: 'date', always: true },
        { path: ['from'], label: 'From', control: 'time' },
        { path: ['to'], label: 'To', control: 'time' },
      ],
    },
  },
  {
    path: ['files'],
    label: 'Files',
    control: 'choice',
    options: { none: 'None', pictures: 'Images', any: 'Images and documents' },
  },
  {
    path: ['operators'],
    label: 'Operators',
    control: 'line',
    help: 'E-mail addresses of members, with commas between them. Left empty, all members answer.',
  },
  {
    path: ['routes'],
    label: 'By topic or page',
    control: 'list',
    help: 'Goes to this operator, while they have the desk open and are available.',
    entries: {
      mayBeNone: true,
      blank: () => ({ answer: '', page: '', to: '' }),
      title: ({ answer, page, to }: { answer: string; page: string; to: string }) =>
        `${[answer, page].filter(Boolean).join(', ') || '…'} → ${to || '…'}`,
      properties: [
        line('answer', 'Answer', { help: 'To one of the questions before the chat.' }),
        line('page', 'Page', { help: 'Such as /shop/*.' }),
        line('to', 'Operator', { help: 'The e-mail address of a member.' }),
      ],
    },
  },
  {
    path: ['assign'],
    label: 'Assign to',
    control: 'choice',
    options: { nobody: 'Nobody', turn: 'Whoever is next', least: 'Whoever has fewest' },
    help: 'Of those who have the desk open and are available.',
  },
  {
    path: ['mostEach'],
    label: 'Most per person',
    control: 'number',
    min: 1,
    max: 50,
    only: ({ assign = 'nobody' }: { assign?: string }) => assign !== 'nobody',
  },
  {
    path: ['remindAfter'],
    label: 'Reminder',
    unit: 'min',
    control: 'number',
    min: 1,
    max: 1440,
    help: 'Without an answer for so long, the address below is told.',
  },
  { path: ['remind'], label: 'Remind by e-mail', control: 'line' },
  {
    path: ['automations'],
    label: 'Automations',
    control: 'list',
    entries: {
      mayBeNone: true,
      blank: (): Automation => ({ when: 'begins', do: 'tag', value: '' }),
      title: automationTitle,
      properties: automationProperties,
    },
  },
  {
    path: ['endAfter'],
    label: 'End after',
    unit: 'h',
    control: 'number',
    min: 1,
    max: 720,
    help: 'Without a word for so long, a conversation that was answered ends.',
  },
  {
    path: ['keepFor'],
    label: 'Keep for',
    unit: 'days',
    control: 'number',
    min: 1,
    max: 3650,
    help: 'Conversations that have ended are deleted then. Left empty, they are kept.',
  },
  toggle('ends', 'End button'),
  toggle('rates', 'Rating'),
  toggle('transcript', 'Transcript by e-mail'),
  toggle('prints', 'Print button'),
  toggle('sound', 'Sound'),
  {
    ...toggle('opensWindow', 'Own window'),
    help: 'A button opens it in a window that stays while the page is left.',
  },
  {
    ...toggle('forgets', 'Remove button'),
    help: 'For shared computers: this browser can’t open the conversation any more. The desk keeps it.',
  },
  { ...toggle('messenger', 'Messenger link'), help: 'Leads to the messenger that is set up under Site.' },
  line('placeholder', 'Placeholder', { rare: true }),
  line('button', 'Button text', { rare: true }),
  line('typing', 'Typing text', { rare: true, help: 'Stands behind the name of who is writing.' }),
  line('seen', 'Seen text', { rare: true }),
  line('ended', 'Message when ended', { rare: true }),
  line('thanks', 'Message when rated', { rare: true }),
  line('mailed', 'Message when mailed', { rare: true }),
];
