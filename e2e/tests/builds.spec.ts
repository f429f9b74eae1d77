import { expect, type Browser, type Page } from '@playwright/test';
import { builds, type Build } from '../builds.ts';
import { keys, mouse } from '../hands.ts';
import { demo, expectAccessible, saved, signIn, stage, studio } from './helpers.ts';
import { test } from '../studio-test.ts';
import { working } from '../work.ts';

/** The marker that a designer puts into the client's page, there before the script looks for it. */
async function withMarker(visitor: Page, slug: string): Promise<void> {
  await visitor.addInitScript((name) => {
    new MutationObserver((_, observer) => {
      const footer = document.querySelector('footer');
      if (!footer) return;
      observer.disconnect();
      const marker = document.createElement('div');
      marker.dataset['sirene'] = name;
      footer.before(marker);
    }).observe(document, { childList: true, subtree: true });
  }, slug);
}

async function look(browser: Browser, build: Build, slug: string, widths: readonly number[]): Promise<void> {
  for (const width of widths) {
    const visitor = await browser.newPage({ viewport: { width, height: 800 }, reducedMotion: 'reduce' });
    await withMarker(visitor, slug);
    const address = build.standsAlone ? `${studio}/p/larkmoor/${slug}` : `${demo}/visit/`;
    await visitor.goto(address);
    await visitor.waitForFunction(() => 'sirene' in window);
    await build.see(visitor, slug, width === 1280);
    const overflow = await visitor.evaluate(() => document.documentElement.scrollWidth - innerWidth);
    expect(overflow).toBeLessThanOrEqual(0);
    await expectAccessible(visitor);
    await visitor.close();
  }
}

/** A placement each that has controls of its own; by keys they take twice the time, and reach the same places. */
const byKeys = new Set(['Corner signup', 'Shaped strip', 'Night door']);

for (const handOf of [mouse, keys]) {
  for (const build of builds.filter(({ name }) => handOf === mouse || byKeys.has(name))) {
    test(`${build.name}, ${handOf === mouse ? 'by mouse' : 'by keys alone'}: from nothing to the visitor`, async ({
      page,
      browser,
    }) => {
      test.setTimeout(120_000);
      const hand = handOf(page);
      await signIn(page, 'widgets');
      await hand.press(page.getByRole('button', { name: 'New widget' }));
      const dialog = page.getByRole('dialog', { name: 'New widget' });
      await hand.fill(dialog.getByLabel('Name'), build.name);
      await hand.pick(dialog.getByLabel('Type'), build.kind);
      await hand.press(dialog.getByRole('button', { name: 'Create' }));
      await expect(page.getByRole('tree', { name: 'Elements' })).toBeVisible();
      await expect(stage(page).locator('body')).toBeVisible();
      await build.make(working(page, hand));
      await saved(page);
      await hand.press(page.getByRole('button', { name: 'Publish', exact: true }));
      const published = page.getByText('Visitors of Larkmoor Observatory get this version');
      const anyway = page.getByRole('button', { name: 'Publish anyway' });
      await expect(published.or(anyway)).toBeVisible();
      if (await anyway.isVisible()) await hand.press(anyway);
      await expect(published).toBeVisible();
      const id = new URL(page.url()).pathname.split('/').at(-1);
      const { slug } = (await (await page.request.get(`${studio}/api/widgets/${id}`)).json()) as {
        slug: string;
      };
      try {
        // Made by keys it is the same widget: the narrow window has been looked at already.
        await look(browser, build, slug, handOf === mouse ? [360, 1280] : [1280]);
      } finally {
        // Off the site again, so that the next one has the place to itself.
        await page.request.delete(`${studio}/api/widgets/${id}`, { headers: { origin: studio } });
      }
    });
  }
}
