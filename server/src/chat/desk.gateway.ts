import type { IncomingMessage } from 'node:http';
import { valueAt } from '@sirene/core/base/maps';
import { Inject, UnauthorizedException } from '@nestjs/common';
import { WebSocketGateway, type OnGatewayConnection } from '@nestjs/websockets';
import { parseCookie } from 'cookie';
import type { WebSocket } from 'ws';
import type { UserEntity } from '../accounts/accounts.entity.js';
import { AccountsService } from '../accounts/accounts.service.js';
import { sessionCookie } from '../accounts/session-cookie.js';
import { isOwnOrigin } from '../accounts/session.guard.js';
import { CLOCK, type ServerClock } from '../config.js';
import type { SiteEntity } from '../sites/sites.entity.js';
import { SitesService } from '../sites/sites.service.js';
import { DeskService } from './desk.service.js';
import { OpenDto, SayDto, SinceDto } from './dto/desk.dto.js';
import { asks, cutFor, largestFrame, serveLine, waits, type Handler } from './line.js';
import { longestWait } from './waiting.js';

/** Who asks at a desk, and of which site. */
interface Who {
  user: UserEntity;
  site: SiteEntity;
}

/** For how long it is taken for true that somebody may ask, ms. */
const trustMs = 1000;

/** The desk's side of a chat by a socket; it answers what the requests of the same names answer. */
@WebSocketGateway({ path: '/chat/desk', maxPayload: largestFrame })
export class DeskGateway implements OnGatewayConnection {
  constructor(
    private readonly desk: DeskService,
    private readonly accounts: AccountsService,
    private readonly sites: SitesService,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  async handleConnection(client: WebSocket, request: IncomingMessage): Promise<void> {
    client.pause();
    const token = valueAt(parseCookie(request.headers.cookie ?? ''), sessionCookie) ?? '';
    const wanted = new URL(request.url ?? '', 'http://here').searchParams.get('site') ?? '';
    // Asked again and again: who has been signed out, or removed from the site, is told so soon after.
    let known: { at: number; who: Promise<Who> } | undefined;
    const whoIs = (): Promise<Who> => {
      const now = this.clock.now();
      if (!known || now - known.at >= trustMs) known = { at: now, who: find() };
      return known.who;
    };
    const find = async (): Promise<Who> => {
      const user = await this.accounts.userOf(token);
      if (!user) throw new UnauthorizedException('Please sign in.');
      return { user, site: await this.sites.mine(user, wanted) };
    };
    const forMembers = <B extends object>(
      kind: typeof asks,
      body: new () => B,
      answer: (who: Who, body: B, gone: AbortSignal) => Promise<unknown>,
    ): Handler => kind(body, async (asked, gone) => answer(await whoIs(), asked, gone));
    try {
      if (!isOwnOrigin(request.headers)) throw new UnauthorizedException('This line came from another site.');
      await whoIs();
      serveLine(client, {
        happening: forMembers(waits, SinceDto, ({ site, user }, asked, gone) =>
          this.desk.waits(site, user, asked, longestWait, gone),
        ),
        typing: forMembers(asks, OpenDto, async ({ site, user }, { open }) =>
          this.desk.types(site, open, user),
        ),
        messages: forMembers(asks, SayDto, async ({ site, user }, { open, ...said }) => {
          await this.desk.say(site, open, user, said);
          return { id: said.message.id };
        }),
      });
      client.resume();
    } catch (error) {
      client.resume();
      client.close(cutFor.policy, (error as Error).message.slice(0, 120));
    }
  }
}
