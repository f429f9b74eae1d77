import { completeBrand } from '@sirene/core/style';
import type { Config } from '../config.js';
import type { MailSender } from '../mail/branded.js';
import type { SiteEntity } from '../sites/sites.entity.js';

/** A site as the sender of mails. */
export const senderOf = ({ brand, name }: SiteEntity, { origin }: Config): MailSender => ({
  brand: completeBrand(brand),
  siteName: name,
  origin,
});
