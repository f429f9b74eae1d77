import type { Rule } from '../finding.js';
import { addressesRule } from './addresses.js';
import { afterwardsRule } from './afterwards.js';
import { answersRule } from './answers.js';
import { blendRule } from './blend.js';
import { buttonsRule } from './buttons.js';
import { closingRule, teaserRule } from './closing.js';
import { contrastRule } from './contrast.js';
import { countdownsRule } from './countdowns.js';
import { coverRule, narrowRule, tapRule } from './drawn.js';
import { edgesRule } from './edges.js';
import { formsRule } from './forms.js';
import { headingsRule } from './headings.js';
import { linksRule } from './links.js';
import { loopsRule } from './loops.js';
import { namesRule } from './names.js';

/** Everything that is looked for, in the order in which it is told. */
export const rules: readonly Rule[] = [
  contrastRule,
  edgesRule,
  blendRule,
  namesRule,
  headingsRule,
  tapRule,
  narrowRule,
  coverRule,
  buttonsRule,
  formsRule,
  answersRule,
  linksRule,
  countdownsRule,
  afterwardsRule,
  addressesRule,
  closingRule,
  teaserRule,
  loopsRule,
];
