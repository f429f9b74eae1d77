import { valueAt } from '../maps/index.js';
import { ar } from './languages/ar.js';
import { da } from './languages/da.js';
import { de } from './languages/de.js';
import { en } from './languages/en.js';
import { es } from './languages/es.js';
import { fr } from './languages/fr.js';
import { he } from './languages/he.js';
import { it } from './languages/it.js';
import { nl } from './languages/nl.js';
import { pl } from './languages/pl.js';
import { pt } from './languages/pt.js';
import { sv } from './languages/sv.js';
import type { Messages } from './messages.js';

export { filled } from './filled.js';
export type { MessageKey, Messages } from './messages.js';

/** What visitors read, by language (BCP 47, primary subtags). A new language is its file and a line here. */
const catalogue = { en, de, fr, es, it, nl, pl, pt, sv, da, ar, he };

export type Language = keyof typeof catalogue;
export const languages = Object.keys(catalogue) as Language[];

/** Used where neither the widget nor its site says another. */
export const defaultLanguage: Language = 'en';

/** The messages of a language; those of {@link defaultLanguage} for one that is not known. */
export const messagesIn = (language: string | undefined): Messages =>
  valueAt(catalogue, language ?? '') ?? catalogue[defaultLanguage];

const rightToLeft: ReadonlySet<string> = new Set<Language>(['ar', 'he']);

/** In which direction a language is written (HTML, `dir`). */
export const directionOf = (language: string | undefined): 'ltr' | 'rtl' =>
  rightToLeft.has(language ?? '') ? 'rtl' : 'ltr';
