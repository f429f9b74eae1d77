import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { ChatHub } from './chat.hub.js';

/** Between two questions of one page nobody has gone; nor has who goes from one page to the next, ms. */
const graceMs = 2000;

interface Presence {
  /** Pages that ask at the moment. */
  pages: number;
  timer?: NodeJS.Timeout;
}

/** Which visitors are on a page with their chat: those whose pages ask what is new. */
@Injectable()
export class VisitorPresence implements OnModuleDestroy {
  readonly #visitors = new Map<string, Presence>();

  constructor(private readonly hub: ChatHub) {}

  /** Whether a visitor is there. */
  isHere(visitor: string): boolean {
    return this.#visitors.has(visitor);
  }

  /**
   * A page begins to ask, until what is returned is called.
   *
   * @param listener under what it is waited for that they come or go
   */
  ask(visitor: string, listener: string): () => void {
    const known = this.#visitors.get(visitor);
    const presence = known ?? { pages: 0 };
    clearTimeout(presence.timer);
    presence.pages++;
    if (!known) {
      this.#visitors.set(visitor, presence);
      this.hub.tell(listener);
    }
    return () => {
      presence.pages--;
      if (presence.pages > 0) return;
      presence.timer = setTimeout(() => {
        this.#visitors.delete(visitor);
        this.hub.tell(listener);
      }, graceMs).unref();
    };
  }

  onModuleDestroy(): void {
    for (const { timer } of this.#visitors.values()) clearTimeout(timer);
  }
}
