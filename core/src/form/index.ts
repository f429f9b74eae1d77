export { answerSpec, answerWords, formTree } from './condition-spec.js';
export { compileAnswers, type AnswerCondition, type FormTree } from './condition.js';
export type { Answer, Answers } from './answer.js';
export type { Filled } from './asked.js';
export * from './field.js';
export * from './formula/index.js';
export { spamReasons, spamSigns, type FilledBy, type SpamReason } from './spam.js';
export { fieldKinds, fieldSpecs } from './registry.js';
export { checkForm, isSecret, type FieldFault, type FormResult } from './validate.js';
