import { readFileSync } from 'node:fs';

const file = new URL('../package.json', import.meta.url);

/** This Sirene's version. */
export const { version } = JSON.parse(readFileSync(file, 'utf8')) as { version: string };
