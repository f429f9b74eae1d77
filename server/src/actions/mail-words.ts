import { fillWords, namesIn } from '@sirene/core/actions';
import type { Errand } from './handler.js';

/** What a mail about a submission can name: its answers by field name, and what is known of it besides. */
function wordsOf({ submission, site }: Errand): Record<string, string> {
  const { fields } = submission;
  return {
    ...Object.fromEntries(fields.map(({ key, value }) => [key, value])),
    'form.answers': answerLines(fields).join('\n'),
    'form.page': pageLine(submission),
    'site.name': site.name,
  };
}

/** The page that a submission was sent from. */
export const pageLine = ({ page, pageTitle }: Errand['submission']): string =>
  pageTitle ? `${pageTitle} – ${page}` : page;

/** The answers of a submission, a line each. */
export const answerLines = (fields: Errand['submission']['fields']): string[] =>
  fields.map(
    ({ label, value }) => `${label}${/[?:]$/.test(label.trim()) ? '' : ':'} ${value || '(left empty)'}`,
  );

/** A text of an action with what was sent in it. */
export const filledText = (text: string, errand: Errand): string =>
  namesIn(text).length === 0 ? text : fillWords(text, wordsOf(errand));

/** A subject with what was sent in it: one line, whatever was entered, and no longer than a mail program shows. */
export const filledSubject = (subject: string, errand: Errand): string =>
  filledText(subject, errand)
    .replace(/[\p{Cc}\s]+/gu, ' ')
    .trim()
    .slice(0, 250);
