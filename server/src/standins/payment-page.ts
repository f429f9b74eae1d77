import { majorUnits, money } from '@sirene/core/base/money';
import { h } from '@sirene/core/compile';
import { standinPage } from './standin-page.js';
import type { TestPaymentEntity } from './standins.entity.js';

/** The page of the payment stand-in: what is to be paid, and each way in which that can end. */
export function paymentPage({
  id,
  description,
  units,
  currency,
  interval,
  status,
}: TestPaymentEntity): string {
  const sum = money(majorUnits(units, currency), { locale: 'en', currency });
  const button = (outcome: string, label: string, first = false) =>
    h('button', { formaction: `/pay/${id}/${outcome}`, class: first ? 'first' : null }, label);
  return standinPage(
    'Test payment',
    [
      h('p', {}, description),
      h('p', { class: 'sum' }, interval === 'month' ? `${sum} every month` : sum),
      status === 'open'
        ? h(
            'form',
            { method: 'post' },
            button('paid', 'Pay', true),
            button('failed', 'Let the payment fail'),
            button('left', 'Cancel'),
          )
        : h('p', {}, `This session is over: ${status}.`),
    ],
    'This is the payment stand-in of Sirene. No money moves.',
  );
}
