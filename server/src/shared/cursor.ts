/** A place in a list that is ordered by time, newest first, and by id among those of one moment. */
export interface Cursor {
  /** ms since the epoch */
  at: number;
  id: string;
}

/** How a cursor is written in an address. */
export const cursorText = ({ at, id }: Cursor): string => `${at}_${id}`;

/** What a written cursor looks like, for who checks requests. */
export const cursorPattern = /^\d{1,15}_[A-Za-z0-9_]{1,60}$/;

/** Reads a cursor that has been checked by its pattern. */
export function readCursor(text: string): Cursor {
  const [at = '', ...id] = text.split('_');
  return { at: Number(at), id: id.join('_') };
}
