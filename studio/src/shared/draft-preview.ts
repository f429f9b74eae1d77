import type { Brand } from './api/index.ts';

/** What a preview of a saved draft is asked for by. */
export interface DraftPreview {
  id: string;
  /** The draft's version, and the brand it is dressed in: another of either is another preview. */
  version: number;
  brand: Brand;
  width: number;
  height: number;
}
