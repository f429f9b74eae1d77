import type { IncomingHttpHeaders } from 'node:http';
import type { SiteEntity } from '../sites/sites.entity.js';
import type { SitesService } from '../sites/sites.service.js';
import { refuseForeignPage } from './serving.service.js';

/** The site of a key, as one of its own pages asks for it. Refuses pages of origins that are not the site's. */
export async function siteOfPage(
  sites: SitesService,
  key: string,
  headers: IncomingHttpHeaders,
): Promise<SiteEntity> {
  const site = await sites.byKey(key);
  refuseForeignPage(site, headers);
  return site;
}
