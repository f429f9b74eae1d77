import AxeBuilder from '@axe-core/playwright';
import { expect, type Locator, type Page } from '@playwright/test';

export const studio = process.env['STUDIO'] as string;
export const demo = process.env['DEMO'] as string;

const headers = { origin: studio };

/** Signs the demo designer in, past the form for it, which tests of its own use, and goes to a place of the studio. */
export async function signIn(page: Page, place?: string): Promise<void> {
  await page.request.post(`${studio}/api/session/demo`, { headers });
  if (place === undefined) return;
  await page.goto(`${studio}/${place}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

const answerTo = async (page: Page, path: string) =>
  (await (await page.request.get(`${studio}${path}`)).json()) as never;

/** The id of the demo's first site. */
export async function larkmoor(page: Page): Promise<string> {
  const sites: { id: string; key: string }[] = await answerTo(page, '/api/sites');
  return sites.find(({ key }) => key === 'larkmoor')?.id ?? '';
}

const widgetsOf = async (
  page: Page,
  site: string,
): Promise<{ id: string; name: string; publishedNumber: number | null }[]> =>
  answerTo(page, `/api/sites/${site}/widgets`);

/** Deletes the drafts that tests before this one have made: on a try they would run beside those of the demo. */
export async function dropDrafts(page: Page): Promise<void> {
  const sites: { id: string }[] = await answerTo(page, '/api/sites');
  for (const site of sites)
    for (const widget of await widgetsOf(page, site.id))
      if (widget.publishedNumber === null)
        await page.request.delete(`${studio}/api/widgets/${widget.id}`, { headers });
}

/** Opens the editor of a widget by its address: the way there costs as much as many a test, and has tests of its own. */
async function edit(page: Page, id: string): Promise<void> {
  await page.goto(`${studio}/widgets/${id}`);
  await expect(page.getByRole('tree', { name: 'Elements' })).toBeVisible();
  await expect(stage(page).locator('body')).toBeVisible();
}

/** Makes an empty pop-up and opens it in the editor. */
export async function newWidget(page: Page, name: string): Promise<void> {
  const answer = await page.request.post(`${studio}/api/sites/${await larkmoor(page)}/widgets`, {
    headers,
    data: { name, kind: 'popup' },
  });
  await edit(page, ((await answer.json()) as { id: string }).id);
}

/** Looks a widget up in the table, where only the rows near the window are drawn. */
export async function find(page: Page, name: string): Promise<void> {
  await page.getByLabel('Search widgets').fill(name);
  await expect(page.getByRole('link', { name, exact: true })).toBeVisible();
}

/** Opens a widget in the editor. */
export async function openWidget(page: Page, name: string): Promise<void> {
  const widgets = await widgetsOf(page, await larkmoor(page));
  await edit(page, widgets.find((one) => one.name === name)?.id ?? '');
}

/** Opens a widget from the table, without leaving the page. */
export async function chooseWidget(page: Page, name: string): Promise<void> {
  await find(page, name);
  await page.getByRole('link', { name, exact: true }).click();
}

export const stage = (page: Page) => page.frameLocator('iframe[title="The site’s page"]');

export const inspector = (page: Page): Locator => page.getByRole('region', { name: 'Inspector' });

export async function add(page: Page, label: string): Promise<void> {
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('menuitem', { name: label, exact: true }).click();
}

export const row = (page: Page, name: string | RegExp): Locator => page.getByRole('treeitem', { name });

/** Double-clicks an element on the stage, at its middle, through the sheet that lies above the page. */
export async function doubleClickOnStage(page: Page, element: Locator): Promise<void> {
  await element.waitFor();
  const box = await element.boundingBox();
  if (!box) throw new Error('The element is not on the stage');
  await page.mouse.dblclick(box.x + box.width / 2, box.y + box.height / 2);
}

/** Opens a piece of the sentence at a station. */
export async function openPiece(page: Page, station: string, piece: RegExp): Promise<Locator> {
  await page.getByRole('group', { name: 'Stations' }).getByRole('button', { name: station }).click();
  await page.locator('[data-sentence]').getByRole('button', { name: piece }).click();
  return page.getByRole('dialog').filter({ has: page.locator('[data-part=title]') });
}

export async function saved(page: Page): Promise<void> {
  await expect(
    page
      .getByRole('banner')
      .getByRole('status')
      .filter({ hasText: /^Saved$/ }),
  ).toBeVisible();
}

export async function publish(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Publish', exact: true }).click();
  const published = page.getByText('Visitors of Larkmoor Observatory get this version');
  const anyway = page.getByRole('button', { name: 'Publish anyway' });
  await expect(published.or(anyway)).toBeVisible();
  if (await anyway.isVisible()) await anyway.click();
  await expect(published).toBeVisible();
  // A frame after it is drawn it takes the focus, and from then on the keys.
  await expect(page.getByRole('dialog', { name: 'Publishing' })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page.getByText('get this version')).toHaveCount(0);
}

/** Fails on anything that axe finds serious or critical. */
export async function expectAccessible(page: Page, within?: string): Promise<void> {
  // Not into the stage's frame: no script runs there. What it shows is checked where visitors see it.
  const builder = new AxeBuilder({ page }).setLegacyMode().options({ iframes: false });
  if (within) builder.include(within);
  const { violations } = await builder.analyze();
  const bad = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(
    bad.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html.slice(0, 160)).join(' | ')}`),
  ).toEqual([]);
}

/** Drags one thing onto another as a hand does: in many small moves. */
export async function drag(page: Page, from: Locator, to: Locator): Promise<void> {
  const [start, end] = [await from.boundingBox(), await to.boundingBox()];
  if (!start || !end) throw new Error('Nothing to drag');
  await page.mouse.move(start.x + 60, start.y + start.height / 2);
  await page.mouse.down();
  await page.mouse.move(end.x + 60, end.y + end.height / 2, { steps: 12 });
  await page.mouse.up();
}
