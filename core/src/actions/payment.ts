import { Type } from '@sinclair/typebox';
import { actionSchema, type ActionSpec } from './action.js';
import { isMailAddress } from './mail-address.js';

/** How often is paid, as people choose it. */
export const paymentIntervals = { once: 'Once', month: 'Every month' } as const;
export type PaymentInterval = keyof typeof paymentIntervals;

const every: Readonly<Record<PaymentInterval, string>> = { once: '', month: ' every month' };

/** What a payment says of itself. */
export interface Paid {
  amount: string;
  interval?: PaymentInterval;
}

/** Asks the sender to pay at the site's payment service, and sends a receipt once they have. */
export const payment = {
  type: 'payment',
  label: 'Payment',
  schema: actionSchema('payment', {
    /** A number, or the answer of a field that is one. */
    amount: Type.String({ maxLength: 80 }),
    currency: Type.Optional(
      Type.String({ pattern: '^[A-Z]{3}$', description: 'must be a currency such as EUR' }),
    ),
    interval: Type.Optional(Type.Union([Type.Literal('once'), Type.Literal('month')])),
    description: Type.String({ minLength: 1, maxLength: 200 }),
    receiptSubject: Type.Optional(Type.String({ maxLength: 250 })),
    receipt: Type.Optional(Type.String({ maxLength: 4000 })),
  }),
  create: (name) => ({
    type: 'payment',
    amount: '',
    currency: 'EUR',
    description: name.slice(0, 200) || 'Payment',
  }),
  fields: [
    {
      key: 'amount',
      label: 'Amount',
      control: 'line',
      max: 80,
      words: true,
      help: 'A number, or a donation amount or a calculated value of the form.',
    },
    { key: 'currency', label: 'Currency', control: 'currency' },
    { key: 'interval', label: 'Paid', control: 'choice', options: paymentIntervals },
    { key: 'description', label: 'Description', control: 'line', max: 200, words: true },
    { key: 'receiptSubject', label: 'Receipt: subject', control: 'line', max: 250, words: true },
    {
      key: 'receipt',
      label: 'Receipt',
      control: 'text',
      max: 4000,
      words: true,
      help: 'Sent by e-mail once it is paid. The amount stands below it.',
    },
  ],
  told: ({ amount }: Paid) => (amount.trim() === '' ? [] : ['the sender']),
  delivery: (target) => (isMailAddress(target) ? `Receipt to ${target}` : `Payment: ${target}`),
  phrase: (_, { amount, interval = 'once' }: Paid) =>
    `is asked to pay ${amount.trim().replace(/^\{\{\s*([\w.-]+)\s*\}\}$/, 'the “$1”')}${every[interval]}`,
} satisfies ActionSpec;
