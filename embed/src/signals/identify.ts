import { readIdentity } from '@sirene/core/behaviour';
import { toldByPage } from './told-by-page.ts';

/** Whom the page says that it knows, by `sirene.identify`. */
export const { told: identity, listener: identify } = toldByPage<'identify', unknown>(readIdentity);
