import { expect, type Page } from '@playwright/test';
import {
  add,
  demo,
  expectAccessible,
  larkmoor,
  newWidget,
  publish,
  row,
  saved,
  signIn,
  stage,
  studio,
  inspector,
} from './helpers.ts';
import { test } from '../studio-test.ts';

const section = (page: Page, title: string) =>
  inspector(page)
    .locator('button[aria-expanded]:not([aria-haspopup])')
    .filter({ hasText: new RegExp(`^${title}( ?\\d+ set here)?$`) });

test('header and footer reach the edges of the box, and the footer its foot', async ({ page, browser }) => {
  await signIn(page);
  await newWidget(page, 'Parted card');
  await inspector(page).getByRole('combobox', { name: 'Placement' }).selectOption({ label: 'Centre' });
  await inspector(page).getByLabel('Width', { exact: true }).fill('320');
  await inspector(page).getByLabel('Height', { exact: true }).fill('420');
  await section(page, 'Regions').click();
  for (const name of ['Header', 'Footer']) await inspector(page).getByRole('checkbox', { name }).press(' ');
  await section(page, 'Header').click();
  const header = page.locator(`[id="${await section(page, 'Header').getAttribute('aria-controls')}"]`);
  await header.getByLabel('Background', { exact: true }).click();
  await page.getByLabel('Colour as text').fill('#112233');
  await page.keyboard.press('Escape');
  await add(page, 'Paragraph');
  for (const [region, words] of [
    ['Header', 'Tonight on the moor'],
    ['Footer', 'Until eleven'],
  ] as const) {
    await row(page, region).click();
    await add(page, 'Paragraph');
    await inspector(page).getByLabel('Text', { exact: true }).fill(words);
  }
  await saved(page);
  await publish(page);
  const id = new URL(page.url()).pathname.split('/').at(-1);
  for (const width of [360, 1280]) {
    const visitor = await browser.newPage({ viewport: { width, height: 800 }, reducedMotion: 'reduce' });
    await visitor.goto(`${demo}/visit/`);
    await visitor.waitForFunction(() => 'sirene' in window);
    const box = visitor.getByRole('dialog', { name: 'Parted card' });
    await expect(box.getByText('Until eleven')).toBeVisible();
    const [whole, head, foot] = await Promise.all(
      [box, visitor.locator('.header'), visitor.locator('.footer')].map((one) => one.boundingBox()),
    );
    expect([whole?.width, whole?.height]).toEqual([320, 420]);
    await expect(visitor.locator('.header')).toHaveCSS('background-color', 'rgb(17, 34, 51)');
    expect([head?.x, head?.y, head?.width]).toEqual([whole?.x, whole?.y, whole?.width]);
    expect((foot?.y ?? 0) + (foot?.height ?? 0)).toBe((whole?.y ?? 0) + (whole?.height ?? 0));
    await visitor.close();
  }
  await page.request.delete(`${studio}/api/widgets/${id}`, { headers: { origin: studio } });
});

test('a look becomes the standard of its role, says who uses it, and an element can choose none', async ({
  page,
}) => {
  await signIn(page);
  const path = `${studio}/api/sites/${await larkmoor(page)}/brand`;
  const before = await (await page.request.get(path)).text();
  try {
    await page.goto(`${studio}/brand`);
    await page.getByRole('tab', { name: 'Looks' }).click();
    await page.getByRole('button', { name: /^Lamplight/ }).click();
    await expect(page.getByText(/^Used by /)).toContainText('Members’ door');
    await page.getByRole('checkbox', { name: 'Standard look' }).press(' ');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Save for site …' }).click();
    await page.getByRole('button', { name: 'Apply change' }).click();
    await expect(page.getByRole('button', { name: 'Apply change' })).toHaveCount(0, { timeout: 20_000 });
    await newWidget(page, 'Standing');
    await add(page, 'Button');
    const look = inspector(page).getByRole('combobox', { name: 'Look', exact: true });
    await expect(look.locator('option:checked')).toHaveText('Lamplight (standard)');
    const button = stage(page).locator('.t-button');
    await expect(button).toHaveCSS('background-color', 'rgb(255, 181, 71)');
    await look.selectOption({ label: 'None' });
    await expect(button).not.toHaveCSS('background-color', 'rgb(255, 181, 71)');
  } finally {
    // The other tests of this worker look at the brand as it was.
    const headers = { origin: studio, 'content-type': 'application/json' };
    await page.request.put(path, { headers, data: before });
  }
});

test('a form style for the whole site, and one form that keeps its own, as visitors see them', async ({
  page,
  browser,
}) => {
  await signIn(page);
  const headers = { origin: studio, 'content-type': 'application/json' };
  const get = async (path: string) => (await (await page.request.get(`${studio}${path}`)).json()) as never;
  const site = await larkmoor(page);
  const path = `/api/sites/${site}/brand`;
  const before: { looks: object } = await get(path);
  const soft = {
    name: 'Soft fields',
    role: 'form',
    standard: true,
    style: { box: { base: { gap: 20 } } },
    inside: { field: { input: { base: { background: '#fff3d6', radius: 14 } } } },
  };
  const ids: string[] = [];
  try {
    await page.request.put(`${studio}${path}`, {
      headers,
      data: { ...before, looks: { ...before.looks, soft } },
    });
    const field = (key: string) => ({ type: 'field', kind: 'email', key, label: key, required: true });
    const created = await page.request.post(`${studio}/api/sites/${site}/widgets`, {
      headers,
      data: { name: 'Two forms', kind: 'popup' },
    });
    const { id, document } = (await created.json()) as {
      id: string;
      document: { elements: Record<string, object> };
    };
    ids.push(id);
    Object.assign(document.elements, {
      opening: { ...document.elements['opening'], children: ['one', 'two'] },
      one: { type: 'form', children: ['first', 'send'] },
      first: field('first'),
      send: { type: 'button', label: 'Send', action: { type: 'submit' }, wide: true },
      two: { type: 'form', look: 'none', children: ['second', 'go'] },
      second: field('second'),
      go: { type: 'button', label: 'Go', action: { type: 'submit' }, wide: true },
    });
    const kept = await page.request.put(`${studio}/api/widgets/${id}/draft`, {
      headers,
      data: { base: 1, document },
    });
    expect(kept.status(), await kept.text()).toBe(200);
    const put = await page.request.post(`${studio}/api/widgets/${id}/publish`, {
      headers,
      data: { base: 2 },
    });
    expect(put.status(), await put.text()).toBe(200);
    for (const width of [360, 1280]) {
      const visitor = await browser.newPage({ viewport: { width, height: 800 }, reducedMotion: 'reduce' });
      await visitor.goto(`${demo}/visit/`);
      await visitor.waitForFunction(() => 'sirene' in window);
      const box = visitor.getByRole('dialog', { name: 'Two forms' });
      const first = box.getByRole('textbox', { name: 'first' });
      const second = box.getByRole('textbox', { name: 'second' });
      await expect(first).toHaveCSS('background-color', 'rgb(255, 243, 214)');
      await expect(first).toHaveCSS('border-radius', '14px');
      await expect(second).not.toHaveCSS('background-color', 'rgb(255, 243, 214)');
      await expect(second).not.toHaveCSS('border-radius', '14px');
      await expectAccessible(visitor);
      await visitor.close();
    }
  } finally {
    // The other tests of this worker look at the site as it was.
    for (const id of ids)
      expect(
        (await page.request.delete(`${studio}/api/widgets/${id}`, { headers: { origin: studio } })).status(),
      ).toBe(204);
    await page.request.put(`${studio}${path}`, { headers, data: before });
  }
});
