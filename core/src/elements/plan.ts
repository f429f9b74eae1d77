import { Type, type Static } from '@sinclair/typebox';
import { iconHtml } from '../icons/index.js';
import { money } from '../money/index.js';
import { h, type Child } from '../render/html.js';
import { safeAddress } from '../sanitise/index.js';
import { addressText, currencyCode, define, elementFields, languageTag, line, oneOf } from './definition.js';
import { addressProblem } from './rich-text.js';

export const planPieces = ['badge', 'icon', 'title', 'subtitle', 'amount', 'features', 'button'] as const;

/** The rows that a plan takes of those it shares. */
export const planRows = planPieces.length;

const schema = elementFields('plan', {
  name: line(120),
  subtitle: Type.Optional(line(200)),
  badge: Type.Optional(line(60)),
  icon: Type.Optional(line(40)),
  amount: Type.Number({ minimum: 0, maximum: 1e9 }),
  old: Type.Optional(Type.Number({ minimum: 0, maximum: 1e9 })),
  currency: currencyCode,
  locale: languageTag,
  symbol: Type.Optional(oneOf(['before', 'after'])),
  /** Said in place of the amount, such as "Free". */
  free: Type.Optional(line(60)),
  period: Type.Optional(line(60)),
  features: Type.Array(line(200), { maxItems: 30 }),
  featureIcon: line(40),
  button: line(80),
  address: addressText,
  /** Its pieces from top to foot. */
  order: Type.Array(oneOf(planPieces), { minItems: planRows, maxItems: planRows, uniqueItems: true }),
});

type Plan = Static<typeof schema>;

function amountOf(plan: Plan, part: (name: string) => string): Child[] {
  if (plan.free) return [plan.free];
  const format = { ...plan, ...(plan.symbol && { symbol: plan.symbol }) };
  return [
    plan.old === undefined
      ? null
      : h('s', { class: part('old') }, h('span', { class: 'unseen' }, 'before: '), money(plan.old, format)),
    money(plan.amount, format),
    plan.period ? h('span', { class: part('period') }, plan.period) : null,
  ];
}

export const plan = define({
  type: 'plan',
  label: 'Price plan',
  icon: 'receipt',
  schema,
  role: () => 'plan',
  parts: [
    'box',
    'badge',
    'icon',
    'title',
    'subtitle',
    'amount',
    'old',
    'period',
    'features',
    'mark',
    'button',
  ],
  texts: ({ badge, subtitle, button }) => [
    'title',
    'amount',
    'features',
    ...(badge ? ['badge'] : []),
    ...(subtitle ? ['subtitle'] : []),
    ...(button ? ['button'] : []),
  ],
  container: false,
  inside: { always: ['plans'] },
  create: () => ({
    type: 'plan',
    name: 'Plan',
    amount: 12,
    currency: 'EUR',
    locale: 'en',
    period: 'a month',
    features: ['First feature', 'Second feature'],
    featureIcon: 'check',
    button: 'Choose plan',
    address: '',
    order: [...planPieces],
  }),
  title: ({ name }) => name || 'Price plan',
  properties: [
    { path: ['name'], label: 'Name', control: 'line', always: true },
    { path: ['subtitle'], label: 'Subtitle', control: 'line' },
    { path: ['amount'], label: 'Price', control: 'number', always: true, min: 0, max: 1e9, step: 0.01 },
    { path: ['old'], label: 'Original price', control: 'number', min: 0, max: 1e9, step: 0.01 },
    { path: ['period'], label: 'Period', control: 'line' },
    {
      path: ['features'],
      label: 'Features',
      control: 'list',
      entries: {
        properties: [{ path: [], label: 'Text', control: 'line', always: true }],
        blank: () => 'New feature',
        title: (words: string) => words,
      },
    },
    { path: ['button'], label: 'Button text', control: 'line', always: true },
    { path: ['address'], label: 'Button link', control: 'line', always: true },
    { path: ['badge'], label: 'Badge', control: 'line' },
    { path: ['icon'], label: 'Icon', control: 'icon' },
    {
      path: ['order'],
      label: 'Order',
      control: 'order',
      options: {
        badge: 'Badge',
        icon: 'Icon',
        title: 'Name',
        subtitle: 'Subtitle',
        amount: 'Price',
        features: 'Features',
        button: 'Button',
      },
      rare: true,
    },
    { path: ['free'], label: 'Price text', control: 'line', rare: true },
    { path: ['currency'], label: 'Currency', control: 'currency', rare: true, always: true },
    { path: ['locale'], label: 'Language', control: 'line', rare: true, always: true },
    {
      path: ['symbol'],
      label: 'Currency symbol',
      control: 'choice',
      options: { before: 'Before', after: 'After' },
      rare: true,
    },
    { path: ['featureIcon'], label: 'List marker', control: 'icon', rare: true, always: true },
  ],
  render(plan, { box, part }) {
    const href = plan.address ? safeAddress(plan.address) : null;
    const pieces: Record<(typeof planPieces)[number], Child> = {
      badge: plan.badge ? h('span', { class: part('badge') }, plan.badge) : null,
      icon: plan.icon ? iconHtml(plan.icon, part('icon')) : null,
      title: h('h3', { class: part('title') }, plan.name),
      subtitle: plan.subtitle ? h('p', { class: part('subtitle') }, plan.subtitle) : null,
      amount: h('p', { class: part('amount') }, ...amountOf(plan, part)),
      features:
        plan.features.length > 0
          ? h(
              'ul',
              { class: part('features'), role: 'list' },
              ...plan.features.map((words) =>
                h('li', {}, iconHtml(plan.featureIcon, part('mark')), h('span', {}, words)),
              ),
            )
          : null,
      button: plan.button ? h('a', { class: part('button'), href, 'data-act': 'link' }, plan.button) : null,
    };
    return h(
      'section',
      { ...box, 'aria-label': plan.name },
      ...plan.order.map((name) => h('div', {}, pieces[name])),
    );
  },
  css:
    `&{display:grid;grid-row:span ${planRows};grid-template-rows:subgrid;row-gap:0;min-width:0}` +
    // Stacked plans keep apart by their own margins, since the row gap has to be none.
    '&{margin-block:8px}&>div:not(:empty){padding-block:5px}&>div>*{margin:0}& ul{list-style:none;padding:0;display:flex;flex-direction:column}' +
    '& li{display:flex;gap:8px}& svg{flex:none;height:auto;align-self:flex-start}& s{margin-inline-end:8px}' +
    '&>div>span{display:inline-block}&>div>p>span{margin-inline-start:6px}' +
    '& a{display:flex;justify-content:center;align-items:center;min-height:44px;text-decoration:none}',
  problems: ({ address }) => addressProblem('address', address),
});
