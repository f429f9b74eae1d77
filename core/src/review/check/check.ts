import type { Brand } from '../../style/index.js';
import type { Operation, WidgetDocument } from '../../document/widget/index.js';
import { subjectOf, type CheckedBy, type Finding } from './finding.js';
import { contrastRule } from './rules/contrast.js';
import { edgesRule } from './rules/edges.js';
import { rules } from './rules/registry.js';

/** The edits that make all text readable and all inputs seen: each gives a colour that is told apart, the brand's own first. */
export function contrastRepairs(document: WidgetDocument, brand: Brand): Operation[] {
  const subject = subjectOf(document, brand, {});
  const findings = [contrastRule, edgesRule].flatMap((rule) => rule(subject));
  return findings.flatMap(({ repair }) => (repair ? [repair.operation] : []));
}

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
