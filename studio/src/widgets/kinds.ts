import type { Kind } from '@sirene/core/document/widget';

/** The kinds of widgets that can be made, and what they are called. */
export const kindNames: Readonly<Partial<Record<Kind, string>>> = {
  popup: 'Pop-up',
  cta: 'Call to action',
  form: 'Form',
  countdown: 'Countdown',
  bar: 'Bar',
};
