/**
 * A formula as the page runs it: a program for a stack. A number pushes itself, `$name` the answer of a field, `'text` a
 * text; a word of {@link operations} takes its arguments from the stack and pushes its result. `min/3` takes three, one without a number takes two.
 */
export type Program = readonly (string | number)[];

/** What a formula works with while it runs. */
export type Operand = string | number | boolean | readonly string[];
