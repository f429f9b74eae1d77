import { directionOf, filled, languages, messagesIn, type MessageKey } from './index.js';

const names = (text: string) => [...text.matchAll(/\{\w+\}/g)].map(([name]) => name);
const english = messagesIn('en');

describe.each(languages)('the messages in %s', (language) => {
  const messages = messagesIn(language);

  it('are whole, and no longer than a field has room for', () => {
    expect(Object.keys(messages).toSorted()).toEqual(Object.keys(english).toSorted());
    for (const text of Object.values(messages as unknown as Record<string, string>)) {
      expect(text.trim()).toBe(text);
      expect(text.length).toBeGreaterThan(0);
      expect(text.length).toBeLessThan(110);
    }
  });

  it('name what the English ones name', () => {
    for (const key of Object.keys(english) as MessageKey[])
      expect([key, names(messages[key])]).toEqual([key, names(english[key])]);
  });
});

test('an unknown language is read in English, left to right', () => {
  expect(messagesIn('xx')).toBe(english);
  expect(messagesIn('__proto__')).toBe(english);
  expect([directionOf(undefined), directionOf('de'), directionOf('he')]).toEqual(['ltr', 'ltr', 'rtl']);
});

test('names are put in; what is not known stays', () => {
  expect(filled('Remove {name} ({other})', { name: '<b>' })).toBe('Remove <b> ({other})');
});
