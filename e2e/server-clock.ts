import type { Page } from '@playwright/test';

/** Leaves a page without the server's clock, so that the one that a test sets is what counts. */
export const withoutServerClock = (page: Page): Promise<unknown> =>
  page.route('**/embed.js', (route) =>
    route.request().method() === 'HEAD' ? route.abort() : route.continue(),
  );
