import type { Limits } from './field.js';

// What several kinds of fields are limited by.

export const amountLimits = {
  min: 'Minimum',
  max: 'Maximum',
  takes: 'number',
  says: { min: 'atLeast', max: 'atMost' },
} as const satisfies Limits;

export const lengthLimits = {
  min: 'Minimum length (characters)',
  max: 'Maximum length (characters)',
  takes: 'number',
  says: { min: 'tooShort', max: 'tooLong' },
} as const satisfies Limits;
