export {
  automationProblems,
  automationSchema,
  automationTimes,
  automationTitle,
  chatConditionWords,
  defaultMinutes,
  holdsFor,
  isWaiting,
  mostAutomations,
  type Automation,
  type AutomationTime,
  type ChatTree,
} from './automation.js';
export { chatConditionSpecs } from './conditions/registry.js';
export { deeds, type ChatDeed, type DeedName } from './deeds.js';
export type { ChatFacts } from './facts.js';
