import type { IncomingMessage } from 'node:http';
import proxyAddr from '@fastify/proxy-addr';
import { HttpException, Inject, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { CONFIG, type Config } from '../config.js';
import { visitorOf } from '../visitor-surface.js';

const minuteMs = 60_000;

/** Sockets that one address may have open: behind that of a school or an office are many visitors. */
const mostOpen = 200;

/** What comes by sockets, counted by address: messages, as many a minute as requests may bring, and sockets that are open. */
@Injectable()
export class AddressLimit {
  readonly #taken = new LRUCache<string, { minute: number; count: number }>({ max: 20_000 });
  readonly #open = new Map<string, number>();
  readonly #trusted: (address: string, hop: number) => boolean;

  constructor(@Inject(CONFIG) private readonly config: Config) {
    const { trustProxy } = config;
    if (typeof trustProxy === 'number') this.#trusted = (_, hop) => hop < trustProxy;
    else this.#trusted = trustProxy === false ? () => false : proxyAddr.compile(trustProxy);
  }

  /** Where a socket comes from, as far as proxies that are believed say it. */
  addressOf(request: IncomingMessage): string {
    return visitorOf({ ip: proxyAddr(request, this.#trusted) });
  }

  /** @throws HttpException 429 once an address has sent too much in a minute */
  take(address: string, now: number): void {
    const minute = Math.floor(now / minuteMs);
    const known = this.#taken.get(address);
    const count = known?.minute === minute ? known.count + 1 : 1;
    this.#taken.set(address, { minute, count });
    if (count > this.config.submissionsPerMinute)
      throw new HttpException('Too many requests from this address. Try again in a minute.', 429);
  }

  /**
   * Notes that an address has another socket open.
   *
   * @returns what notes that it is closed
   * @throws HttpException 429 where it has too many
   */
  open(address: string): () => void {
    const count = this.#open.get(address) ?? 0;
    if (count >= mostOpen)
      throw new HttpException(
        'Too many chats are open from this address. Close some, or try again later.',
        429,
      );
    this.#open.set(address, count + 1);
    return () => {
      const left = (this.#open.get(address) ?? 0) - 1;
      if (left > 0) this.#open.set(address, left);
      else this.#open.delete(address);
    };
  }
}
