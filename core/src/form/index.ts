export * from './field.js';
export { fieldKinds, fieldSpecs } from './registry.js';
export { checkForm, isSecret, type FieldFault, type FormResult } from './validate.js';
