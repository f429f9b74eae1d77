export type { Axis, AxisValue } from './axis.js';
export { compilePattern, isPattern, placeOf, type Place } from './address.js';
export {
  compete,
  interrupts,
  openPolicy,
  type Blocker,
  type Candidate,
  type Mode,
  type Decision,
  type Policy,
} from './arbitrate.js';
export { conditionSpecs, type Condition } from './conditions/registry.js';
export * from './edit-tree.js';
export { hoursProblem, ruleProblems } from './problems.js';
export { targetingOf, targetingParts, type OtherCondition, type TargetingParts } from './edit-targeting.js';
export { explain, lostTo, type Lost, type Explanation, type Reason } from './explain.js';
export * from './machine.js';
export { noMemory, readMemory, visitGapMs, type Memory } from './memory.js';
export type { Pause } from './pause.js';
export type { OffSchedule, Schedule, ScheduleRules } from './schedule.js';
export { coversOf, phoneUpTo, type Covers, type Rim, type Slot } from './slots.js';
export { watchedBy } from './watched.js';
export { titleOfName } from './widget-name.js';
export type { PageFacts } from './facts.js';
export type { PageVisit } from './page.js';
export {
  signalDeeds,
  signalTypes,
  type Detail,
  type SignalEvent,
  type SignalType,
} from './signals/registry.js';
export type { Deed } from './signal.js';
export { readBasketSums } from './signals/basket.js';
export { readIdentity } from './signals/identify.js';
export { readFacts, type Fact } from './signals/set.js';
export { touchKey, touchOf, type ElementTouched } from './signals/element.js';
export * from './rules.js';
export { comesByItself, opensByHand } from './by-itself.js';
export { specOf, type Opener, type RuleField, type RuleSpec } from './rule-spec.js';
export { startSession, type Clock, type Session } from './session.js';
export { compileTargeting, explainTargeting, type Targeting, type TargetingOutcome } from './targeting.js';
export { leavesOf, mapLeaves, type Tree } from './tree.js';
export { triggerSpecs, type Trigger } from './triggers/registry.js';
