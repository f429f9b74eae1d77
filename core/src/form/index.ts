export * from './field.js';
export { fieldKinds, fieldSpecs } from './registry.js';
export { checkForm, type FieldFault, type FormResult } from './validate.js';
