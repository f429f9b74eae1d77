import { languages } from '../messages/index.js';
import { pageWordsIn, type PageWords } from './index.js';

const names = (text: string) => [...text.matchAll(/\{\w+\}/g)].map(([name]) => name).toSorted();
const keys = Object.keys(pageWordsIn('en')) as (keyof PageWords)[];

test.each(languages)('the pages in %s are whole, and name what the English ones name', (language) => {
  const words = pageWordsIn(language);
  expect(Object.keys(words)).toEqual(keys);
  for (const key of keys) {
    expect(words[key].trim()).toBe(words[key]);
    expect(words[key].length).toBeGreaterThan(1);
    expect([key, names(words[key])]).toEqual([key, names(pageWordsIn('en')[key])]);
  }
});

test.each(languages.filter((language) => language !== 'en'))(
  'no sentence of %s is still English',
  (language) => {
    const same = keys.filter((key) => pageWordsIn(language)[key] === pageWordsIn('en')[key]);
    // “Date” in French, “For” in Danish.
    expect(same.filter((key) => !['date', 'payFor'].includes(key))).toEqual([]);
  },
);
