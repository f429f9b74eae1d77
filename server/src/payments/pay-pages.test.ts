import { languages } from '@sirene/core/base/messages';
import { amountText, payPage } from './pay-pages.js';
import type { PaymentEntity, PaymentState } from './payments.entity.js';

const payment = (more: Partial<PaymentEntity> = {}) =>
  ({
    id: 'p1',
    description: 'Dome motor',
    units: 1250,
    currency: 'EUR',
    interval: null,
    state: 'paid',
    since: Date.UTC(2026, 10, 29, 18, 5),
    ...more,
  }) as PaymentEntity;

test('an amount is written as its language writes it, and says how often', () => {
  expect(amountText(payment(), 'en')).toBe('€12.50');
  expect(amountText(payment({ interval: 'month' }), 'en')).toBe('€12.50 every month');
  expect(amountText(payment({ interval: 'month' }), 'de')).toBe('12,50\u00a0€ jeden Monat');
});

test('a receipt in German', () => {
  expect(payPage(payment(), 'https://x.example/fund', false, 'de')).toEqual({
    title: 'Vielen Dank, es ist bezahlt',
    text: ['Diese Seite ist Ihre Quittung. Sie können ihre Adresse aufheben oder sie ausdrucken.'],
    facts: [
      ['Für', 'Dome motor'],
      ['Betrag', '12,50\u00a0€'],
      ['Datum', '29. November 2026 um 18:05 UTC'],
      ['Nummer', 'p1'],
    ],
    link: { label: 'Zurück zur Seite', href: 'https://x.example/fund' },
  });
});

test.each<[PaymentState, boolean, boolean]>([
  ['open', true, false],
  ['paid', false, true],
  ['failed', true, false],
  ['left', true, false],
  ['refunded', false, true],
])('a payment that is %s can be paid: %p; has a date: %p', (state, isPayable, isDated) => {
  for (const language of languages) {
    const { button, facts = [], title } = payPage(payment({ state }), 'about:blank', false, language);
    expect([button !== undefined, facts.length === 4]).toEqual([isPayable, isDated]);
    expect(title).not.toBe('');
  }
});

test('a service that does not answer is told of first, and a page that is none is not led back to', () => {
  const { text, link } = payPage(payment({ state: 'open' }), 'javascript:x', true, 'en');
  expect(text[0]).toMatch(/^The payment service does not answer/);
  expect(link).toBeUndefined();
});
