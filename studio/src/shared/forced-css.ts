import type { State } from '@sirene/core/style';

const pseudo: Record<State, RegExp> = {
  hover: /:hover/g,
  focus: /:focus-visible/g,
  pressed: /:active/g,
  selected: /:checked|:is\(:has\(:checked\),\[aria-current\]\)/g,
  disabled: /:disabled/g,
  error: /\[data-error\]/g,
};

/** The rules of a state, for whatever carries `data-forced` rather than for what is in that state. */
export const forcedCss = (css: string, state: State): string => css.replace(pseudo[state], '[data-forced]');
