import type { Brand } from '@sirene/core/style';
import { keptIn } from '../shared/kept.ts';
import { draftStep, startDraft, type BrandDraft } from './brand-draft.ts';

/** A brand that was changed and not saved. */
export interface PendingBrand {
  /** The brand that it was made from. */
  base: Brand;
  brand: Brand;
}

/** Changed brands by the id of their site. */
export const pendingBrands = keptIn<PendingBrand>('brand');

/** Whether a change was made from the brand as it is saved now. */
export const isOf = ({ base }: PendingBrand, saved: Brand): boolean =>
  JSON.stringify(base) === JSON.stringify(saved);

/** The draft to go on with: what is saved, with what was changed upon it before as its first step. */
export function resumed(saved: Brand, pending: PendingBrand | null): BrandDraft {
  const start = startDraft(saved);
  if (!pending || !isOf(pending, saved)) return start;
  return draftStep(start, { type: 'change', brand: pending.brand, of: '' });
}
