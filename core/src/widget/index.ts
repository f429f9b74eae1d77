export * from './create.js';
export {
  actions,
  corners,
  isMailAddress,
  kinds,
  limits,
  placements,
  scenes,
  schemaVersion,
  type Action,
  type Corner,
  type Kind,
  type Placement,
  type SceneName,
  type WidgetDocument,
} from './document.js';
export * from './operations.js';
export * from './problem.js';
export * from './tree.js';
export { upgradeDocument } from './upgrade.js';
export { validateDocument, widgetSchema, type Validation } from './validate.js';
export * from './arrange.js';
export { changePlacement } from './placing.js';
