import useSWR, { type SWRConfiguration } from 'swr';
import type { Address } from './address.ts';
import { get, type AnswerOf, type ApiError, type PathsBy } from './client.ts';

/** What a route answers, kept and asked for anew as SWR does; nothing is asked where there is no address yet. */
export const useAnswer = <P extends PathsBy<'get'>>(
  address: Address<P> | null | undefined | false,
  settings?: SWRConfiguration<AnswerOf<P, 'get'>, ApiError>,
) => useSWR<AnswerOf<P, 'get'>, ApiError>(address || null, get, settings);
