import { Type, type Static } from '@sinclair/typebox';
import { Receipt } from 'lucide';
import { iconHtml } from '../../base/icons/index.js';
import { money } from '../../base/money/index.js';
import { h, type Child } from '../../base/html/index.js';
import { safeAddress } from '../../base/sanitise/index.js';
import { addressText, currencyCode, define, elementFields, languageTag, line, oneOf } from './definition.js';
import { addressProblem } from './rich-text.js';

const planPieces = ['badge', 'icon', 'title', 'subtitle', 'amount', 'features', 'button'] as const;

/** What may be kept and yet not be shown. */
const optional = ['badge', 'icon', 'subtitle', 'old', 'period'] as const;

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
  /** Kept, and shown to nobody. */
  off: Type.Optional(Type.Array(oneOf(optional), { maxItems: optional.length, uniqueItems: true })),
  features: Type.Array(line(200), { maxItems: 30 }),
  featureIcon: line(40),
  /** A list marker of the designer's own, in place of the icon. */
  svg: Type.Optional(Type.String({ maxLength: 20_000 })),
  button: line(80),
  address: addressText,
  /** Its pieces from top to foot. */
  order: Type.Array(oneOf(planPieces), { minItems: planRows, maxItems: planRows, uniqueItems: true }),
  /** How many pieces, from the top, stick out above the card, and how many after them stand in its header. */
  raised: Type.Optional(Type.Integer({ minimum: 0, maximum: planRows })),
  header: Type.Optional(Type.Integer({ minimum: 0, maximum: planRows })),
});

type Plan = Static<typeof schema>;

/** A plan without what is kept and not shown. */
function shownOf(plan: Plan): Plan {
  const off: readonly string[] = plan.off ?? [];
  return Object.fromEntries(Object.entries(plan).filter(([name]) => !off.includes(name))) as Plan;
}

function amountOf(plan: Plan, part: (name: string) => string): Child[] {
  if (plan.free) return [plan.free];
  const format = { ...plan, ...(plan.symbol && { symbol: plan.symbol }) };
  return [
    plan.old === undefined
      ? null
      : h('s', { class: part('old') }, h('span', { class: 'unseen' }, 'before: '), money(plan.old, format)),
    money(plan.amount, format),
    plan.period ? h('span', { class: part('period'), 'data-text': 'period' }, plan.period) : null,
  ];
}

const parts = [
  'box',
  'header',
  'badge',
  'icon',
  'title',
  'subtitle',
  'amount',
  'old',
  'period',
  'features',
  'feature',
  'even',
  'mark',
  'button',
] as const;

// What sticks out takes no row: it stands on the card's upper edge, as high above it as below.
const raisedCss =
  '&{position:relative}&>.above{position:absolute;inset:0 0 auto;z-index:1;translate:0 -50%;display:flex;flex-direction:column;' +
  'align-items:center;gap:4px}&>.above>*{margin:0}&>.above>svg{align-self:center}';

// The header's ground lies behind the rows of its pieces, from edge to edge of the card, and a little below them: room
// for an edge that is no straight line. Its rows are those of the card, which other plans share.
const headerCss =
  '&{position:relative;isolation:isolate}&>.ground{position:absolute;inset:0 0 -14px;z-index:-1;' +
  'border-start-start-radius:inherit;border-start-end-radius:inherit}&>.head+div:not(.head){padding-block-start:26px}';

export const plan = define({
  type: 'plan',
  label: 'Price plan',
  icon: Receipt,
  schema,
  role: () => 'plan',
  parts,
  used: ({ header }) => parts.filter((part) => part !== 'header' || header),
  texts: (plan) => {
    const { badge, subtitle, button } = shownOf(plan);
    return [
      'title',
      'amount',
      'features',
      ...(badge ? ['badge'] : []),
      ...(subtitle ? ['subtitle'] : []),
      ...(button ? ['button'] : []),
    ];
  },
  behind: ({ order, raised = 0, header = 0 }, part) => {
    const at = order.findIndex((piece) => piece === part);
    return at >= raised && at < raised + header ? ['header'] : [];
  },
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
    { path: ['subtitle'], label: 'Subtitle', control: 'line', hides: 'subtitle' },
    { path: ['amount'], label: 'Price', control: 'number', always: true, min: 0, max: 1e9, step: 0.01 },
    {
      path: ['old'],
      label: 'Original price',
      control: 'number',
      min: 0,
      max: 1e9,
      step: 0.01,
      hides: 'old',
    },
    { path: ['period'], label: 'Period', control: 'line', hides: 'period' },
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
    { path: ['badge'], label: 'Badge', control: 'line', hides: 'badge' },
    { path: ['icon'], label: 'Icon', control: 'icon', hides: 'icon' },
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
    {
      path: ['raised'],
      label: 'Above the card',
      control: 'number',
      min: 0,
      max: planRows,
      step: 1,
      help: 'How many pieces, from the top of the order, stick out above the card.',
      rare: true,
    },
    {
      path: ['header'],
      label: 'In the header',
      control: 'number',
      min: 0,
      max: planRows,
      step: 1,
      help: 'How many of the pieces after those stand in a header with its own background and edge.',
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
    {
      path: ['svg'],
      label: 'List marker SVG',
      control: 'code',
      help: 'Replaces the icon. Scripts and links are removed.',
      rare: true,
    },
  ],
  render(whole, { box, part, foreign }) {
    const plan = shownOf(whole);
    const { raised = 0, header = 0 } = plan;
    const own = plan.svg ? foreign.svg(plan.svg) : null;
    const mark = () =>
      own ? h('span', { class: part('mark') }, own) : iconHtml(plan.featureIcon, part('mark'));
    const href = plan.address ? safeAddress(plan.address) : null;
    const pieces: Record<(typeof planPieces)[number], Child> = {
      badge: plan.badge ? h('span', { class: part('badge'), 'data-text': 'badge' }, plan.badge) : null,
      icon: plan.icon ? iconHtml(plan.icon, part('icon')) : null,
      title: h('h3', { class: part('title'), 'data-text': 'name' }, plan.name),
      subtitle: plan.subtitle
        ? h('p', { class: part('subtitle'), 'data-text': 'subtitle' }, plan.subtitle)
        : null,
      amount: h('p', { class: part('amount') }, ...amountOf(plan, part)),
      features:
        plan.features.length > 0
          ? h(
              'ul',
              { class: part('features'), role: 'list' },
              ...plan.features.map((words, at) =>
                h(
                  'li',
                  { class: `${part('feature')}${at % 2 ? ` ${part('even')}` : ''}` },
                  mark(),
                  h('span', { 'data-text': `features.${at}` }, words),
                ),
              ),
            )
          : null,
      button: plan.button
        ? h('a', { class: part('button'), href, 'data-act': 'link', 'data-text': 'button' }, plan.button)
        : null,
    };
    return h(
      'section',
      { ...box, 'aria-label': plan.name },
      header > 0 &&
        h('span', { class: `ground to-${raised + header} ${part('header')}`, 'aria-hidden': 'true' }),
      raised > 0 && h('div', { class: 'above' }, ...plan.order.slice(0, raised).map((name) => pieces[name])),
      // Those above leave their rows empty, so that the others stay level with those of the plans beside.
      ...plan.order.map((name, at) =>
        h(
          'div',
          { class: at >= raised && at < raised + header ? 'head' : null },
          at < raised ? null : pieces[name],
        ),
      ),
    );
  },
  css:
    `&{display:grid;grid-row:span ${planRows};grid-template-rows:subgrid;row-gap:0;min-width:0}` +
    // Stacked plans keep apart by their own margins, since the row gap has to be none.
    '&{margin-block:8px}&>div:not(:empty){padding-block:5px}&>div>*{margin:0}& ul{list-style:none;padding:0;display:flex;flex-direction:column}' +
    '& li{display:flex;gap:8px}& svg{flex:none;height:auto;align-self:flex-start}& s{margin-inline-end:8px}' +
    '&>div>span{display:inline-block}&>div>p>span{margin-inline-start:6px}' +
    '& a{display:flex;justify-content:center;align-items:center;min-height:44px;text-decoration:none}',
  cssFor: ({ raised = 0, header = 0, svg }) => [
    ...(raised > 0 ? [raisedCss] : []),
    ...(header > 0 ? [headerCss, `&>.to-${raised + header}{grid-row:auto/${raised + header + 1}}`] : []),
    ...(svg ? ['& li>:first-child{flex:none}& li svg{display:block;width:100%}'] : []),
  ],
  problems: ({ address, raised = 0, header = 0 }) => [
    ...(raised + header > planRows
      ? [['header', `must leave at most ${planRows} pieces with those above`] as [string, string]]
      : []),
    ...addressProblem('address', address),
  ],
});
