import { Buffer } from 'node:buffer';
import { expect, type Locator, type Page } from '@playwright/test';
import type { Hand } from './hands.ts';
import { inspector } from './tests/helpers.ts';

/** A control of the inspector by its label. */
export const control = (page: Page, label: string) => inspector(page).getByLabel(label, { exact: true });

/** What a build needs: somebody's hand, and the editor. */
export interface Work {
  page: Page;
  hand: Hand;
  fill(label: string, text: string): Promise<void>;
  pick(label: string, option: string): Promise<void>;
  colour(label: string, text: string): Promise<void>;
  /** Opens a section of the inspector, and what is folded in it. */
  section(title: string, more?: boolean): Promise<void>;
  upload(press: Locator, name: string, svg: string): Promise<void>;
}

export function working(page: Page, hand: Hand): Work {
  return {
    page,
    hand,
    fill: (label, text) => hand.fill(control(page, label), text),
    pick: (label, option) =>
      hand.pick(inspector(page).getByRole('combobox', { name: label, exact: true }), option),
    async colour(label, text) {
      await hand.press(control(page, label));
      await hand.fill(page.getByLabel('Colour as text'), text);
      await hand.close();
      await expect(page.getByLabel('Colour as text')).toHaveCount(0);
    },
    async section(title, more = false) {
      const head = inspector(page)
        .locator('button[aria-expanded]:not([aria-haspopup])')
        .filter({ hasText: new RegExp(`^${title}( ?\\d+ set here)?$`) });
      if ((await head.getAttribute('aria-expanded')) === 'false') await hand.press(head);
      const panel = page.locator(`[id="${await head.getAttribute('aria-controls')}"]`);
      const folded = panel.getByRole('button', { name: /^More/, expanded: false });
      if (more && (await folded.count()) > 0) await hand.press(folded.first());
    },
    async upload(press, name, svg) {
      await hand.press(press);
      const chooser = page.waitForEvent('filechooser');
      await hand.press(page.getByRole('button', { name: 'Upload an image' }));
      const file = { name, mimeType: 'image/svg+xml', buffer: Buffer.from(svg) };
      await (await chooser).setFiles(file);
      // It closes once the smaller sizes are made, which takes the server a while beside other tests.
      await expect(page.getByRole('button', { name: 'Upload an image' })).toHaveCount(0, { timeout: 30_000 });
    },
  };
}
