import type { Brand } from '../../style/index.js';
import type { Operation, WidgetDocument } from '../../document/widget/index.js';
import { subjectOf, type CheckedBy, type Finding, type Rule } from './finding.js';
import { afterwardsRule } from './rules/afterwards.js';
import { blendRule } from './rules/blend.js';
import { buttonsRule } from './rules/buttons.js';
import { closingRule } from './rules/closing.js';
import { contrastRule } from './rules/contrast.js';
import { countdownsRule } from './rules/countdowns.js';
import { narrowRule, tapRule } from './rules/drawn.js';
import { formsRule } from './rules/forms.js';
import { headingsRule } from './rules/headings.js';
import { linksRule } from './rules/links.js';
import { namesRule } from './rules/names.js';

/** Everything that is looked for, in the order in which it is told. */
const rules: readonly Rule[] = [
  contrastRule,
  blendRule,
  namesRule,
  headingsRule,
  tapRule,
  narrowRule,
  buttonsRule,
  formsRule,
  linksRule,
  countdownsRule,
  afterwardsRule,
  closingRule,
];

/** The edits that make all text readable: each gives it the nearest colour that can be read, the brand's own first. */
export const contrastRepairs = (document: WidgetDocument, brand: Brand): Operation[] =>
  contrastRule(subjectOf(document, brand, {})).flatMap(({ repair }) => (repair ? [repair.operation] : []));

/**
 * Everything worth fixing in a widget before it is published.
 *
 * @param by colours sampled from the images behind texts (contrast over others is not read), what a drawn widget tells
 * (without it sizes are not looked at), and the time (without it no date is past)
 */
export function checkDocument(document: WidgetDocument, brand: Brand, by: CheckedBy = {}): Finding[] {
  const subject = subjectOf(document, brand, by);
  return rules.flatMap((rule) => rule(subject));
}
