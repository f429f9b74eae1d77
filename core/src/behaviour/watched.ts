import { conditionSpecs } from './conditions/registry.js';
import { specOf } from './rule-spec.js';
import { askingRules, type Behaviour } from './rules.js';
import type { SignalType } from './signals/registry.js';
import { triggerSpecs } from './triggers/registry.js';

const specs = [...triggerSpecs, ...conditionSpecs];

/** What a page must listen to for the rules of its widgets; worked out when a site is published. */
export const watchedBy = (widgets: readonly Pick<Behaviour, 'triggers' | 'targeting'>[]): SignalType[] => [
  ...new Set(widgets.flatMap(askingRules).flatMap((rule) => specOf(specs, rule).watches ?? [])),
];
