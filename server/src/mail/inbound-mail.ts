import { Injectable } from '@nestjs/common';

/** A mail that came in. */
export interface Inbound {
  /** The addresses that it was sent to. */
  to: readonly string[];
  /** Its `Message-ID` (RFC 5322, 3.6.4), or what stands for one. */
  id: string;
  text: string;
}

type Reader = (mail: Inbound) => Promise<void>;

/** Hands mail that comes in to whoever reads it. */
@Injectable()
export class InboundMail {
  readonly #readers: Reader[] = [];

  read(reader: Reader): void {
    this.#readers.push(reader);
  }

  /** Resolved once everybody who reads mail has done so: only then it counts as taken. */
  async arrived(mail: Inbound): Promise<void> {
    for (const reader of this.#readers) await reader(mail);
  }
}
