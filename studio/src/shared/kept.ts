import { openDB } from 'idb';

const stores = ['widget', 'brand'] as const;

const open = () =>
  openDB('sirene-pending', 1, {
    upgrade(database) {
      for (const name of stores) database.createObjectStore(name);
    },
  });

/** What this browser keeps until the server has it: also over a closed tab, and a browser that is started anew. */
export interface Kept<T> {
  keep(key: string, value: T): Promise<void>;
  forget(key: string): Promise<void>;
  of(key: string): Promise<T | null>;
  keys(): Promise<string[]>;
}

/** Things of one kind that are kept, by key (IndexedDB). Rejected where the browser keeps nothing. */
export function keptIn<T>(name: (typeof stores)[number]): Kept<T> {
  const within = async <R>(work: (database: Awaited<ReturnType<typeof open>>) => Promise<R>): Promise<R> => {
    const database = await open();
    try {
      return await work(database);
    } finally {
      database.close();
    }
  };
  return {
    keep: (key, value) => within(async (database) => void (await database.put(name, value, key))),
    forget: (key) => within((database) => database.delete(name, key)),
    of: (key) => within(async (database) => ((await database.get(name, key)) as T | undefined) ?? null),
    keys: () => within(async (database) => (await database.getAllKeys(name)).map(String)),
  };
}
