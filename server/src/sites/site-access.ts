import {
  applyDecorators,
  createParamDecorator,
  Injectable,
  NotFoundException,
  UseGuards,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { FastifyRequest } from 'fastify';
import { DataSource } from 'typeorm';
import { permissionOf, Permit, type SignedIn } from '../accounts/permission.js';
import { PageEntity } from '../pages/pages.entity.js';
import { findWidget } from '../widgets/find-widget.js';
import type { WidgetEntity } from '../widgets/widgets.entity.js';
import type { SiteEntity } from './sites.entity.js';
import { SitesService } from './sites.service.js';

/** A request for a site, once it is known that who makes it works there. */
type ForSite = FastifyRequest<{ Params: Record<string, string | undefined> }> &
  SignedIn & { site?: SiteEntity; widget?: WidgetEntity; page?: PageEntity };

/**
 * Lets in who works on the site that a route is about, which it names by `:site`, `:widget` or `:page`; with `owner`, only
 * its owners. A site that one does not work on is treated as not there.
 *
 * @param deleted whether a deleted widget is there too, for who brings it back
 */
export const SiteAccess = (role: 'member' | 'owner', deleted = false) =>
  applyDecorators(Permit({ to: role, deleted }), UseGuards(SiteAccessGuard));

const ofRequest = <K extends 'site' | 'widget' | 'page'>(key: K) =>
  createParamDecorator(
    (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<ForSite>()[key],
  );

/** The site that the route is about. */
export const CurrentSite = ofRequest('site');

/** The widget that the route is about. */
export const CurrentWidget = ofRequest('widget');

/** The stored copy of a page that the route is about. */
export const CurrentPage = ofRequest('page');

@Injectable()
class SiteAccessGuard implements CanActivate {
  constructor(
    private readonly reflector: Reflector,
    private readonly dataSource: DataSource,
    private readonly sites: SitesService,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const request = context.switchToHttp().getRequest<ForSite>();
    const { user } = request;
    // Said of a controller and of one of its routes, it is asked for both; what the route says counts.
    if (!user || request.site) return user !== undefined;
    const { to, deleted = false } = permissionOf(this.reflector, context) ?? {};
    const id = await this.#siteIdOf(request, deleted);
    request.site = await (to === 'owner' ? this.sites.owned(user, id) : this.sites.mine(user, id));
    return true;
  }

  async #siteIdOf(request: ForSite, withDeleted: boolean): Promise<string> {
    const { site, widget, page: id = '' } = request.params;
    if (site !== undefined) return site;
    if (widget !== undefined) {
      request.widget = await findWidget(this.dataSource, widget, withDeleted);
      return request.widget.siteId;
    }
    const page = await this.dataSource.getRepository(PageEntity).findOneBy({ id });
    if (!page) throw new NotFoundException('There is no stored copy of that page.');
    request.page = page;
    return page.siteId;
  }
}
