import { Injectable } from '@nestjs/common';
import { FetchError, GuardedFetch, type FetchOptions } from '../net/guarded-fetch.js';
import type { ServiceAccount } from './services.service.js';

const patience = 6000;
const longestAnswer = 20_000;

type Account = Pick<ServiceAccount, 'url' | 'key'>;

/** What was answered. */
interface Told {
  status: number;
  told: unknown;
}

/** Why a service did not do what it was asked, in words for people. */
export class ServiceError extends Error {}

/** Talks to an outside service: JSON over HTTPS, a bearer key, and a key for each request that must not be done twice. */
@Injectable()
export class ServiceClient {
  constructor(private readonly net: GuardedFetch) {}

  /**
   * Asks a service for something to be done. Throws a {@link ServiceError} where it does not answer, or with another status than
   * those given.
   *
   * @param name what it is called in what is said of it: "The payment service"
   * @param requestKey asked again with the same one, it is done once (draft-ietf-httpapi-idempotency-key-header)
   * @param statuses what may be answered beside 2xx
   */
  post(
    name: string,
    account: Account,
    path: string,
    { requestKey, body }: { requestKey: string; body: object },
    statuses: readonly number[] = [],
  ): Promise<Told> {
    const headers = { 'content-type': 'application/json', 'idempotency-key': requestKey };
    return this.#ask(name, account, path, { method: 'POST', headers, body: JSON.stringify(body) }, statuses);
  }

  /** Asks a service for what it knows, as {@link post} does. */
  get(name: string, account: Account, path: string, statuses: readonly number[] = []): Promise<Told> {
    return this.#ask(name, account, path, {}, statuses);
  }

  async #ask(
    name: string,
    { url, key }: Account,
    path: string,
    { headers, ...request }: Pick<FetchOptions, 'method' | 'headers' | 'body'>,
    statuses: readonly number[],
  ): Promise<Told> {
    try {
      const answer = await this.net.fetch(new URL(url.replace(/\/$/, '') + path), {
        ...request,
        headers: { ...headers, authorization: `Bearer ${key}`, 'user-agent': 'Sirene' },
        patience,
      });
      const text = await answer.text(longestAnswer);
      const isAwaited = answer.ok || statuses.includes(answer.status);
      if (!isAwaited && answer.status === 401) throw new ServiceError(`${name} does not know the API key.`);
      if (!isAwaited) throw new ServiceError(`${name} answered ${answer.status}.`);
      return { status: answer.status, told: text === '' ? {} : (JSON.parse(text) as unknown) };
    } catch (error) {
      if (error instanceof FetchError) throw new ServiceError(`${name} can’t be reached (${error.reason}).`);
      if (error instanceof SyntaxError) throw new ServiceError(`${name} answered something else than JSON.`);
      throw error;
    }
  }
}
