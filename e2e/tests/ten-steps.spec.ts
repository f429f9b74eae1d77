import { expect } from '@playwright/test';
import {
  add,
  demo,
  doubleClickOnStage,
  drag,
  expectAccessible,
  newWidget,
  openPiece,
  publish,
  row,
  saved,
  signIn,
  stage,
  studio,
  openWidget,
  find,
} from './helpers.ts';
import { test } from '../studio-test.ts';

test('a signup pop-up, from an empty canvas to a lead in the inbox and back to an earlier version', async ({
  page,
  browser,
}) => {
  test.setTimeout(150_000);

  await test.step('the first place is the table of widgets', async () => {
    await signIn(page, 'widgets');
    await expect(row(page, /./)).toHaveCount(0);
    await find(page, 'Sky letter');
    await expect(page.getByRole('row', { name: /Sky letter/ })).toContainText('Published');
    await page.getByLabel('Search widgets').fill('');
    await expectAccessible(page);
  });

  await test.step('a widget from nothing: elements, words in place, order, undo and redo', async () => {
    await newWidget(page, 'Winter shows');
    await add(page, 'Heading');
    await add(page, 'Paragraph');
    await add(page, 'Form');
    await add(page, 'Name field');
    await add(page, 'E-mail field');
    const heading = stage(page).getByRole('heading', { name: 'A heading' });
    await doubleClickOnStage(page, heading);
    await page.keyboard.type('Winter under the dome');
    await page.keyboard.press('Enter');
    await expect(stage(page).getByRole('heading', { name: 'Winter under the dome' })).toBeVisible();

    await row(page, 'Name').click();
    await page.keyboard.press('Alt+ArrowDown');
    const fields = stage(page).locator('label');
    await expect(fields).toHaveText(['E-mail', /^Name/]);
    await page.keyboard.press('Control+z');
    await expect(fields).toHaveText([/^Name/, 'E-mail']);
    await page.keyboard.press('Control+Shift+z');
    await expect(fields).toHaveText(['E-mail', /^Name/]);

    await drag(page, row(page, 'Name'), row(page, 'E-mail'));
    await expect(fields).toHaveText([/^Name/, 'E-mail']);
  });

  await test.step('style: own values with their origin, reset, and a readable colour in one click', async () => {
    await row(page, 'Winter under the dome').click();
    const inspector = page.getByRole('region', { name: 'Inspector' });
    const size = inspector.getByLabel('Font size', { exact: true });
    await size.fill('32');
    await expect(stage(page).getByRole('heading', { name: 'Winter' })).toHaveCSS('font-size', '32px');
    await inspector.getByRole('button', { name: 'Font size is set here. Reset' }).click();
    await expect(stage(page).getByRole('heading', { name: 'Winter' })).toHaveCSS('font-size', '26px');

    await row(page, 'Send').click();
    await inspector.getByLabel('Background', { exact: true }).click();
    await page.getByLabel('Colour as text').fill('#ffb547');
    await page.keyboard.press('Escape');
    const repair = inspector.getByRole('button', { name: /^Use #/ });
    await expect(inspector.getByText(/Contrast 1\.\d, needs 4.5/)).toBeVisible();
    await repair.click();
    await inspector.getByRole('button', { name: 'Text 1 set here' }).click();
    await expect(inspector.getByText(/Contrast (4\.[5-9]|[5-9]|1\d)/)).toBeVisible();

    await row(page, 'Winter shows').click();
    await inspector.getByLabel('Corner radius', { exact: true }).fill('20');
    await inspector.getByLabel('Padding', { exact: true }).fill('28');
    await inspector.getByLabel('Width', { exact: true }).fill('420');
    const box = stage(page).getByRole('dialog', { name: 'Winter under the dome' });
    await expect(box).toHaveCSS('border-radius', '20px');
    await expect(box.locator('.scene')).toHaveCSS('padding', '28px');
    await expect(box).toHaveCSS('width', '420px');
  });

  await test.step('placement: inline, a corner, and the centre with a backdrop', async () => {
    const placement = page
      .getByRole('region', { name: 'Inspector' })
      .getByRole('combobox', { name: 'Placement' });
    await placement.selectOption('inline');
    await expect(stage(page).locator('main section.box')).toBeVisible();
    await placement.selectOption('corner');
    await expect(stage(page).getByRole('dialog')).toHaveCSS('right', '24px');
    await placement.selectOption('centre');
    await expect(stage(page).getByRole('dialog')).toHaveCSS('border-radius', '20px');
  });

  await test.step('the journey: each station is a sentence that can be changed', async () => {
    const pages = await openPiece(page, 'Arrive', /every page/);
    await pages.getByLabel('Include').fill('/shop/*');
    await pages.getByLabel('Exclude').fill('shop');
    await expect(pages.getByText('shop: starts with / or with https://')).toBeVisible();
    await pages.getByLabel('Exclude').fill('/shop/moor-chart');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-sentence]')).toHaveText(
      'Shown on pages under /shop except /shop/moor-chart, to every visitor, at any time.',
    );
    await expect(stage(page).getByRole('dialog')).toHaveCount(0);

    const triggers = await openPiece(page, 'Appear', /on page load/);
    await triggers.getByRole('button', { name: 'Add trigger' }).click();
    await page.getByRole('menuitem', { name: 'Time on page' }).click();
    await triggers.getByLabel('After (s)').fill('2');
    await triggers.getByRole('button', { name: 'Remove: on page load' }).click();
    await triggers.getByRole('button', { name: 'Add trigger' }).click();
    await page.getByRole('menuitem', { name: 'Exit intent' }).click();
    await page.keyboard.press('Escape');
    const frequency = await openPiece(page, 'Appear', /once per visit/);
    await frequency.getByLabel('Frequency').selectOption('days');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-sentence]')).toHaveText(
      'Appears 2 s after page load or on exit intent, in the centre over a backdrop, at most once per week.',
    );

    await page.getByRole('group', { name: 'Stations' }).getByRole('button', { name: 'Afterwards' }).click();
    await add(page, 'Heading');
    await doubleClickOnStage(page, stage(page).getByRole('heading', { name: 'A heading' }));
    await page.keyboard.type('See you under the dome');
    await page.keyboard.press('Escape');
    const recipients = await openPiece(page, 'Afterwards', /nobody/);
    await recipients.getByLabel('Recipients').fill('desk@larkmoor.example\nshows@larkmoor.example');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-sentence]')).toContainText(
      'desk@larkmoor.example and shows@larkmoor.example are notified by e-mail.',
    );

    const closing = await openPiece(page, 'Return', /not for 7 days/);
    await closing.getByLabel('Not for (days)').fill('14');
    await page.keyboard.press('Escape');
    await expect(page.locator('[data-sentence]')).toHaveText(
      'After closing: not for 14 days; after submitting: never again; after submitting another widget: no change.',
    );
    await saved(page);
    await expectAccessible(page);
  });

  await test.step('a rehearsed visit shows when it comes, and why', async () => {
    await page
      .getByLabel('Page', { exact: true })
      .selectOption({ label: '/shop/red-lamp/ · Red reading lamp' });
    await expect(stage(page).getByRole('heading', { name: 'Red reading lamp' })).toBeVisible();
    await page.getByRole('button', { name: 'Rehearse a visit' }).click();
    await page.getByRole('button', { name: 'Wait 10 s' }).click();
    const happened = page.getByRole('list', { name: 'What happened' });
    await expect(happened).toContainText('0:02The widget appears');
    const dialog = stage(page).getByRole('dialog', { name: 'Winter under the dome' });
    await dialog.getByRole('button', { name: 'Send' }).click();
    await expect(dialog.getByText('Please enter your e-mail address')).toBeVisible();
    await dialog.getByRole('button', { name: 'Close' }).click();
    await expect(dialog).toHaveCount(0);
    await page.getByRole('button', { name: 'A day later' }).click();
    await page.getByRole('button', { name: 'Wait 10 s' }).click();
    await expect(page.getByRole('region', { name: 'Why' })).toContainText(
      'It was closed, and may not show again yet',
    );
    await page.getByRole('button', { name: 'End rehearsal' }).click();
  });

  await test.step('published, and the install check says the site is connected', async () => {
    await publish(page);
    await expect(page.getByRole('banner').getByText('Published', { exact: true })).toBeVisible();
    await page.goto(`${demo}/`);
    await page.goto(`${studio}/site`);
    await expect(
      page.getByText(
        `<script async src="${studio}/s/larkmoor.js" referrerpolicy="no-referrer-when-downgrade"></script>`,
      ),
    ).toBeVisible();
    await expect(page.getByText('Connected')).toBeVisible();
    await expect(page.getByText(/The script was last seen just now/)).toBeVisible();
    await expectAccessible(page);
  });

  const context = await browser.newContext({ reducedMotion: 'reduce' });
  const visitor = await context.newPage();

  await test.step('a visitor makes a mistake, is told so, submits, and is spared from then on', async () => {
    await visitor.goto(`${demo}/shop/red-lamp/`);
    const dialog = visitor.getByRole('dialog', { name: 'Winter under the dome' });
    await expect(dialog).toBeVisible();
    await expectAccessible(visitor);
    await dialog.getByLabel('Name').fill('Mira Stone');
    await dialog.getByLabel('E-mail').fill('mira@stone');
    await dialog.getByRole('button', { name: 'Send' }).click();
    await expect(dialog.getByText('Please check the address')).toBeVisible();
    await expect(dialog.getByLabel('E-mail')).toBeFocused();
    await expect(dialog.getByLabel('E-mail')).toHaveAttribute('aria-invalid', 'true');
    await dialog.getByLabel('E-mail').fill('mira@stone.example');
    await expect(dialog.getByText('Please check the address')).toHaveCount(0);
    await dialog.getByRole('button', { name: 'Send' }).click();
    await expect(dialog.getByRole('heading', { name: 'See you under the dome' })).toBeVisible();
    await visitor.keyboard.press('Escape');
    await expect(dialog).toHaveCount(0);
    await visitor.goto(`${demo}/shop/`);
    await visitor.waitForTimeout(3000);
    await expect(visitor.getByRole('dialog', { name: 'Winter under the dome' })).toHaveCount(0);
    await context.close();
  });

  await test.step('the submission is in People, its mails are in the Post, and it is in the CSV', async () => {
    await page.goto(`${studio}/people`);
    const detail = page.getByRole('region', { name: 'Submission' });
    await expect(detail.getByRole('heading', { name: 'Mira Stone' })).toBeVisible();
    await expect(detail).toContainText('Winter shows (version 1)');
    await expect(detail).toContainText('Red reading lamp');
    await expect(detail.getByText(/^Sent just now/)).toHaveCount(2);
    await expectAccessible(page);

    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'Export as CSV' }).click();
    const stream = await (await download).createReadStream();
    const csv = (await stream.toArray()).join('');
    expect(csv).toContain('mira@stone.example');
    const total = Number.parseInt((await page.getByText(/^\d+ submissions$/).textContent()) ?? '');
    expect(csv.trim().split('\r\n')).toHaveLength(total + 1);

    await page.getByRole('link', { name: 'Test services' }).click();
    await page.getByRole('button', { name: /shows@larkmoor.example/ }).click();
    const mail = page.getByRole('region', { name: 'E-mail' });
    await expect(mail).toContainText('New from Winter shows');
    await expect(mail).toContainText('E-mail: mira@stone.example');
    await expectAccessible(page);
  });

  await test.step('edited since, published again, and back to the first version', async () => {
    await openWidget(page, 'Winter shows');
    await row(page, 'Winter under the dome').click();
    await page
      .getByRole('region', { name: 'Inspector' })
      .getByLabel('Text', { exact: true })
      .fill('Winter nights');
    await expect(page.getByRole('banner').getByText('Published · changes')).toBeVisible();
    await publish(page);
    await page.getByRole('button', { name: 'Versions' }).click();
    const versions = page.getByRole('dialog', { name: 'Versions' });
    await expect(versions.getByText('Version 2')).toBeVisible();
    await expectAccessible(page);
    await versions
      .getByRole('listitem')
      .filter({ hasText: 'Version 1' })
      .getByRole('button', { name: 'Restore as draft' })
      .click();
    await expect(stage(page).getByRole('heading', { name: 'Winter under the dome' })).toBeVisible();
    await publish(page);
    await expect(page.getByRole('banner').getByText('Published', { exact: true })).toBeVisible();
  });
});
