import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
export const base = process.env.BASE ?? 'http://localhost:4300';
export async function open({ width = 1280, height = 800, scheme = 'light' } = {}) {
  const browser = await chromium.launch(chromiumOptions);
  const page = await (await browser.newContext({ viewport: { width, height }, colorScheme: scheme, reducedMotion: 'reduce', permissions: ['local-network-access'] })).newPage();
  page.setDefaultTimeout(8000);
  page.on('pageerror', (e) => console.log('PAGEERROR', e.message));
  await page.goto(base);
  await page.getByRole('button', { name: /demo/i }).first().click();
  await page.getByRole('button', { name: 'New widget' }).first().waitFor();
  return { browser, page };
}
export async function create(page, name, type) {
  await page.goto(`${base}/widgets`);
  await page.getByRole('button', { name: 'New widget' }).first().click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('textbox').first().fill(name);
  if (type) await dialog.getByText(type, { exact: true }).first().click();
  await dialog.getByRole('button', { name: /^(create|make it)/i }).click();
  await page.getByRole('tree', { name: 'Elements' }).waitFor();
}
export async function add(page, what) {
  await page.getByRole('button', { name: 'Add', exact: true }).click();
  await page.getByRole('menuitem', { name: what, exact: true }).first().click();
}
