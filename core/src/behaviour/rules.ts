import { openPolicy, type Candidate, type Policy } from './arbitrate.js';
import type { ConditionContext } from './condition.js';
import { kindOf as kindOfCondition, type Condition } from './conditions/registry.js';
import type { PageVisit } from './page.js';
import type { Schedule, ScheduleRules } from './schedule.js';
import { compileTargeting, type Targeting, type Test } from './targeting.js';
import { leavesOf } from './tree.js';
import type { Trigger } from './triggers/registry.js';

/** How often a widget may appear to one visitor: once a page view, once a visit, or once in so many days; and in all. */
export type Frequency = ({ per: 'page' } | { per: 'visit' } | { per: 'days'; days: number }) & {
  /** The most times in all. */
  most?: number;
};

/** What a visitor finds who comes back. Days; 0 is no pause, null is never again. */
export interface Returning {
  afterClosing: number | null;
  afterSubmitting: number | null;
  /** Widgets, by address name, after whose submission this one stays away. */
  afterOthers?: string[];
}

/** When, where, to whom and how often one widget appears. */
export interface Behaviour {
  triggers: { any: Trigger[] } | { all: Trigger[] };
  targeting: Targeting;
  schedule?: Schedule;
  frequency: Frequency;
  returning: Returning;
  /** Of two widgets that want the same place, the one with the higher number appears first. -100 to 100. */
  priority: number;
}

/** A widget as the behaviour machine knows it. Its slug is its address name: in markers, in `sirene.open`, in links. */
export interface WidgetRules extends Omit<Behaviour, 'schedule'>, Candidate {
  schedule?: ScheduleRules;
  /** The address names of the widgets that it opens without the visitor doing anything, such as when its countdown ends. */
  opens?: readonly string[];
  /** Its teaser remains on the page once it was closed, until the visit ends. */
  remains?: true;
}

export interface CompiledRules extends WidgetRules {
  targets: Test;
  /** Whether it may appear on a page at all; asked once on arriving. */
  onPage: Test;
  /** The next moment at which a condition of it may come to hold by itself. */
  changesAt(visit: PageVisit): number;
  /** The ids of the widgets after whose submission it stays away. */
  actedElsewhere: readonly string[];
}

/** A site's widgets in the order in which they get their turn, and how much they may interrupt together. */
export interface SiteRules {
  widgets: readonly CompiledRules[];
  policy: Policy;
}

/** The triggers of a widget, be one of them enough or not. */
export const triggersOf = ({ triggers }: Pick<Behaviour, 'triggers'>): Trigger[] =>
  'any' in triggers ? triggers.any : triggers.all;

/** All single rules of a widget that ask for something on the page or of the visitor. */
export const askingRules = (widget: Pick<Behaviour, 'triggers' | 'targeting'>): (Trigger | Condition)[] => [
  ...triggersOf(widget),
  ...leavesOf(widget.targeting),
];

/** Compiles the rules of a site's widgets. */
export function compileRules(widgets: readonly WidgetRules[], policy: Policy = openPolicy): SiteRules {
  const idOf: ConditionContext['idOf'] = (name) => widgets.find(({ slug }) => slug === name)?.id;
  return {
    policy,
    widgets: widgets
      .map((widget) => ({
        ...widget,
        targets: compileTargeting(widget.targeting, { idOf }),
        onPage: compileTargeting({ all: pageConditions(widget.targeting) }),
        changesAt: changesOf(widget),
        actedElsewhere: (widget.returning.afterOthers ?? []).flatMap((name) => idOf(name) ?? []),
      }))
      .sort((a, b) => b.priority - a.priority),
  };
}

/** The conditions on the page alone that have to hold in any case. */
function pageConditions(targeting: Targeting): Condition[] {
  const outermost = 'all' in targeting ? targeting.all : [targeting];
  return outermost.flatMap((node) => ('type' in node && kindOfCondition(node).ofPage ? [node] : []));
}

function changesOf({ targeting }: WidgetRules): CompiledRules['changesAt'] {
  const leaves = leavesOf(targeting).filter((leaf) => kindOfCondition(leaf).changesAt);
  return (visit) =>
    Math.min(Infinity, ...leaves.map((leaf) => kindOfCondition(leaf).changesAt?.(leaf, visit) ?? Infinity));
}
