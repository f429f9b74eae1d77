import { autocompletion, type CompletionContext, type CompletionResult } from '@codemirror/autocomplete';
import { linter, type Diagnostic } from '@codemirror/lint';
import { formulaFunctions, parseFormula, type FormulaFields } from '@sirene/core/form';

/** A field that a formula can name. */
interface Named {
  key: string;
  label: string;
}

/** What turns a code field into one for a formula: the fields and functions as one types, and what can't be read. */
export function formulaExtensions(fields: readonly Named[], types: FormulaFields, wants: 'number' | 'truth') {
  const options = [
    ...fields.map(({ key, label }) => ({ label: key, detail: label, type: 'variable' })),
    ...formulaFunctions.map(({ name, help }) => ({
      label: name,
      detail: help,
      type: 'function',
      apply: `${name}(`,
    })),
  ];
  const words = (context: CompletionContext): CompletionResult | null => {
    const word = context.matchBefore(/[\w-]*/);
    return word && (context.explicit || word.from < word.to) ? { from: word.from, options } : null;
  };
  return [
    linter(({ state: { doc } }): Diagnostic[] => {
      const formula = parseFormula(doc.toString(), types, wants);
      if (formula.ok || doc.toString().trim() === '') return [];
      const from = Math.min(formula.at, doc.length);
      return [{ from, to: doc.length, severity: 'error', message: `It ${formula.reason}.` }];
    }),
    autocompletion({ override: [words] }),
  ];
}
