export {
  formulaFunctions,
  parseFormula,
  renamedInFormula,
  type Formula,
  type FormulaField,
  type FormulaFields,
  type FormulaType,
} from './parse.js';
export type { Program } from './program.js';
export { calculated, runProgram } from './run.js';
