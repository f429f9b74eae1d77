import { Injectable } from '@nestjs/common';
import type { PaymentInterval } from '@sirene/core/actions';
import { FetchError, GuardedFetch } from '../net/guarded-fetch.js';

/** Where a payment service is reached, and the key that it knows the site by. */
export interface PaymentAccount {
  url: string;
  key: string;
}

/** What a payment service is asked to collect. */
export interface SessionOrder {
  /** Asked again with the same one, it makes no other session (draft-ietf-httpapi-idempotency-key-header). */
  requestKey: string;
  /** Ours, which the result names. */
  reference: string;
  units: number;
  currency: string;
  interval: PaymentInterval;
  description: string;
  /** Where the visitor comes back to, and where the signed result is sent. */
  returnUrl: string;
  resultUrl: string;
}

/** A session at a payment service: its id, and the page on which the visitor pays. */
export interface Session {
  id: string;
  url: string;
}

const patience = 6000;
const longestAnswer = 20_000;

/** Why a payment service did not do what it was asked, in words for people. */
export class PaymentServiceError extends Error {}

/** Talks to a payment service: JSON over HTTPS, a bearer key, and a key for each request that must not be done twice. */
@Injectable()
export class PaymentClient {
  constructor(private readonly net: GuardedFetch) {}

  /** Has a session made. Throws a {@link PaymentServiceError} where there is none. */
  async session(account: PaymentAccount, { requestKey, units, ...order }: SessionOrder): Promise<Session> {
    const made = (await this.#post(account, '/sessions', requestKey, {
      ...order,
      amount: units,
    })) as Partial<Session>;
    const isWeb = typeof made.url === 'string' && /^https?:\/\//.test(made.url);
    if (typeof made.id !== 'string' || !isWeb)
      throw new PaymentServiceError('The payment service answered something else than a session.');
    return { id: made.id, url: made.url as string };
  }

  /** Has all of a session's money paid back. */
  async refund(account: PaymentAccount, sessionId: string, requestKey: string): Promise<void> {
    await this.#post(account, `/sessions/${encodeURIComponent(sessionId)}/refunds`, requestKey, {});
  }

  async #post(
    { url, key }: PaymentAccount,
    path: string,
    requestKey: string,
    body: object,
  ): Promise<unknown> {
    try {
      const answer = await this.net.fetch(new URL(url.replace(/\/$/, '') + path), {
        method: 'POST',
        headers: {
          'content-type': 'application/json',
          authorization: `Bearer ${key}`,
          'idempotency-key': requestKey,
          'user-agent': 'Sirene',
        },
        body: JSON.stringify(body),
        patience,
      });
      const text = await answer.text(longestAnswer);
      if (answer.status === 401)
        throw new PaymentServiceError('The payment service does not know the API key.');
      if (!answer.ok) throw new PaymentServiceError(`The payment service answered ${answer.status}.`);
      return JSON.parse(text) as unknown;
    } catch (error) {
      if (error instanceof FetchError)
        throw new PaymentServiceError(`The payment service can’t be reached (${error.reason}).`);
      if (error instanceof SyntaxError)
        throw new PaymentServiceError('The payment service answered something else than JSON.');
      throw error;
    }
  }
}
