import { compileTargeting, type Targeting, type Test } from './targeting.js';
import type { SignalType } from './signals/registry.js';
import { kindOf, type Trigger } from './triggers/registry.js';

/** How often a widget may appear to one visitor: once a page view, once a visit, or once in so many days. */
export type Frequency = { per: 'page' } | { per: 'visit' } | { per: 'days'; days: number };

/** What a visitor finds who comes back. Days; 0 is no pause, null is never again. */
export interface Returning {
  afterClosing: number | null;
  afterSubmitting: number | null;
}

/** When, where, to whom and how often one widget appears. */
export interface Behaviour {
  triggers: { any: Trigger[] } | { all: Trigger[] };
  targeting: Targeting;
  frequency: Frequency;
  returning: Returning;
  /** Of two widgets that want the same place, the one with the higher number appears first. -100 to 100. */
  priority: number;
}

/** Which place it takes: overlays share one, inline ones each need their marker, free ones stand beside anything. */
export type Mode = 'overlay' | 'inline' | 'free';

/** A widget as the behaviour machine knows it. */
export interface WidgetRules extends Behaviour {
  id: string;
  /** Its address name: in markers, in `sirene.open`, in links. */
  slug: string;
  mode: Mode;
}

export interface CompiledRules extends WidgetRules {
  targets: Test;
}

/** The triggers of a widget, be one of them enough or not. */
export const triggersOf = ({ triggers }: Pick<Behaviour, 'triggers'>): Trigger[] =>
  'any' in triggers ? triggers.any : triggers.all;

/** What a page must listen to for the triggers of its widgets. */
export const watchedBy = (widgets: readonly WidgetRules[]): ReadonlySet<SignalType> =>
  new Set(widgets.flatMap(triggersOf).flatMap((trigger) => kindOf(trigger).watches ?? []));

/** Compiles the rules of a site's widgets, in the order in which they get their turn. */
export function compileRules(widgets: readonly WidgetRules[]): CompiledRules[] {
  return widgets
    .map((widget) => ({ ...widget, targets: compileTargeting(widget.targeting) }))
    .sort((a, b) => b.priority - a.priority);
}
