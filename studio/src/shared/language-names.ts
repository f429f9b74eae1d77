import { languages, type Language } from '@sirene/core/base/messages';

const names = new Intl.DisplayNames('en', { type: 'language' });

/** Each language that visitors can be spoken to in, as English calls it. */
export const languageNames = Object.fromEntries(
  languages.map((language) => [language, names.of(language) ?? language]),
) as Record<Language, string>;
