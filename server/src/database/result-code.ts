// What the disk, the file or a lock is to blame for, not the statement (SQLite result codes).
const codes =
  /^SQLITE_(FULL|BUSY|LOCKED|IOERR|NOMEM|CANTOPEN|READONLY|PROTOCOL|CORRUPT|NOTADB|NOLFS|ABORT|INTERRUPT)(_|$)/;

/** The kind of an error for which no statement is to blame, such as `FULL`; `undefined` for any other. */
export const storageKind = (code: unknown): string | undefined =>
  typeof code === 'string' ? codes.exec(code)?.[1] : undefined;
