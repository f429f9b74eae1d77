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
import { Permission, permissionOf, type SignedIn } from '../accounts/permission.js';
import { PageEntity } from '../pages/pages.entity.js';
import { WidgetEntity } from '../widgets/widgets.entity.js';
import type { SiteEntity } from './sites.entity.js';
import { SitesService } from './sites.service.js';

/** A request for a site, once it is known that who makes it works there. */
type ForSite = FastifyRequest<{ Params: Record<string, string | undefined> }> &
  SignedIn & { site?: SiteEntity; widget?: WidgetEntity };

/**
 * Lets in who works on the site that a route is about, which it names by `:site`, `:widget` or `:page`; with `owner`, only
 * its owners. A site that one does not work on is treated as not there.
 *
 * @param deleted whether a deleted widget is there too, for who brings it back
 */
export const SiteAccess = (role: 'member' | 'owner', deleted = false) =>
  applyDecorators(Permission(deleted ? `${role} with deleted` : role), UseGuards(SiteAccessGuard));

const ofRequest = <K extends 'site' | 'widget'>(key: K) =>
  createParamDecorator(
    (_: unknown, context: ExecutionContext) => context.switchToHttp().getRequest<ForSite>()[key],
  );

/** The site that the route is about. */
export const CurrentSite = ofRequest('site');

/** The widget that the route is about. */
export const CurrentWidget = ofRequest('widget');

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
    if (!user) return false;
    const permission = permissionOf(this.reflector, context) ?? '';
    const id = await this.#siteIdOf(request, permission.endsWith('with deleted'));
    request.site = permission.startsWith('owner')
      ? await this.sites.owned(user, id)
      : await this.sites.mine(user, id);
    return true;
  }

  async #siteIdOf(request: ForSite, withDeleted: boolean): Promise<string> {
    const { site, widget: widgetId, page: pageId } = request.params;
    if (site !== undefined) return site;
    if (widgetId !== undefined) {
      const where = { id: widgetId };
      const widget = await this.dataSource.getRepository(WidgetEntity).findOne({ where, withDeleted });
      if (!widget) throw new NotFoundException('There is no such widget. It may have been deleted.');
      request.widget = widget;
      return widget.siteId;
    }
    const page = await this.dataSource.getRepository(PageEntity).findOneBy({ id: pageId ?? '' });
    if (!page) throw new NotFoundException('There is no such page.');
    return page.siteId;
  }
}
