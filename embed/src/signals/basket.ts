import { readBasketSums } from '@sirene/core/behaviour';
import { toldByPage } from './told-by-page.ts';

/** The lines of the shop's basket, as the page tells them by `sirene.basket.set`. */
export const { told: basketLines, listener: basket } = toldByPage<'basket', unknown>(readBasketSums);
