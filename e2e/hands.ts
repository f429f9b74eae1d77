import { expect, type Locator, type Page } from '@playwright/test';
import { row } from './tests/helpers.ts';

/** How somebody works in the editor: with the mouse, or with the keys alone. */
export interface Hand {
  name: 'by mouse' | 'by keys';
  /** Presses a button, a tab, a menu's trigger. */
  press(target: Locator): Promise<void>;
  /** Turns a switch on or off. */
  toggle(target: Locator): Promise<void>;
  fill(field: Locator, text: string): Promise<void>;
  /** Chooses an option of a select by what it says. */
  pick(select: Locator, option: string): Promise<void>;
  /** Adds an element to what is selected. */
  add(label: string): Promise<void>;
  /** Selects an element in the outline. */
  select(name: string): Promise<void>;
  /** Chooses an entry of the menu that is open. */
  item(name: RegExp | string): Promise<void>;
  close(): Promise<void>;
}

export function mouse(page: Page): Hand {
  return {
    name: 'by mouse',
    press: (target) => target.click(),
    // The box itself is unseen: what is drawn stands beside it, in the same label.
    toggle: (target) => target.locator('xpath=..').click(),
    fill: (target, text) => target.fill(text),
    async pick(select, option) {
      await select.selectOption({ label: option });
    },
    async add(label) {
      await page.getByRole('button', { name: 'Add', exact: true }).click();
      await page.getByRole('menuitem', { name: label, exact: true }).click();
    },
    select: (name) => row(page, name).click(),
    item: (name) => page.getByRole('menuitem', { name }).click(),
    close: () => page.keyboard.press('Escape'),
  };
}

/** Never touches the mouse, and never sets the focus but by keys: what Tab can't reach can't be used. */
export function keys(page: Page): Hand {
  /** Whether it has the focus; if not, whether it stands before what has. */
  const place = (target: Locator) =>
    target.evaluate((node) => {
      const { activeElement } = document;
      if (node === activeElement) return 'here';
      const order = activeElement ? node.compareDocumentPosition(activeElement) : 0;
      return order & Node.DOCUMENT_POSITION_FOLLOWING ? 'before' : 'after';
    });

  /** About how many stops there are to it, so that a long way is walked without a look at every one. */
  const stops = (target: Locator) =>
    target.evaluate((node) => {
      const all = [
        ...document.querySelectorAll<HTMLElement>('a, button, input, select, textarea, iframe, [tabindex]'),
      ];
      const stopping = all.filter(
        (one) => one.tabIndex >= 0 && one.checkVisibility() && !one.matches(':disabled'),
      );
      const [from, to] = [document.activeElement, node].map((one) =>
        stopping.indexOf(one as HTMLElement),
      ) as [number, number];
      return Math.abs(to - from);
    });

  async function reach(target: Locator): Promise<void> {
    await target.waitFor();
    for (let presses = 0; presses < 250; presses++) {
      const now = await place(target);
      if (now === 'here') return;
      const key = now === 'before' ? 'Shift+Tab' : 'Tab';
      const many = presses === 0 ? Math.max(1, (await stops(target)) - 4) : 1;
      for (let at = 0; at < many; at++) await page.keyboard.press(key);
      presses += many - 1;
    }
    throw new Error(`No key reaches ${target}`);
  }

  return {
    name: 'by keys',
    async press(target) {
      await reach(target);
      await page.keyboard.press('Enter');
    },
    async toggle(target) {
      await reach(target);
      await page.keyboard.press('Space');
    },
    async fill(field, text) {
      await reach(field);
      await page.keyboard.press('Control+a');
      await page.keyboard.insertText(text);
    },
    async pick(select, option) {
      await reach(select);
      const options = await select.locator('option:not([disabled])').allTextContents();
      const now = await select.evaluate((node) => (node as HTMLSelectElement).selectedOptions[0]?.text ?? '');
      const by = options.indexOf(option) - options.indexOf(now);
      expect(options).toContain(option);
      for (let step = 0; step < Math.abs(by); step++)
        await page.keyboard.press(by > 0 ? 'ArrowDown' : 'ArrowUp');
      await expect(select.locator('option:checked')).toHaveText(option);
    },
    async add(label) {
      await page.keyboard.press('Control+k');
      await page.getByRole('combobox', { name: 'Find a widget' }).waitFor();
      await page.keyboard.insertText(`Add ${label.toLowerCase()}`);
      const found = page.getByRole('dialog', { name: 'Find anything' });
      await expect(found.getByRole('option', { selected: true })).toHaveText(
        new RegExp(`^Add ${label.toLowerCase()}Elements$`),
      );
      await page.keyboard.press('Enter');
      await expect(page.getByRole('combobox', { name: 'Find a widget' })).toHaveCount(0);
    },
    async select(name) {
      const target = row(page, name);
      const tree = page.getByRole('tree', { name: 'Elements' });
      await reach(tree.locator('[tabindex="0"]').first());
      for (let presses = 0; presses < 60; presses++) {
        const now = await place(target);
        if (now === 'here') break;
        await page.keyboard.press(now === 'before' ? 'ArrowUp' : 'ArrowDown');
      }
      await expect(target).toBeFocused();
    },
    async item(name) {
      const target = page.getByRole('menuitem', { name });
      await target.waitFor();
      for (let presses = 0; presses < 40; presses++) {
        if ((await target.getAttribute('data-highlighted')) !== null) break;
        await page.keyboard.press('ArrowDown');
      }
      await page.keyboard.press('Enter');
    },
    close: () => page.keyboard.press('Escape'),
  };
}
