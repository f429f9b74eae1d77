import { siteHeader } from '../mail/mailer.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { ConversationEntity } from './chat.entity.js';

type Told = Pick<ConversationEntity, 'id' | 'name' | 'email' | 'lastText'>;

/**
 * A mail to somebody of the desk: what a visitor wrote last, and where it is answered.
 *
 * @param origin of the studio
 * @param why what stands before the visitor's name in its subject
 */
export const deskMail = (
  origin: string,
  site: SiteEntity,
  to: string,
  why: string,
  { id, name, email, lastText }: Told,
) => ({
  to,
  subject: `${why}: ${name || email || 'a visitor'}`,
  headers: { [siteHeader]: site.id },
  text: `${lastText}\n\n${origin}/desk?conversation=${id}\n`,
});
