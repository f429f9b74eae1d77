import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type ServerClock } from '../config.js';
import { ChatHub } from './chat.hub.js';
import { deskKey } from './happenings.js';
import { longestWait } from './waiting.js';

/** So long after a desk was heard of somebody still counts as there: a page that is loaded anew asks again within that, ms. */
const graceMs = 20_000;

/** Whether somebody has the desk of a site open, and has not said that they are away. */
@Injectable()
export class SitePresence {
  readonly #heard = new Map<string, Map<string, number>>();

  constructor(
    private readonly hub: ChatHub,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** Somebody's desk asks what is new. */
  heard(site: string, user: string): void {
    const of = this.#heard.get(site) ?? new Map<string, number>();
    this.#heard.set(site, of.set(user, this.clock.now()));
  }

  /** Somebody has said that they are away. */
  away(site: string, user: string): void {
    this.#heard.get(site)?.delete(user);
  }

  /** Who is there, by their ids, in an order that stays the same. */
  available(site: string): string[] {
    const since = this.clock.now() - longestWait - graceMs;
    return [...(this.#heard.get(site) ?? [])].flatMap(([user, at]) => (at > since ? [user] : [])).sort();
  }

  isHere(site: string): boolean {
    const last = Math.max(...(this.#heard.get(site)?.values() ?? []), -Infinity);
    return this.hub.isAwaited(deskKey(site)) || this.clock.now() - last < graceMs;
  }
}
