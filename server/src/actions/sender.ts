import { completeBrand } from '@sirene/core/style';
import type { MailSender } from '../mail/branded.js';
import type { SiteEntity } from '../sites/sites.entity.js';

/** A site as the sender of mails. */
export const senderOf = ({ brand, name }: SiteEntity): MailSender => ({
  brand: completeBrand(brand),
  siteName: name,
});
