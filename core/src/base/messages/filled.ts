import { valueAt } from '../maps/index.js';

/** A message with its names put in; a name that is not known stays as it is written. */
export const filled = (message: string, names: Readonly<Record<string, string | number>>): string =>
  message.replace(/\{(\w+)\}/g, (whole, name: string) => String(valueAt(names, name) ?? whole));
