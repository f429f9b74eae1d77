import type { Language } from '../messages/index.js';
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
import type { PageWords } from './page-words.js';

export type { PageWords } from './page-words.js';

// Apart from the messages of widgets, which every page loads. The compiler asks for each language that those have.
const catalogue: Readonly<Record<Language, PageWords>> = { en, de, fr, es, it, nl, pl, pt, sv, da, ar, he };

/** The words of the pages in a language. */
export const pageWordsIn = (language: Language): PageWords => catalogue[language];
