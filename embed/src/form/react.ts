import { valueAt } from '@sirene/core/base/maps';
import { fillIn, type FormRule } from '@sirene/core/form';
import { entries } from './entries.ts';

/**
 * Shows of a form what its conditions let be shown, and writes what it calculates. What is hidden keeps what was entered, and
 * is not sent.
 */
export function react(form: Element, rule: FormRule): void {
  const { values, hidden } = fillIn(rule, entries(form));
  for (const element of Object.keys(rule.shows ?? {})) {
    const box = form.querySelector<HTMLElement>(`[data-e="${element}"]`);
    if (box) box.hidden = hidden.has(element);
  }
  for (const output of form.querySelectorAll<HTMLElement>('[data-calculated]')) {
    const { calculated = '', currency, locale = 'en' } = output.dataset;
    const value = valueAt(values, calculated) ?? '';
    const text = value === '' ? '' : written(Number(value), locale, currency);
    // Written only when it changes: a live region is read out each time.
    if (output.textContent !== text) output.textContent = text;
  }
}

/** A number as people of a language write it; whole amounts of money without their zeros. */
function written(value: number, locale: string, currency: string | undefined): string {
  const whole = currency && Number.isInteger(value) ? { maximumFractionDigits: 0 } : {};
  const money = currency ? { style: 'currency' as const, currency } : { maximumFractionDigits: 10 };
  try {
    return new Intl.NumberFormat(locale, { ...money, ...whole }).format(value);
  } catch {
    // A language or currency that no browser knows.
    return String(value);
  }
}
