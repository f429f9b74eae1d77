import { Injectable, type OnModuleDestroy } from '@nestjs/common';
import { ChatHub } from './chat.hub.js';

/** So long after a key was pressed somebody is taken to be writing, ms. */
const typingMs = 6000;

interface Typing {
  name: string;
  timer: NodeJS.Timeout;
}

/** Who is writing at the moment. Nothing of it is stored: it is over within seconds. */
@Injectable()
export class ChatSigns implements OnModuleDestroy {
  readonly #typing = new Map<string, Typing>();

  constructor(private readonly hub: ChatHub) {}

  /** The name of whoever writes on one side of a conversation; empty where nobody does. */
  typing(side: Side, conversation: string): string {
    return this.#typing.get(keyOf(side, conversation))?.name ?? '';
  }

  /**
   * Somebody presses keys.
   *
   * @param listener under what the other side waits
   */
  type(side: Side, conversation: string, name: string, listener: string): void {
    const key = keyOf(side, conversation);
    const before = this.#typing.get(key);
    clearTimeout(before?.timer);
    const over = () => {
      this.#typing.delete(key);
      this.hub.tell(listener);
    };
    this.#typing.set(key, { name, timer: setTimeout(over, typingMs).unref() });
    if (before?.name !== name) this.hub.tell(listener);
  }

  /** What was being written has been sent: whoever is told of the message learns this with it. */
  sent(side: Side, conversation: string): void {
    const key = keyOf(side, conversation);
    clearTimeout(this.#typing.get(key)?.timer);
    this.#typing.delete(key);
  }

  onModuleDestroy(): void {
    for (const { timer } of this.#typing.values()) clearTimeout(timer);
  }
}

export type Side = 'visitor' | 'desk';

const keyOf = (side: Side, conversation: string): string => `${side} ${conversation}`;
