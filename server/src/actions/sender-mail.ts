import { completeBrand } from '@sirene/core/style';
import { brandedMail, type MailContent } from '../mail/branded.js';
import { siteHeader } from '../mail/mailer.js';
import type { Errand } from './handler.js';
import { filledSubject, filledText } from './mail-words.js';

/** A mail to whoever sent a submission, in the brand of the site, with what was sent in its words; the same at each try. */
export const senderMail = (
  errand: Errand,
  { subject, text, ...parts }: MailContent & { subject: string },
  headers: Readonly<Record<string, string>> = {},
) => ({
  to: { name: '', address: errand.delivery.target },
  headers: {
    [siteHeader]: errand.site.id,
    // No program answers it (RFC 3834, 5).
    'Auto-Submitted': 'auto-replied',
    ...headers,
  },
  messageId: `<${errand.delivery.id}@sirene>`,
  subject: filledSubject(subject, errand),
  ...brandedMail(
    { brand: completeBrand(errand.site.brand), siteName: errand.site.name },
    { text: filledText(text, errand), ...parts },
  ),
});
