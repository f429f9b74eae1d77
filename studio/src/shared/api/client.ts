import type { Address } from './address.ts';
import type { paths } from './types.ts';

/** A refusal by the server, or none reaching it at all (status 0). The message is a sentence for people. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly body: Record<string, unknown> = {},
  ) {
    super(message);
  }
}

type Method = 'get' | 'post' | 'put' | 'patch' | 'delete';

/** The paths that have a route by this method. */
export type PathsBy<M extends Method> = {
  [P in keyof paths]: paths[P] extends Record<M, { responses: unknown }> ? P : never;
}[keyof paths];

type Content<R> = R extends { content: { 'application/json': infer J } } ? J : undefined;

/** What a route answers. */
export type AnswerOf<P extends keyof paths, M extends Method> =
  paths[P] extends Record<M, { responses: infer R }> ? Content<R[keyof R & (200 | 201 | 202 | 204)]> : never;

type Taken<O> = O extends { requestBody: { content: { 'application/json': infer B } } } ? B : undefined;

/** What a route takes as its body. */
export type BodyOf<P extends keyof paths, M extends Method> =
  paths[P] extends Record<M, infer O> ? Taken<O> : never;

type Given<B> = [B] extends [undefined] ? [] : [body: B];

async function reach(method: Method, address: string, body?: unknown): Promise<Response> {
  try {
    return await fetch(address, {
      method: method.toUpperCase(),
      ...(body !== undefined && {
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      }),
    });
  } catch {
    throw new ApiError(0, 'Sirene can’t be reached. Check the connection and try again.');
  }
}

const read = (response: Response) => response.json().catch(() => ({})) as Promise<Record<string, unknown>>;

const refusal = (status: number, answer: Record<string, unknown>): ApiError =>
  new ApiError(status, String(answer['message'] ?? 'That did not work'), answer);

async function request(method: Method, address: string, body?: unknown): Promise<unknown> {
  const response = await reach(method, address, body);
  if (response.status === 204) return undefined;
  const answer = await read(response);
  if (!response.ok) throw refusal(response.status, answer);
  return answer;
}

/** Asks a route. Throws an {@link ApiError} where it refuses or can’t be reached, as all of these do. */
export const get = <P extends PathsBy<'get'>>(address: Address<P>) =>
  request('get', address) as Promise<AnswerOf<P, 'get'>>;

/** Asks a route that answers with a text. */
export async function getText<P extends PathsBy<'get'>>(address: Address<P>): Promise<string> {
  const response = await reach('get', address);
  if (!response.ok) throw refusal(response.status, await read(response));
  return response.text();
}

/** Sends to a route that makes or does something. */
export const post = <P extends PathsBy<'post'>>(address: Address<P>, ...[body]: Given<BodyOf<P, 'post'>>) =>
  request('post', address, body ?? {}) as Promise<AnswerOf<P, 'post'>>;

/** Sends what takes the place of what is there. */
export const put = <P extends PathsBy<'put'>>(address: Address<P>, ...[body]: Given<BodyOf<P, 'put'>>) =>
  request('put', address, body ?? {}) as Promise<AnswerOf<P, 'put'>>;

/** Sends what is to change. */
export const patch = <P extends PathsBy<'patch'>>(
  address: Address<P>,
  ...[body]: Given<BodyOf<P, 'patch'>>
) => request('patch', address, body ?? {}) as Promise<AnswerOf<P, 'patch'>>;

/** Removes what an address names. */
export const remove = <P extends PathsBy<'delete'>>(address: Address<P>) =>
  request('delete', address) as Promise<AnswerOf<P, 'delete'>>;
