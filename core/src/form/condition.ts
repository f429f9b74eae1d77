import { comparing, type Comparison } from '../behaviour/comparison.js';
import { compileTree, type Tree } from '../behaviour/tree.js';
import { valueAt } from '../base/maps/index.js';
import type { Answer, Answers } from './answer.js';

/** What somebody has answered in another field of the form. */
export interface AnswerCondition {
  type: 'answer';
  /** The name of the field. */
  field: string;
  how: Comparison | 'filled' | 'empty';
  /** For `one-of` several, with commas between them; not asked for by `filled` and `empty`. */
  value: string;
}

/** Conditions on the answers of a form, nested as those on visitors are. */
export type FormTree = Tree<AnswerCondition>;

const texts = (answer: Answer): readonly string[] => (typeof answer === 'object' ? answer : [String(answer)]);

/**
 * Compiles conditions into one test of a form's answers. Of several choices one has to be as it is wanted; how many there
 * are is what `more` and `less` go by.
 */
export const compileAnswers = (tree: FormTree): ((answers: Answers) => boolean) =>
  compileTree<AnswerCondition, Answers>(tree, ({ field, how, value }) => {
    const isEmpty = (answers: Answers) => texts(valueAt(answers, field) ?? '').every((one) => one === '');
    if (how === 'empty') return isEmpty;
    if (how === 'filled') return (answers) => !isEmpty(answers);
    const test = comparing(how, value);
    const counts = how === 'more' || how === 'less';
    return (answers) => {
      const answer = valueAt(answers, field) ?? '';
      if (isEmpty(answers)) return false;
      return counts && typeof answer === 'object' ? test(String(answer.length)) : texts(answer).some(test);
    };
  });
