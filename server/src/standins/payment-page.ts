import { majorUnits, money } from '@sirene/core/base/money';
import { h } from '@sirene/core/compile';
import { htmlPage, styleElement } from '../shared/html-page.js';
import type { TestPaymentEntity } from './standins.entity.js';

const css = `
body{font:16px/1.5 system-ui,sans-serif;background:#eef0f3;color:#1c2128;display:grid;place-items:center;min-height:100vh;padding:24px;box-sizing:border-box}
main{background:#fff;border:1px solid #ccd2da;border-radius:8px;padding:32px;width:100%;max-width:440px;box-sizing:border-box}
h1{font-size:22px;margin:0 0 6px}p{margin:0 0 16px}.sum{font-size:30px;font-weight:600;margin:0 0 20px}
form{display:grid;gap:10px}button{font:inherit;min-height:44px;border-radius:6px;border:1px solid #8a94a3;background:#fff;color:inherit;cursor:pointer}
button.first{background:#1f5f8b;border-color:#1f5f8b;color:#fff;font-weight:600}button:focus-visible{outline:3px solid #1f5f8b;outline-offset:2px}
.small{font-size:13px;color:#566070;margin:18px 0 0}`;

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
  return htmlPage(
    { title: 'Test payment' },
    [h('meta', { name: 'robots', content: 'noindex' }), styleElement(css)],
    [
      h(
        'main',
        {},
        h('h1', {}, 'Test payment'),
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
        h('p', { class: 'small' }, 'This is the payment stand-in of Sirene. No money moves.'),
      ),
    ],
  );
}
