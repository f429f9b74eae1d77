import type { FormTree } from '@sirene/core/form';

/** Holds where a field was answered so. */
export const answered = (name: string, how: 'equals' | 'more', value: string): FormTree => ({
  all: [{ type: 'answer', field: name, how, value }],
});
