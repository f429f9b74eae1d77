import { majorUnits, money } from '@sirene/core/base/money';
import type { Said } from '../shared/brand-page.js';
import type { PaymentEntity, PaymentState } from './payments.entity.js';

/** A payment's amount as people read it: "€40", "€12.50 every month". */
export const amountText = ({
  units,
  currency,
  interval,
}: Pick<PaymentEntity, 'units' | 'currency' | 'interval'>) =>
  `${money(majorUnits(units, currency), { locale: 'en', currency })}${interval === 'month' ? ' every month' : ''}`;

const said: Readonly<Record<PaymentState, Pick<Said, 'title' | 'text' | 'button'>>> = {
  open: {
    title: 'Not paid yet',
    text: ['You pay on the page of the payment service, and come back here afterwards.'],
    button: 'Pay now',
  },
  paid: {
    title: 'Thank you, it is paid',
    text: ['This page is your receipt. You can keep its address, or print it.'],
  },
  failed: {
    title: 'The payment did not work',
    text: ['Nothing has been charged. You can try again, also in another way.'],
    button: 'Try again',
  },
  left: {
    title: 'You have not paid',
    text: ['The payment was called off, and nothing has been charged.'],
    button: 'Pay now',
  },
  refunded: { title: 'Paid back', text: ['The amount has been paid back by the way it came.'] },
};

const dated = (at: number) =>
  new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short', timeZone: 'UTC' }).format(at);

/** What the page of a payment says: what it is for, how it stands, and the way on. */
export function payPage(payment: PaymentEntity, page: string, trouble: string | null): Said {
  const { title, text, button } = said[payment.state];
  const when =
    payment.state === 'paid' || payment.state === 'refunded' ? `${dated(payment.since)} UTC` : null;
  return {
    title,
    text: trouble ? [trouble, ...text] : text,
    facts: [
      ['For', payment.description],
      ['Amount', amountText(payment)],
      ...(when ? [['Date', when] as const] : []),
      ['Number', payment.id],
    ],
    ...(button && { button }),
    ...(/^https?:\/\//.test(page) && { link: { label: 'Back to the page', href: page } }),
  };
}

/** What a link says that belongs to no payment. */
export const noPayment: Said = {
  title: 'This link leads nowhere',
  text: ['It may be incomplete. Please open it once more from where you have it, or copy the whole of it.'],
};

/** What is seen for a moment on the way to the page of the payment service. */
export const goingOn = (href: string): Said => ({
  title: 'One moment',
  text: ['The page of the payment service opens.'],
  link: { label: 'Open it now', href },
  goesTo: href,
});
