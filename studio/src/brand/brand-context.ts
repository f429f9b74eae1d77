import type { Brand } from '@sirene/core/style';
import { createContext, useContext } from 'react';
import type { Site } from '../shared/api/index.ts';

export interface BrandEditing {
  site: Site;
  brand: Brand;
  /** `of` names the control: more of the same is one step of undo. */
  change(brand: Brand, of: string): void;
}

export const BrandContext = createContext<BrandEditing | null>(null);

/** The brand that is edited around a component, and how it is changed. */
export function useBrandEditing(): BrandEditing {
  const editing = useContext(BrandContext);
  if (!editing) throw new Error('Only inside the brand’s page');
  return editing;
}
