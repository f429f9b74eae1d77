import { Injectable } from '@nestjs/common';
import type { PaymentInterval } from '@sirene/core/actions';
import { ServiceClient, ServiceError } from '../services/service-client.js';
import type { ServiceAccount } from '../services/services.service.js';

/** What a payment service is asked to collect. */
export interface SessionOrder {
  /** Asked again with the same one, it makes no other session. */
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

const name = 'The payment service';

/** Talks to a payment service. */
@Injectable()
export class PaymentClient {
  constructor(private readonly client: ServiceClient) {}

  /** Has a session made. Throws a {@link ServiceError} where there is none. */
  async session(account: ServiceAccount, { requestKey, units, ...order }: SessionOrder): Promise<Session> {
    const body = { ...order, amount: units };
    const { told } = await this.client.post(name, account, '/sessions', { requestKey, body });
    const { id, url } = told as Partial<Session>;
    if (typeof id !== 'string' || typeof url !== 'string' || !/^https?:\/\//.test(url))
      throw new ServiceError(`${name} answered something else than a session.`);
    return { id, url };
  }

  /** Has all of a session's money paid back. */
  async refund(account: ServiceAccount, sessionId: string, requestKey: string): Promise<void> {
    const path = `/sessions/${encodeURIComponent(sessionId)}/refunds`;
    await this.client.post(name, account, path, { requestKey, body: {} });
  }
}
