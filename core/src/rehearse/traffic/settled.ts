import {
  compileRules,
  compileTargeting,
  conditionSpecs,
  leavesOf,
  specOf,
  type Policy,
  type SiteRules,
  type Targeting,
  type WidgetRules,
} from '../../behaviour/index.js';

const isSettled = (tree: Targeting): boolean =>
  leavesOf(tree).every((leaf) => specOf(conditionSpecs, leaf).settled);

/**
 * The rules of a site's widgets as `compileRules` makes them, but that what can't change while a visitor is on a page is asked on
 * arriving (`onPage`) and not again there (`targets`): of thousands of visitors, most widgets are not asked about any more then
 * (bench/traffic). So `targets` tells only of widgets that may appear on the page (`MachineState.here`).
 */
export function settledRules(widgets: readonly WidgetRules[], policy: Policy): SiteRules {
  const site = compileRules(widgets, policy);
  const idOf = (slug: string) => widgets.find((one) => one.slug === slug)?.id;
  return {
    ...site,
    widgets: site.widgets.map((widget) => {
      const { targeting } = widget;
      const outermost = 'all' in targeting ? targeting.all : [targeting];
      const settled = outermost.filter(isSettled);
      return {
        ...widget,
        onPage: compileTargeting({ all: settled }, { idOf }),
        targets: compileTargeting({ all: outermost.filter((one) => !settled.includes(one)) }, { idOf }),
      };
    }),
  };
}
