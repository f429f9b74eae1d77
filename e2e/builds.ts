import { withoutServerClock } from './server-clock.ts';
import { expect, type Page } from '@playwright/test';
import { inspector } from './tests/helpers.ts';
import { control, type Work } from './work.ts';

const image = (fill: string) =>
  `<svg xmlns="http://www.w3.org/2000/svg" width="400" height="300" viewBox="0 0 400 300"><rect width="400" height="300" fill="${fill}"/><circle cx="200" cy="150" r="90" fill="#f3e3bd"/></svg>`;

/** A widget that is built from nothing, and what its visitors see. */
export interface Build {
  name: string;
  kind: string;
  make(work: Work): Promise<void>;
  /** Looks at what visitors get, on a narrow window and on a wide one. */
  see(visitor: Page, slug: string, wide: boolean): Promise<void>;
  /** Whether it is a page of its own. */
  standsAlone?: boolean;
}

const box = (visitor: Page) => visitor.locator('.box');

export const builds: readonly Build[] = [
  {
    name: 'Corner signup',
    kind: 'Pop-up',
    async make({ hand, fill, pick }) {
      await pick('Placement', 'Corner or edge');
      await hand.add('Heading');
      await fill('Text', 'Clear nights, by letter');
      await hand.add('E-mail field');
      await hand.select('Send');
      await fill('Text', 'Keep me posted');
    },
    async see(visitor, _, wide) {
      const dialog = visitor.getByRole('dialog', { name: 'Clear nights, by letter' });
      await expect(dialog).toBeVisible();
      const rect = await dialog.boundingBox();
      const { width = 0, height = 0 } = visitor.viewportSize() ?? {};
      expect(Math.round(width - (rect?.x ?? 0) - (rect?.width ?? 0))).toBe(wide ? 24 : 16);
      expect(Math.round(height - (rect?.y ?? 0) - (rect?.height ?? 0))).toBe(wide ? 24 : 16);
      await dialog.getByRole('button', { name: 'Keep me posted' }).click();
      await expect(dialog.getByText('Please enter your e-mail address')).toBeVisible();
    },
  },
  {
    name: 'Gradient bar',
    kind: 'Bar',
    async make({ page, hand, fill, pick, section, upload, colour }) {
      await pick('Placement', 'Bar');
      await section('Surface', true);
      await pick('Gradient', 'Linear');
      await section('Text');
      await colour('Text colour', '#ffffff');
      await hand.add('Row');
      await hand.add('Image');
      await upload(control(page, 'Image'), 'moon.svg', image('#171a48'));
      await fill('Alt text', 'The full moon');
      await section('Size and position');
      await fill('Width', '40');
      await hand.select('Row');
      await hand.add('Paragraph');
      await fill('Text', 'The moon is full tonight.');
      await hand.select('Row');
      await hand.add('Button');
      await fill('Text', 'Come up');
      await pick('On click', 'Open page');
      await hand.fill(page.getByLabel('Page URL'), '/contact/');
    },
    async see(visitor) {
      const bar = visitor.getByRole('dialog');
      await expect(bar).toHaveCSS('background-image', /^linear-gradient/);
      const rect = await bar.boundingBox();
      expect(rect).toMatchObject({ x: 0, y: 0, width: visitor.viewportSize()?.width });
      const moon = bar.getByRole('img', { name: 'The full moon' });
      await expect(moon).toBeVisible();
      await expect
        .poll(() => moon.evaluate((node) => (node as HTMLImageElement).naturalWidth))
        .toBeGreaterThan(0);
      await expect(bar.getByRole('link', { name: 'Come up' })).toHaveAttribute('href', '/contact/');
    },
  },
  {
    name: 'Inline call',
    kind: 'Call to action',
    async make({ page, hand, fill, pick, section, colour }) {
      await hand.add('Icon');
      await section('Background', true);
      await colour('Background', '#ffb547');
      await fill('Corner radius', '24');
      await hand.add('Heading');
      await fill('Text', 'Push the dome with us');
      await hand.add('Button');
      await fill('Text', 'How it goes');
      await pick('On click', 'Open page');
      await hand.fill(page.getByLabel('Page URL'), '/members/');
      await hand.select('Inline call');
      await section('Motion');
      await pick('Entrance', 'Slide');
    },
    async see(visitor) {
      const region = visitor.getByRole('region', { name: 'Push the dome with us' });
      await expect(region).toBeVisible();
      const icon = region.locator('.t-icon');
      await expect(icon).toHaveCSS('background-color', 'rgb(255, 181, 71)');
      await expect(icon).toHaveCSS('border-radius', '24px');
      // Who asks for less motion gets none; who does not gets the entrance.
      await expect(box(visitor)).toHaveCSS('animation-name', 'none');
      await visitor.emulateMedia({ reducedMotion: 'no-preference' });
      await expect(box(visitor)).toHaveCSS('animation-name', 'box-in');
      await visitor.emulateMedia({ reducedMotion: 'reduce' });
    },
  },
  {
    name: 'Aligned plans',
    kind: 'Call to action',
    async make({ page, hand, fill }) {
      await fill('Width', '1080');
      await hand.add('Price plans');
      for (const [name, amount] of [
        ['Lamp', '30'],
        ['Lens', '60'],
        ['Dome', '140'],
      ] as const) {
        await hand.select('Price plans');
        await hand.add('Price plan');
        await fill('Name', name);
        await fill('Price', amount);
        await fill('Button link', '/members/');
      }
      await fill('Subtitle', 'For those who push it round on every clear night of the year, and some others');
      await hand.press(
        inspector(page).getByRole('group', { name: 'Features' }).getByRole('button', { name: 'Add item' }),
      );
    },
    async see(visitor, _, wide) {
      const buttons = box(visitor).getByRole('link', { name: 'Choose plan' });
      await expect(buttons).toHaveCount(3);
      const tops = await buttons.evaluateAll((all) => all.map((one) => one.getBoundingClientRect().top));
      const amounts = await box(visitor)
        .locator('.r-plan-amount')
        .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().top));
      if (wide) {
        expect(new Set(tops.map(Math.round)).size).toBe(1);
        expect(new Set(amounts.map(Math.round)).size).toBe(1);
      } else {
        expect(tops).toEqual(tops.toSorted((one, other) => one - other));
        expect(new Set(tops.map(Math.round)).size).toBe(3);
      }
    },
  },
  {
    name: 'Dropped basket',
    kind: 'Call to action',
    async make({ page, hand, fill, pick }) {
      await pick('Placement', 'Anchored to an element');
      await fill('Anchor', '#basket');
      await hand.add('Basket');
      for (const [scene, words] of [
        ['Empty', 'Nothing in it yet'],
        ['Error', 'The basket can’t be reached'],
      ] as const) {
        await hand.press(page.getByRole('button', { name: 'Scene', exact: true }));
        await hand.item(new RegExp(`^${scene}\\.`));
        await hand.add('Paragraph');
        await fill('Text', words);
      }
      await hand.add('Button');
      await fill('Text', 'Load it again');
      await pick('On click', 'Try again');
    },
    async see(visitor, slug) {
      const dialog = box(visitor);
      const set = (lines: unknown) =>
        visitor.evaluate(
          (given) =>
            (window as unknown as { sirene: { basket: { set(lines: unknown): void } } }).sirene.basket.set(
              given,
            ),
          lines,
        );
      await visitor.evaluate(
        (name) => (window as unknown as { sirene: { open(name: string): void } }).sirene.open(name),
        slug,
      );
      await set([]);
      await expect(dialog.getByText('Nothing in it yet')).toBeVisible();
      await set('no basket at all');
      await expect(dialog.getByText('The basket can’t be reached')).toBeVisible();
      await visitor.evaluate(() => {
        const { sirene } = window as unknown as {
          sirene: { on(what: string, listener: () => void): void; basket: { set(lines: unknown): void } };
        };
        sirene.on('retry', () =>
          sirene.basket.set([{ id: 'lamp', name: 'Red lamp', price: 34, quantity: 2 }]),
        );
      });
      await dialog.getByRole('button', { name: 'Load it again' }).click();
      await expect(dialog.getByText('€68').first()).toBeVisible();
      const [link, hung] = [await visitor.locator('#basket').boundingBox(), await dialog.boundingBox()];
      expect(hung?.y).toBeGreaterThanOrEqual((link?.y ?? 0) + (link?.height ?? 0));
    },
  },
  {
    name: 'Night door',
    kind: 'Form',
    standsAlone: true,
    async make({ page, hand, fill, pick, section, colour, upload }) {
      await pick('Placement', 'Standalone page');
      await section('Surface', true);
      await upload(control(page, 'Background image'), 'night.svg', image('#0d0e2e'));
      await section('Text');
      await colour('Text colour', '#ffffff');
      await hand.add('Row');
      await hand.add('Heading');
      await fill('Text', 'Good to see you');
      await hand.select('Row');
      await hand.add('Column');
      await section('Surface', true);
      await colour('Background', 'rgb(0 0 0 / 0.6)');
      await fill('Padding', '32');
      await fill('Backdrop blur', '8');
      await hand.add('E-mail field');
      await hand.add('Password field');
      await hand.select('Send');
      await fill('Text', 'Open the door');
    },
    async see(visitor, _, wide) {
      const heading = visitor.getByRole('heading', { name: 'Good to see you' });
      const panel = visitor.locator('form').locator('xpath=..');
      await expect(heading).toBeVisible();
      await expect(panel).toHaveCSS('background-color', 'rgba(0, 0, 0, 0.6)');
      await expect(panel).toHaveCSS('backdrop-filter', 'blur(8px)');
      await expect(box(visitor)).toHaveCSS('background-image', /\/a\/[a-z0-9]+\/full\.svg/);
      const [one, other] = [await heading.boundingBox(), await panel.boundingBox()];
      if (wide) expect(other?.x).toBeGreaterThan((one?.x ?? 0) + (one?.width ?? 0) - 1);
      else expect(other?.y).toBeGreaterThan(one?.y ?? 0);
      await visitor.getByRole('button', { name: 'Open the door' }).click();
      await expect(visitor.getByText('Please enter your e-mail address')).toBeVisible();
    },
  },
  {
    name: 'Three labels',
    kind: 'Form',
    async make({ page, hand, pick, section }) {
      for (const [kind, label, place] of [
        ['Name field', 'Left', 'Before the field'],
        ['E-mail field', 'Gone', 'Hidden'],
        ['Phone field', 'Right', 'After the field'],
      ] as const) {
        await hand.add(kind);
        await hand.fill(inspector(page).getByRole('textbox', { name: 'Label', exact: true }), label);
        await section('Label position');
        await pick('Label position', place);
      }
    },
    async see(visitor) {
      const at = async (name: string) => {
        const field = visitor.getByRole('textbox', { name: new RegExp(`^${name}`) });
        const label = visitor.locator('label', { hasText: new RegExp(`^${name}`) });
        return [await label.boundingBox(), await field.boundingBox()] as const;
      };
      const [left, leftField] = await at('Left');
      expect((left?.x ?? 0) + (left?.width ?? 0)).toBeLessThanOrEqual(leftField?.x ?? 0);
      const [right, rightField] = await at('Right');
      expect(right?.x).toBeGreaterThanOrEqual((rightField?.x ?? 0) + (rightField?.width ?? 0));
      // Hidden for the eye, and still the field's name.
      await expect(visitor.getByRole('textbox', { name: 'Gone' })).toBeVisible();
      await expect(visitor.locator('label', { hasText: 'Gone' })).toHaveCSS('clip-path', 'inset(50%)');
    },
  },
  {
    name: 'One-line letter',
    kind: 'Form',
    async make({ page, hand, fill, pick }) {
      await pick('Placement', 'Inline');
      await hand.add('One-line signup');
      await hand.press(page.getByRole('button', { name: 'Scene', exact: true }));
      await hand.item(/^Custom scene/);
      await hand.add('Heading');
      await fill('Text', 'Twelve letters a year');
      await hand.press(page.getByRole('button', { name: 'Opening', exact: true }));
      await hand.add('Button');
      await fill('Text', 'What is in it?');
      await pick('On click', 'Show scene');
      await pick('Scene', 'New scene');
    },
    async see(visitor, _, wide) {
      const region = visitor.getByRole('region', { name: 'One-line letter' });
      await region.scrollIntoViewIfNeeded();
      const [field, button] = [
        region.getByRole('textbox', { name: 'E-mail address' }),
        region.getByRole('button', { name: 'Subscribe' }),
      ];
      const [input, send] = [await field.boundingBox(), await button.boundingBox()];
      if (wide) expect([send?.y, send?.height]).toEqual([input?.y, input?.height]);
      else expect(send?.y).toBeGreaterThanOrEqual((input?.y ?? 0) + (input?.height ?? 0));
      await button.click();
      await expect(region.getByText('Please enter your e-mail address')).toBeVisible();
      // What is wrong stands under the input, and moves neither it nor the button.
      if (wide) expect((await button.boundingBox())?.y).toBe((await field.boundingBox())?.y);
      await region.getByRole('button', { name: 'What is in it?' }).click();
      await expect(region.getByRole('heading', { name: 'Twelve letters a year' })).toBeVisible();
    },
  },
  {
    name: 'Shaped strip',
    kind: 'Call to action',
    async make({ page, hand, pick, fill, section, colour }) {
      await section('Surface', true);
      await colour('Background', '#171a48');
      await pick('Edge shape', 'Slanted bottom');
      await hand.add('Link strip');
      const links = inspector(page).getByRole('group', { name: 'Links' });
      const entry = (label: string, at: number) => links.getByLabel(label, { exact: true }).nth(at);
      await hand.fill(entry('Text', 0), 'Tonight');
      await hand.fill(entry('Link URL', 0), '/visit/');
      await hand.toggle(entry('New tab', 0));
      await hand.toggle(entry('Hidden', 1));
      await hand.toggle(entry('No divider', 2));
      await section('Link');
      await colour('Text colour', '#ffffff');
      await fill('Font size', '18');
    },
    async see(visitor, _, wide) {
      const strip = box(visitor).getByRole('navigation', { name: 'Links' });
      await strip.scrollIntoViewIfNeeded();
      await expect(strip.getByRole('link')).toHaveText([/^Tonight/, /^Basket/]);
      const tonight = strip.getByRole('link', { name: 'Tonight' });
      await expect(tonight).toHaveAttribute('target', '_blank');
      await expect(tonight).toHaveAttribute('rel', /noopener/);
      await expect(tonight).toHaveCSS('color', 'rgb(255, 255, 255)');
      await expect(tonight).toHaveCSS('font-size', '18px');
      await expect(strip.locator('.rule')).toHaveCount(0);
      // Cut off aslant: lower at one side than at the other.
      await expect(box(visitor)).toHaveCSS('clip-path', /^polygon\(0px 0px, 100% 0px, 100% calc\(/);
      const rows = await strip
        .getByRole('link')
        .evaluateAll((all) => all.map((one) => Math.round(one.getBoundingClientRect().top)));
      if (wide) expect(new Set(rows).size).toBe(1);
    },
  },
  {
    name: 'Last nights',
    kind: 'Countdown',
    async make({ page, hand, fill }) {
      await hand.add('Heading');
      await fill('Text', 'The comet is leaving');
      await hand.add('Countdown');
      const zone = control(page, 'Time zone');
      await hand.fill(zone, 'auckl');
      await page.keyboard.press('ArrowDown');
      await page.keyboard.press('Enter');
      await hand.press(page.getByRole('button', { name: 'Scene', exact: true }));
      await hand.item(/^Expired\./);
      await hand.add('Paragraph');
      await fill('Text', 'It is gone for 71 years.');
    },
    async see(visitor, slug) {
      const words = (name: string) => box(visitor).getByText(name);
      await expect(words('The comet is leaving')).toBeVisible();
      // The evening that the countdown is made with, where it is summer.
      const until = Date.parse('2027-01-12T20:00+13:00');
      const seen = () => box(visitor).locator('[data-unit]').allTextContents();
      // The clock is the visitor's: set to 90 seconds before the end, then let run past it.
      await visitor.clock.install({ time: until - 90_000 });
      // The server's clock would set it right again: it can't be had.
      await withoutServerClock(visitor);
      await visitor.reload();
      await expect(words('The comet is leaving')).toBeVisible();
      await expect.poll(seen).toEqual(['00', '00', '01', expect.stringMatching(/^(30|2\d)$/)]);
      await visitor.clock.runFor(95_000);
      await expect(words('It is gone for 71 years.')).toBeVisible();
      await expect(words('The comet is leaving')).toBeHidden();
      await visitor.evaluate(
        (name) => (window as unknown as { sirene: { close(name: string): void } }).sirene.close(name),
        slug,
      );
    },
  },
  {
    name: 'Image cover',
    kind: 'Pop-up',
    async make({ page, hand, fill, pick, section, upload, colour }) {
      await pick('Placement', 'Full screen');
      await section('Surface', true);
      await upload(control(page, 'Background image'), 'dome.svg', image('#171a48'));
      await pick('Image size', 'Cover');
      await section('Text');
      await colour('Text colour', '#ffffff');
      await hand.add('Heading');
      await fill('Text', 'The dome is open');
    },
    async see(visitor) {
      const dialog = visitor.getByRole('dialog', { name: 'The dome is open' });
      await expect(dialog).toBeVisible();
      const { width, height } = visitor.viewportSize() ?? {};
      expect(await dialog.boundingBox()).toMatchObject({ x: 0, y: 0, width, height });
      await expect(dialog).toHaveCSS('background-size', 'cover');
      await expect(dialog).toHaveCSS('background-image', /\/a\/[a-z0-9]+\/full\.svg/);
      await visitor.keyboard.press('Escape');
      await expect(dialog).toHaveCount(0);
    },
  },
];
