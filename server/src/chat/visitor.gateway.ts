import type { IncomingMessage } from 'node:http';
import { HttpException, Inject } from '@nestjs/common';
import { WebSocketGateway, type OnGatewayConnection } from '@nestjs/websockets';
import type { WebSocket } from 'ws';
import { CLOCK, CONFIG, type Config, type ServerClock } from '../config.js';
import { refuseForeignPage } from '../serving/serving.service.js';
import { SitesService } from '../sites/sites.service.js';
import { AddressLimit } from './address-limit.js';
import { FollowDto, RateDto, VisitorDto, VisitorMessageDto } from './dto/visitor-chat.dto.js';
import { asks, cutFor, largestFrame, serveLine, waits } from './line.js';
import { VisitorChatService } from './visitor-chat.service.js';

/** The visitors' side of a chat by a socket; it answers what the requests of the same names answer. */
@WebSocketGateway({ path: '/chat/visitor', maxPayload: largestFrame })
export class VisitorGateway implements OnGatewayConnection {
  constructor(
    private readonly chat: VisitorChatService,
    private readonly sites: SitesService,
    private readonly limit: AddressLimit,
    @Inject(CONFIG) private readonly config: Config,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  async handleConnection(client: WebSocket, request: IncomingMessage): Promise<void> {
    // What comes before it is known who asks is kept until then.
    client.pause();
    try {
      const address = this.limit.addressOf(request);
      // Before anything is waited for: one that is closed meanwhile says so once.
      client.once('close', this.limit.open(address));
      const key = new URL(request.url ?? '', 'http://here').searchParams.get('site') ?? '';
      const site = await this.sites.byKey(key);
      // Of a socket a browser says where its page comes from, and never that this is the same.
      const isOwn = request.headers.origin === new URL(this.config.origin).origin;
      if (!isOwn) refuseForeignPage(site, request.headers);
      const taken = () => this.limit.take(address, this.clock.now());
      serveLine(client, {
        messages: asks(VisitorMessageDto, async (said) => {
          taken();
          await this.chat.say(site, said);
          return { id: said.message.id };
        }),
        follow: waits(FollowDto, (asked, gone) => this.chat.follow(site, asked, gone)),
        typing: asks(VisitorDto, async (asked) => this.chat.types(site, asked)),
        end: asks(VisitorDto, (asked) => this.chat.end(site, asked)),
        rating: asks(RateDto, (asked) => this.chat.rate(site, asked)),
      });
      client.resume();
    } catch (error) {
      client.resume();
      const isTooMuch = error instanceof HttpException && error.getStatus() === 429;
      client.close(isTooMuch ? cutFor.tooBusy : cutFor.policy, (error as Error).message.slice(0, 120));
    }
  }
}
