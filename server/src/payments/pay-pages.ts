import { majorUnits, money } from '@sirene/core/base/money';
import { filled, type Language } from '@sirene/core/base/messages';
import { pageWordsIn, type PageWords } from '@sirene/core/base/page-words';
import type { Said } from '../shared/brand-page.js';
import { dateLanguage } from '../shared/site-language.js';
import type { PaymentEntity, PaymentState } from './payments.entity.js';

/** A payment's amount as people read it: "€40", "€12.50 every month". */
export function amountText(
  { units, currency, interval }: Pick<PaymentEntity, 'units' | 'currency' | 'interval'>,
  language: Language,
): string {
  const amount = money(majorUnits(units, currency), { locale: language, currency });
  return interval === 'month' ? filled(pageWordsIn(language).monthly, { amount }) : amount;
}

/** How a payment stands, and what can be done. */
const standing = (
  words: PageWords,
): Readonly<Record<PaymentState, Pick<Said, 'title' | 'text' | 'button'>>> => ({
  open: { title: words.unpaid, text: [words.unpaidHow], button: words.payButton },
  paid: { title: words.paid, text: [words.paidWhat] },
  failed: { title: words.unsuccessful, text: [words.unsuccessfulHow], button: words.againButton },
  left: { title: words.calledOff, text: [words.calledOffWhat], button: words.payButton },
  refunded: { title: words.refunded, text: [words.refundedWhat] },
});

const dated = (at: number, language: Language) =>
  new Intl.DateTimeFormat(dateLanguage(language), {
    dateStyle: 'long',
    timeStyle: 'short',
    timeZone: 'UTC',
  }).format(at);

/**
 * What the page of a payment says: what it is for, how it stands, and the way on.
 *
 * @param page where the visitor came from
 * @param isUnanswered whether the payment service does not answer
 */
export function payPage(
  payment: PaymentEntity,
  page: string,
  isUnanswered: boolean,
  language: Language,
): Said {
  const words = pageWordsIn(language);
  const { title, text, button } = standing(words)[payment.state];
  const isSettled = payment.state === 'paid' || payment.state === 'refunded';
  return {
    title,
    text: isUnanswered ? [words.noAnswer, ...text] : text,
    facts: [
      [words.payFor, payment.description],
      [words.amount, amountText(payment, language)],
      ...(isSettled ? [[words.date, `${dated(payment.since, language)} UTC`] as const] : []),
      [words.number, payment.id],
    ],
    ...(button && { button }),
    ...(/^https?:\/\//.test(page) && { link: { label: words.back, href: page } }),
  };
}

/** What a link says that belongs to no payment. */
export const noPayment = ({ lost, lostHow }: PageWords): Said => ({ title: lost, text: [lostHow] });

/** What is seen for a moment on the way to the page of the payment service. */
export const goingOn = (href: string, { moment, momentWhat, openNow }: PageWords): Said => ({
  title: moment,
  text: [momentWhat],
  link: { label: openNow, href },
  goesTo: href,
});
