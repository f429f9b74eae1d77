import type { Brand } from '@sirene/core/style';

/** A brand being edited: as it is, and the way back and forth. */
export interface BrandDraft {
  brand: Brand;
  past: readonly Brand[];
  future: readonly Brand[];
  /** What the last change was of: more of the same, as while a slider is drawn, is one step. */
  of: string;
}

export type BrandStep =
  | { type: 'change'; brand: Brand; of: string }
  | { type: 'undo' }
  | { type: 'redo' }
  /** Starts over from what is saved. */
  | { type: 'saved'; brand: Brand };

/** A draft with nothing to be undone yet. */
export const startDraft = (brand: Brand): BrandDraft => ({ brand, past: [], future: [], of: '' });

/** The draft after a change, an undo, a redo or a save; one key’s changes in a row are one step. */
export function draftStep(draft: BrandDraft, step: BrandStep): BrandDraft {
  const { brand, past, future } = draft;
  switch (step.type) {
    case 'change': {
      if (step.brand === brand) return draft;
      const goesOn = step.of !== '' && step.of === draft.of;
      return { brand: step.brand, past: goesOn ? past : [...past, brand], future: [], of: step.of };
    }
    case 'undo': {
      const before = past.at(-1);
      return before ? { brand: before, past: past.slice(0, -1), future: [brand, ...future], of: '' } : draft;
    }
    case 'redo': {
      const [next, ...rest] = future;
      return next ? { brand: next, past: [...past, brand], future: rest, of: '' } : draft;
    }
    case 'saved':
      return startDraft(step.brand);
  }
}
