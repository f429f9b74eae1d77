import type { Brand } from './api.ts';

/** What a small picture of a saved draft is asked for by. */
export interface DraftPicture {
  id: string;
  /** The draft's version, and the brand it is dressed in: another of either is another picture. */
  version: number;
  brand: Brand;
  width: number;
  height: number;
}
