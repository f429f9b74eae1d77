import { Type } from '@sinclair/typebox';
import { RectangleHorizontal } from 'lucide';
import { iconHtml } from '../../base/icons/index.js';
import { h } from '../../base/html/index.js';
import { calendarFile } from '../../base/time/index.js';
import { wallClock } from '../../base/schema/index.js';
import { instantOf } from '../../base/zones/index.js';
import { isUploadedFile, safeAddress } from '../../base/sanitise/index.js';
import { sceneName } from '../scenes/index.js';
import { buttonSizes, buttonTypes, buttonVariants } from '../../style/index.js';
import { define, elementFields, newTab, oneOf, strict } from './definition.js';

const schema = elementFields('button', {
  label: Type.String({ maxLength: 120 }),
  action: Type.Union([
    Type.Object({ type: Type.Literal('submit') }, strict),
    // To the next step of its form, once what this one asks for is there; and back.
    Type.Object({ type: Type.Literal('next') }, strict),
    Type.Object({ type: Type.Literal('back') }, strict),
    Type.Object({ type: Type.Literal('close') }, strict),
    Type.Object({ type: Type.Literal('scene'), scene: sceneName }, strict),
    // Asks the page anew for what it could not load, such as a basket.
    Type.Object({ type: Type.Literal('retry') }, strict),
    // Hands over a date for the visitor's calendar.
    Type.Object(
      {
        type: Type.Literal('calendar'),
        title: Type.String({ maxLength: 120 }),
        /** As the clock on the wall shows it in `zone`; how long it lasts, minutes. */
        at: wallClock(),
        zone: Type.String({ maxLength: 60 }),
        minutes: Type.Integer({ minimum: 1, maximum: 20_160 }),
      },
      strict,
    ),
    // Hands over a file that was uploaded.
    Type.Object({ type: Type.Literal('file'), src: Type.String({ maxLength: 200 }) }, strict),
    Type.Object(
      {
        type: Type.Literal('link'),
        address: Type.String({ maxLength: 2048 }),
        newTab: Type.Optional(Type.Boolean()),
      },
      strict,
    ),
  ]),
  /** As wide as what holds it, rather than as its text. */
  wide: Type.Boolean(),
  /** How it is drawn; filled where nothing is said. */
  variant: Type.Optional(oneOf(buttonTypes)),
  size: Type.Optional(oneOf(buttonSizes)),
  /** A second, smaller line. */
  note: Type.Optional(Type.String({ maxLength: 120 })),
  icon: Type.Optional(Type.String({ maxLength: 40 })),
  iconAt: Type.Optional(oneOf(['before', 'after'])),
});

export const button = define({
  type: 'button',
  label: 'Button',
  icon: RectangleHorizontal,
  schema,
  role: () => 'button',
  parts: ['box', 'note', 'icon'],
  used: ({ note, icon }) => ['box', ...(note ? ['note'] : []), ...(icon ? ['icon'] : [])],
  variants: ({ variant, size }) => buttonVariants({ type: variant, size }),
  texts: ({ note }) => ['box', ...(note ? ['note'] : [])],
  container: false,
  create: () => ({ type: 'button', label: 'Send', action: { type: 'submit' as const }, wide: true }),
  title: ({ label }) => label || 'Button without text',
  lacks: ({ label, action }) => [
    ...(label.trim() === '' ? [{ text: 'A button has no text' }] : []),
    ...(action.type === 'file' && action.src === '' ? [{ text: 'A download has no file' }] : []),
  ],
  properties: [
    {
      path: ['label'],
      label: 'Text',
      control: 'line',
      help: 'Or double-click the button on the stage.',
      always: true,
    },
    { path: ['action'], label: 'On click', control: 'action' },
    {
      path: ['variant'],
      label: 'Type',
      control: 'choice',
      options: { filled: 'Filled', outlined: 'Outlined', underlined: 'Underlined', text: 'Text' },
    },
    { path: ['size'], label: 'Size', control: 'choice', options: { S: 'S', M: 'M', L: 'L' } },
    { path: ['wide'], label: 'Full width', control: 'toggle' },
    { path: ['icon'], label: 'Icon', control: 'icon' },
    {
      path: ['iconAt'],
      label: 'Icon position',
      control: 'choice',
      options: { before: 'Before text', after: 'After text' },
      rare: true,
    },
    { path: ['note'], label: 'Second line', control: 'line', rare: true },
  ],
  render({ label, note, icon, iconAt, action, wide }, { box, part }) {
    const attributes = { ...box, class: `${box.class}${wide ? ' wide' : ''}` };
    const mark = icon ? iconHtml(icon, part('icon')) : null;
    const words = h('span', { 'data-text': 'label' }, label);
    const inner = [
      iconAt !== 'after' && mark,
      note ? h('span', { class: 'lines' }, words, h('span', { class: part('note') }, note)) : words,
      iconAt === 'after' && mark,
    ];
    if (action.type === 'link')
      return h(
        'a',
        {
          ...attributes,
          href: safeAddress(action.address),
          'data-act': 'link',
          ...(action.newTab && newTab),
        },
        ...inner,
      );
    if (action.type === 'file') {
      const href = isUploadedFile(action.src) ? action.src : null;
      return h('a', { ...attributes, href, download: '', 'data-act': 'link' }, ...inner);
    }
    if (action.type === 'calendar') {
      const at = instantOf(action.at, action.zone) ?? 0;
      const file = calendarFile({ title: action.title || label, at, minutes: action.minutes });
      const href = `data:text/calendar;charset=utf-8,${encodeURIComponent(file)}`;
      return h('a', { ...attributes, href, download: 'event.ics', 'data-act': 'link' }, ...inner);
    }
    // Enter in a field goes on to the next step, as it sends the last one (HTML, implicit submission).
    const type = action.type === 'submit' || action.type === 'next' ? 'submit' : 'button';
    const scene = action.type === 'scene' ? action.scene : null;
    return h('button', { ...attributes, type, 'data-act': action.type, 'data-to': scene }, ...inner);
  },
  css:
    '&{font:inherit;cursor:pointer;display:inline-flex;gap:8px;align-items:center;justify-content:center;' +
    'align-self:flex-start;text-align:center;text-decoration:none;min-height:44px;min-width:24px}',
  cssFor: ({ wide, note, icon }) => [
    ...(wide ? ['&.wide{align-self:stretch;width:100%}'] : []),
    ...(note ? ['& .lines{display:grid}'] : []),
    ...(icon ? ['& svg{flex:none;height:auto}'] : []),
  ],
  problems: ({ action }) =>
    action.type === 'calendar' && instantOf(action.at, action.zone) === null
      ? [['action.zone', 'is not a time zone that exists, or the date is none']]
      : action.type === 'link' && action.address !== '' && safeAddress(action.address) === null
        ? [['action.address', 'must be a web, mail or telephone address']]
        : action.type === 'file' && action.src !== '' && !isUploadedFile(action.src)
          ? [['action.src', 'must be a file that was uploaded']]
          : [],
});
