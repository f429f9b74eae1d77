import Database from 'better-sqlite3';

/** Opens a database to read what is in it. */
export const DatabaseSync = (file) => new Database(file, { readonly: true });
