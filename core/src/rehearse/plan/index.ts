export { neverMatches, type Never } from './never.js';
export {
  pagePlan,
  type Clash,
  type PlanInput,
  type PlannedPage,
  type PlanRow,
  type Presence,
} from './page-plan.js';
