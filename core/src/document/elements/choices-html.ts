import { h, type Attributes, type Html } from '../../base/html/index.js';
import { optionImage, optionText, type Option } from './option.js';

interface Around {
  part(name: string): string;
  class?: string;
  /** What stands before the mark, and behind the text. */
  before?: Html | null;
  after?: Html;
}

/** Something that is chosen: its mark and its text, as the label of both. */
export const choiceHtml = (
  input: Attributes,
  text: string,
  { part, class: own = 'choice', before, after }: Around,
): Html =>
  h(
    'label',
    { class: `${own} ${part('choice')}` },
    before,
    h('input', { ...input, class: `mark ${part('mark')} ${part(String(input['type']))}` }),
    h('span', {}, text),
    after,
  );

/** What a field offers to choose from, and the choice of something else where there is one. */
export function choicesHtml(
  { key, options = [], initial = '', other }: Offered,
  attributes: Attributes,
  part: Around['part'],
): Html {
  const entered = h('input', { 'data-entered': true, class: 'other', maxlength: 120, 'aria-label': other });
  return h(
    'div',
    { class: `choices ${part('choices')}` },
    ...options.map((option) => {
      const value = optionText(option);
      const checked = initial.split('\n').includes(value);
      return choiceHtml({ ...attributes, name: key, value, checked }, value, {
        part,
        before: optionImage(option),
      });
    }),
    other ? choiceHtml({ ...attributes, name: key, value: '' }, other, { part, after: entered }) : null,
  );
}

interface Offered {
  key: string;
  options?: readonly Option[] | undefined;
  initial?: string | undefined;
  other?: string | undefined;
}
