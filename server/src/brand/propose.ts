import { proposeBrand, type Proposal } from '@sirene/core/library/proposal';
import { Refusal } from '../foreign/refusal.js';

/** @throws Refusal when the sheets are no style that anyone wrote */
export function propose(css: string): Proposal {
  const proposal = proposeBrand(css);
  if (!proposal)
    throw new Refusal('The style sheets of the page are too large, or nested too deep, to be read.');
  return proposal;
}
