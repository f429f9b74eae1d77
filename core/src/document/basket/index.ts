// Not the catalogue with it: this runs on pages.
import { valueAt } from '../../base/maps/index.js';
import { filled } from '../../base/messages/filled.js';
import type { Messages } from '../../base/messages/messages.js';
import { money } from '../../base/money/index.js';
import { h, join, type Html } from '../../base/html/index.js';
import { safeImage } from '../../base/sanitise/index.js';

/** A line of the basket, as the page's shop gives it. Prices are those of one piece. */
export interface BasketLine {
  id: string;
  name: string;
  price: number;
  quantity: number;
  picture?: string;
  note?: string;
}

/** What the designer chose for a basket; it travels to the page inside the compiled HTML. */
export interface BasketWords {
  pictures: boolean;
  quantities: boolean;
  removable: boolean;
  locale: string;
  currency: string;
  total: string;
  button: string;
  address: string;
  /** What its buttons are called, in the widget's language. */
  says?: Pick<Messages, 'removeItem' | 'oneLess' | 'oneMore' | 'pieces'>;
  classes: Record<string, string>;
}

/** Most lines that are shown; a page that gives more is not believed. */
export const mostLines = 200;

/**
 * Reads what a page hands over as its basket.
 *
 * @returns `null` where that is no list of lines: the basket's failed scene is shown then
 */
export function readBasket(input: unknown): BasketLine[] | null {
  if (!Array.isArray(input) || input.length > mostLines) return null;
  const lines = input.map(readLine);
  return lines.every((line) => line !== null) ? lines : null;
}

function readLine(input: unknown): BasketLine | null {
  if (typeof input !== 'object' || input === null) return null;
  const {
    id,
    name,
    price,
    quantity = 1,
    picture,
    note,
  } = input as Partial<Record<keyof BasketLine, unknown>>;
  const sound =
    (typeof id === 'string' || typeof id === 'number') &&
    typeof name === 'string' &&
    typeof price === 'number' &&
    Number.isFinite(price) &&
    typeof quantity === 'number' &&
    Number.isInteger(quantity) &&
    quantity >= 0;
  if (!sound) return null;
  return {
    id: String(id),
    name: name.slice(0, 300),
    price,
    quantity,
    ...(typeof picture === 'string' && { picture }),
    ...(typeof note === 'string' && { note: note.slice(0, 300) }),
  };
}

/** How many pieces a basket holds. */
export const pieces = (lines: readonly BasketLine[]): number =>
  lines.reduce((sum, { quantity }) => sum + quantity, 0);

/** The lines of a basket, their sum and the way on, as HTML. */
export function basketHtml(words: BasketWords, lines: readonly BasketLine[]): Html {
  const amount = (value: number) => money(Math.round(value * 100) / 100, words);
  const sum = lines.reduce((total, { price, quantity }) => total + price * quantity, 0);
  return join([
    h('ul', { role: 'list' }, ...lines.map((line) => lineHtml(words, line, amount))),
    h(
      'p',
      { class: `sum ${words.classes['total']}` },
      h('span', {}, words.total),
      h('span', {}, amount(sum)),
    ),
    words.button
      ? h(
          'a',
          { class: words.classes['button'], href: words.address || null, 'data-act': 'link' },
          words.button,
        )
      : null,
  ]);
}

function lineHtml(words: BasketWords, line: BasketLine, amount: (value: number) => string): Html {
  const { classes } = words;
  // Bodies of before the words came along have none.
  const say = (key: 'removeItem' | 'oneLess' | 'oneMore') =>
    filled(words.says?.[key] ?? '{name}', { name: line.name });
  const button = (label: string, change: number, text: string, part: 'quantity' | 'remove' = 'quantity') =>
    h(
      'button',
      {
        type: 'button',
        class: valueAt(classes, part),
        'data-line': line.id,
        'data-to': Math.max(0, line.quantity + change),
        'aria-label': label,
      },
      text,
    );
  // A shop's picture may stand anywhere on its own site.
  const src =
    line.picture && (/^\/(?!\/)[^"'<>\\\s]*$/.test(line.picture) ? line.picture : safeImage(line.picture));
  return h(
    'li',
    { class: classes['line'] },
    imageHtml(words, src),
    h(
      'span',
      { class: 'words' },
      h('span', { class: classes['name'] }, line.name),
      line.note ? h('span', { class: classes['price'] }, ` ${line.note}`) : null,
    ),
    h('span', { class: `end ${classes['price']}` }, amount(line.price * line.quantity)),
    h(
      'span',
      { class: 'counts words' },
      words.quantities
        ? join([
            button(say('oneLess'), -1, '−'),
            h(
              'span',
              { 'aria-label': filled(words.says?.pieces ?? '{count}', { count: line.quantity }) },
              line.quantity,
            ),
            button(say('oneMore'), 1, '+'),
          ])
        : `${line.quantity} ×`,
      words.removable ? button(say('removeItem'), -line.quantity, '×', 'remove') : null,
    ),
  );
}

function imageHtml({ pictures, classes }: BasketWords, src: string | null | undefined): Html {
  if (!pictures) return h('span', {});
  return src
    ? h('img', { class: classes['picture'], src, alt: '' })
    : h('span', { class: `blank ${classes['picture']}`, 'aria-hidden': 'true' });
}

const samples: readonly BasketLine[] = [
  { id: 's1', name: 'A lamp with a rather long name that may need two lines', price: 48, quantity: 1 },
  { id: 's2', name: 'Chart', price: 19.5, quantity: 2, note: 'A2, folded' },
  { id: 's3', name: 'Postcards', price: 1.2, quantity: 10 },
];

/** Lines to look at while designing. */
export function sampleLines(count: number): BasketLine[] {
  return Array.from({ length: count }, (_, at) => ({
    ...(samples[at % samples.length] as BasketLine),
    id: `s${at}`,
  }));
}
