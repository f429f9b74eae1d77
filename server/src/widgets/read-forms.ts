import { takeForms, type TakenForm } from '@sirene/core/library/takeover';
import { Refusal } from '../foreign/refusal.js';

/** @throws Refusal when there is more in the page than is read */
export function readForms(html: string): TakenForm[] {
  const forms = takeForms(html);
  if (!forms)
    throw new Refusal(
      'The page is larger or nested deeper than is read. Paste the markup of the form alone.',
    );
  return forms;
}
