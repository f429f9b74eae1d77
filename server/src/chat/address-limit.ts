import type { IncomingMessage } from 'node:http';
import proxyAddr from '@fastify/proxy-addr';
import { HttpException, Inject, Injectable } from '@nestjs/common';
import { LRUCache } from 'lru-cache';
import { CONFIG, type Config } from '../config.js';
import { visitorOf } from '../visitor-surface.js';

const minuteMs = 60_000;

/** Messages that come by sockets, counted by address: as many a minute as requests may bring. */
@Injectable()
export class AddressLimit {
  readonly #taken = new LRUCache<string, { minute: number; count: number }>({ max: 20_000 });
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
}
