import { defaultLanguage, type Language } from '@sirene/core/base/messages';
import { pageWordsIn } from '@sirene/core/base/page-words';
import type { Brand } from '@sirene/core/style';

/** The language in which a site speaks to its visitors. */
export const languageOf = ({ language }: Pick<Brand, 'language'>): Language => language ?? defaultLanguage;

/** How dates are written in a language (BCP 47): as in Britain where nothing else is known of who reads English. */
export const dateLanguage = (language: Language): string => (language === 'en' ? 'en-GB' : language);

/** The words of the site's pages and mails in that language. */
export const pageWordsOf = (brand: Pick<Brand, 'language'>) => pageWordsIn(languageOf(brand));
