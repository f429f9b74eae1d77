import { Inject, Injectable } from '@nestjs/common';
import { CLOCK, type ServerClock } from '../config.js';
import { ChatHub } from './chat.hub.js';
import { deskKey } from './happenings.js';

/** So long after a desk was heard of somebody still counts as there: a page that is loaded anew asks again within that, ms. */
const graceMs = 20_000;

/** Whether somebody has the desk of a site open, and has not said that they are away. */
@Injectable()
export class SitePresence {
  readonly #heard = new Map<string, number>();

  constructor(
    private readonly hub: ChatHub,
    @Inject(CLOCK) private readonly clock: ServerClock,
  ) {}

  /** A desk asks what is new. */
  heard(site: string): void {
    this.#heard.set(site, this.clock.now());
  }

  isHere(site: string): boolean {
    const heard = this.#heard.get(site);
    if (heard === undefined) return false;
    return this.hub.isAwaited(deskKey(site)) || this.clock.now() - heard < graceMs;
  }
}
