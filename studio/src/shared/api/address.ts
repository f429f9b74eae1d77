import { valueAt } from '@sirene/core/base/maps';
import type { paths } from './types.ts';

declare const described: unique symbol;

/** The address of a route, which remembers as a type what the route takes and answers. */
export type Address<P extends keyof paths = keyof paths> = string & { readonly [described]: P };

type Names<P> = P extends `${string}{${infer Name}}${infer Rest}` ? Name | Names<Rest> : never;

type Parameters<P> = [Names<P>] extends [never] ? [] : [parameters: Record<Names<P>, string | number>];

/**
 * The address of a route, by its path in the description of the API; what stands for its parameters is encoded.
 *
 * @example at('/api/widgets/{widget}/versions', { widget: 'w1' }) // '/api/widgets/w1/versions'
 */
export function at<P extends keyof paths>(path: P, ...[parameters]: Parameters<P>): Address<P> {
  return path.replace(/\{(\w+)\}/g, (_, name: string) =>
    encodeURIComponent(valueAt<string | number>(parameters, name) ?? ''),
  ) as Address<P>;
}

type Query<P extends keyof paths> = paths[P] extends { get: { parameters: { query?: infer Q } } } ? Q : never;

/** The same address with a query; what is empty is left out of it. */
export function withQuery<P extends keyof paths>(
  address: Address<P>,
  query: NonNullable<Query<P>>,
): Address<P> {
  const given = Object.entries(query as Record<string, string | number | undefined>).flatMap(
    ([name, value]) => (value === undefined || value === '' ? [] : [[name, String(value)]]),
  );
  return (given.length === 0 ? address : `${address}?${new URLSearchParams(given)}`) as Address<P>;
}
