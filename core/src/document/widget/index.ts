export type { Placement } from '../placement/index.js';
export * from './create.js';
export * from './faces.js';
export { kinds, schemaVersion, type Kind, type WidgetDocument } from './document.js';
export { branchProblems } from './branch.js';
export { applyChecked, type CheckedEdit } from './checked-edit.js';
export * from './operations.js';
export * from '../../base/schema/problem.js';
export { isRequiredAt } from './required.js';
export * from './tree.js';
export { upgradeDocument } from './upgrade.js';
export { validateDocument, widgetSchema, type Validation } from './validate.js';
export { insertNew, isSubmit, newElements, type NewElement } from './adding.js';
export { fits, moveByKey, moveTo, type Direction, type Place } from './arrange.js';
export { branchOf, duplicate, insertBranch } from './copies.js';
export { formAround, formFields, formulaFields } from './form-fields.js';
export { freeKey } from './keys.js';
export { renameKey } from './rename-key.js';
export { inTurn, pasteStyle, styleOf, topmost, type CopiedStyle } from './several.js';
export { changePlacement } from './placing.js';
export {
  isNamedScene,
  mostNamedScenes,
  standardScenes,
  type SceneName,
  type StandardScene,
} from '../scenes/index.js';
