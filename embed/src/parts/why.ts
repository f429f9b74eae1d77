import { explain, type Explanation, type MachineState, type SiteRules } from '@sirene/core/behaviour';

/** Why each widget of a site is on the page or not, by its address name. */
export function whyAll(rules: SiteRules, state: MachineState): Record<string, Explanation> {
  const all = rules.widgets.flatMap(({ id, slug }) => {
    const explanation = explain(rules, state, id);
    return explanation ? [[slug, explanation] as const] : [];
  });
  return Object.fromEntries(all);
}
