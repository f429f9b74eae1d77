import useSWR, { type SWRResponse } from 'swr';
import { get, type Install, type Site } from '../shared/api.ts';

/** The line that every page of a site has in its head. */
export const scriptTag = ({ key }: Site): string =>
  `<script async src="${location.origin}/embed.js" data-site="${key}"></script>`;

/** Whether the script runs on a site's pages; asked again every few seconds. */
export const useInstall = ({ id }: Site): SWRResponse<Install> =>
  useSWR(`/api/sites/${id}/install`, get<Install>, { refreshInterval: 3000 });
