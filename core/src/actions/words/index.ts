import { valueAt } from '../../base/maps/index.js';

/** What a mail can name beside the answers; a dot is in no field's name. */
export const wordNames = {
  'form.answers': 'All answers',
  'form.page': 'Page',
  'site.name': 'Site name',
} as const;

const placeholder = /\{\{\s*([\w.-]{1,60})\s*\}\}/g;

/**
 * Fills the placeholders of a text. What stands for nothing is left out, so that nobody is written to with braces.
 *
 * @example fillWords('Dear {{name}},', { name: 'Mira' }) // 'Dear Mira,'
 */
export const fillWords = (text: string, values: Readonly<Record<string, string>>): string =>
  text.replace(placeholder, (_, name: string) => valueAt(values, name) ?? '');

/** The names that the placeholders of a text ask for. */
export const namesIn = (text: string): string[] => [
  ...new Set([...text.matchAll(placeholder)].map(([, name]) => name as string)),
];

/** A text in which a field that it names has another name. */
export const renamedWord = (text: string, from: string, to: string): string =>
  text.replace(placeholder, (whole, name: string) => (name === from ? `{{${to}}}` : whole));
