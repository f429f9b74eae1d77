import { type SWRResponse } from 'swr';
import { at, type Install, type Site, useAnswer } from '../shared/api/index.ts';

/** The line that every page of a site has in its head. */
export const scriptTag = ({ key }: Site): string =>
  `<script async src="${location.origin}/s/${key}.js" referrerpolicy="no-referrer-when-downgrade"></script>`;

/** Whether the script runs on a site's pages; asked again every few seconds. */
export const useInstall = ({ id }: Site): SWRResponse<Install> =>
  useAnswer(at('/api/sites/{site}/install', { site: id }), { refreshInterval: 3000 });
