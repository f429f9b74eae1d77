/** The pattern by which LIKE, with `ESCAPE '\'`, finds a text that holds this one, whatever marks are in it. */
export const holding = (text: string): string => `%${text.replace(/[\\%_]/g, '\\$&')}%`;
