import { autocompletion, type CompletionContext, type CompletionResult } from '@codemirror/autocomplete';
import { css, cssCompletionSource } from '@codemirror/lang-css';
import { linter, type Diagnostic } from '@codemirror/lint';
import { checkCss } from '@sirene/core/compile/foreign';

/**
 * What turns a code field into one for a widget's style sheet: colours, problems as one types, and the names of parts.
 *
 * @param classes class names that the widget has, and what each is
 */
export function cssExtensions(classes: ReadonlyMap<string, string>) {
  const known = new Set(classes.keys());
  const options = [...classes].map(([name, what]) => ({ label: `.${name}`, detail: what, type: 'class' }));
  const parts = (context: CompletionContext): CompletionResult | null => {
    const word = context.matchBefore(/\.[\w-]*/);
    return word && { from: word.from, options };
  };
  return [
    css(),
    linter(({ state: { doc } }) =>
      checkCss(doc.toString(), { classes: known }).problems.map(({ line, column, reason }): Diagnostic => {
        const { from, to } = doc.line(Math.min(line, doc.lines));
        return { from: Math.min(from + column - 1, to), to, severity: 'error', message: reason };
      }),
    ),
    autocompletion({ override: [parts, cssCompletionSource] }),
  ];
}
