import { Injectable } from '@nestjs/common';
import { Type, type Static } from '@sinclair/typebox';
import { Value } from '@sinclair/typebox/value';
import { ServiceClient, ServiceError } from '../services/service-client.js';
import type { ServiceAccount } from '../services/services.service.js';

const channel = Type.Object({
  id: Type.String(),
  name: Type.String(),
  /** The page on which people write to the channel. */
  link: Type.String({ pattern: '^https?://' }),
  /** Where it sends what they write. */
  webhookUrl: Type.String(),
  /** The origins whose pages may lead to it. */
  domains: Type.Array(Type.String()),
});

/** What a messenger says of the channel that an API key belongs to. */
export type Channel = Static<typeof channel>;

/** A text that goes out. */
export interface OutText {
  /** Sent again with the same one, it arrives once. */
  requestKey: string;
  to: string;
  text: string;
}

const name = 'The messenger';

/** Talks to an outside messenger. */
@Injectable()
export class MessengerClient {
  constructor(private readonly client: ServiceClient) {}

  /** Whether anything answers at its address. Throws a {@link ServiceError} where nothing does. */
  async reach(account: ServiceAccount): Promise<void> {
    await this.client.get(name, account, '/channel', [400, 401, 403, 404, 500, 503]);
  }

  /** The channel. Throws a {@link ServiceError} where it is not told. */
  async channel(account: ServiceAccount): Promise<Channel> {
    const { told } = await this.client.get(name, account, '/channel');
    if (!Value.Check(channel, told))
      throw new ServiceError(`${name} answered something else than a channel.`);
    return told;
  }

  /** Sends a text to somebody who has written. Throws a {@link ServiceError} where it was not taken. */
  async send(account: ServiceAccount, { requestKey, to, text }: OutText): Promise<void> {
    await this.client.post(name, account, '/messages', { requestKey, body: { to, text } });
  }

  /**
   * Has a test event sent to where it sends what people write. Throws a {@link ServiceError} where it sends none.
   *
   * @returns the event's id, and the status that it was answered with; 0 where there was no answer
   */
  async test(account: ServiceAccount, requestKey: string): Promise<{ id: string; status: number }> {
    const { told } = await this.client.post(name, account, '/test-event', { requestKey, body: {} });
    const { id, status } = told as { id?: unknown; status?: unknown };
    if (typeof id !== 'string' || typeof status !== 'number')
      throw new ServiceError(`${name} answered something else than how a test went.`);
    return { id, status };
  }
}
