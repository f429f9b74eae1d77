import { languages, type Language } from '../base/messages/index.js';
import { pageWordsIn } from '../base/page-words/index.js';

/**
 * What stands above the words of every mail of a conversation: what a person answers stands above it, what their mail program
 * quotes below.
 */
export const answerAbove = (language: Language): string => `— ${pageWordsIn(language).answerAbove} —`;

// Whatever language the mail was in: the site may speak another by now.
const dividing = languages.map((language) => pageWordsIn(language).answerAbove);

/**
 * What somebody wrote in an answer to a mail, without what their mail program quotes of it: all above the line
 * {@link answerAbove}, in any language, or the first line that quotes (RFC 3676, 4.5), and without the line that introduces the quote.
 *
 * @example writtenIn('Yes.\n\nOn Tuesday Ada wrote:\n> Are you there?') // 'Yes.'
 */
export function writtenIn(mail: string): string {
  const lines = mail.replaceAll('\r\n', '\n').split('\n');
  const quote = lines.findIndex((line) => line.startsWith('>') || dividing.some((one) => line.includes(one)));
  if (quote === -1) return mail.trim();
  const own = lines.slice(0, quote);
  while (own.at(-1)?.trim() === '') own.pop();
  // “On … wrote:”, in any language, on one line or broken into two.
  if (own.at(-1)?.trim().endsWith(':')) {
    own.pop();
    while (own.length > 0 && own.at(-1)?.trim() !== '') {
      if (own.length === 1) break;
      own.pop();
    }
  }
  return own.join('\n').trim();
}
