import { languages } from '../base/messages/index.js';
import { answerAbove, writtenIn } from './mail-answer.js';

test.each<[string, string, string]>([
  ['no quote', 'Yes, at nine.\n', 'Yes, at nine.'],
  ['a quote with its line', 'Yes.\n\nOn Tuesday Ada wrote:\n> Are you there?\n', 'Yes.'],
  ['a line that is broken', 'Yes.\n\nOn Tue, 24 Nov 2026 at 19:00\nAda <ada@x.example> wrote:\n> Hm', 'Yes.'],
  ['another language', 'Ja.\r\n\r\nAm Dienstag schrieb Ada:\r\n> Hm', 'Ja.'],
  ['the line of ours', `Yes.\n\n${answerAbove('en')}\n\nAre you there?`, 'Yes.'],
  ['the line of ours, quoted', `Yes.\n\nAda:\n> ${answerAbove('en')}`, 'Yes.'],
  ['several paragraphs', 'One.\n\nTwo.\n\nAda wrote:\n> x', 'One.\n\nTwo.'],
  ['nothing but a quote', '> Are you there?', ''],
  ['a colon of one’s own', 'Two things: tickets and parking', 'Two things: tickets and parking'],
])('%s', (_, mail, written) => {
  expect(writtenIn(mail)).toBe(written);
});

test.each(languages)('the line of ours in %s ends what was written', (language) => {
  expect(writtenIn(`Yes.\n\n${answerAbove(language)}\n\nAre you there?`)).toBe('Yes.');
});
