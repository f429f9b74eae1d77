import { expect, type Locator, type Page } from '@playwright/test';
import {
  demo,
  dropDrafts,
  expectAccessible,
  openPiece,
  openWidget,
  publish,
  saved,
  signIn,
} from './helpers.ts';
import { test } from '../studio-test.ts';

// The six steps of rules that people can trust: a rule as a sentence, one visitor played, five thousand, the page plan, the draft on
// the live page, and clocks that tell the truth.

const menu = async (page: Page, button: Locator, item: string | RegExp) => {
  await button.click();
  await page.getByRole('menuitem', { name: item }).click();
};

const sentence = (page: Page, station: string) => page.locator(`[data-sentence=${station}]`);

async function addCondition(page: Page, dialog: Locator, name: string): Promise<void> {
  await menu(page, dialog.getByRole('button', { name: 'Add condition' }).last(), name);
}

test('one visitor is played with all of the site’s widgets, each with its reason', async ({ page }) => {
  await signIn(page);
  await openWidget(page, 'First-order lamp offer');
  await page.getByRole('button', { name: 'Rehearse a visit' }).click();
  const why = page.getByRole('region', { name: 'Why' });
  await expect(why.getByRole('button', { name: 'First order lamp offer Not shown' })).toBeVisible();
  await page.getByRole('button', { name: 'Pause' }).click();
  await page.getByRole('button', { name: 'Exit intent' }).click();
  for (let step = 0; step < 2; step++) await page.getByRole('button', { name: 'Wait 10 s' }).click();
  await expect(page.getByRole('list', { name: 'What happened' })).toContainText(
    'waits: its position is taken by',
  );
  await expect(why.getByRole('group', { name: 'Reasons' })).toContainText('20 s after page load · now 20 s');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(why.getByRole('group', { name: 'Reasons' })).toContainText(
    'Visitors who are not members · now a member',
  );
  await page.getByRole('button', { name: 'End rehearsal' }).click();
});

test('the page plan marks a clash, says who meets it, and settles it by priority', async ({ page }) => {
  await signIn(page, 'widgets');
  await page.getByRole('button', { name: 'Page plan' }).click();
  const grid = page.getByRole('grid', { name: 'Page plan' });
  // Drafts of other tests are no matter of this one.
  await page.getByText('With drafts', { exact: true }).click();
  const cell = grid
    .getByRole('gridcell', { name: /^First-order lamp offer: some visitors, \d+ undecided clash/ })
    .first();
  await cell.click();
  const panel = page.getByRole('region', { name: 'Chosen cell' });
  await expect(panel).toContainText('Both interrupt, and only one may at a time.');
  await expect(panel).toContainText('Met by: not a member');
  await expectAccessible(page);
  await panel.getByRole('button', { name: 'Show First-order lamp offer first' }).click();
  await expect(panel).toContainText('First-order lamp offer comes first by its priority.');
  await page.keyboard.press('Tab');
});

test('five thousand visitors are played in the browser, and the same seed gives the same figures', async ({
  page,
}) => {
  await signIn(page, 'widgets');
  await page.getByRole('button', { name: 'Traffic', exact: true }).click();
  const row = page.getByRole('row', { name: /^Sky letter/ });
  await expect(page.getByRole('button', { name: 'Play traffic' })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByText('5,000', { exact: true })).toBeVisible();
  const first = await row.textContent();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Play traffic' }).click();
  await expect(page.getByRole('progressbar')).toHaveCount(0, { timeout: 30_000 });
  expect(await row.textContent()).toBe(first);
  await expect(page.getByRole('row', { name: /^Basket/ })).toContainText('Only when');
  await test.step('what the visitors are like is changed: the figures follow', async () => {
    await page.getByLabel('Visitors', { exact: true }).fill('800');
    await expect(page.getByText('800', { exact: true })).toBeVisible();
    await expect(page.getByText('5,000', { exact: true })).toHaveCount(0);
  });
  await test.step('many visitors are played for a while, and stopped', async () => {
    await page.getByLabel('Visitors', { exact: true }).fill('50000');
    await page.getByRole('button', { name: 'Stop' }).click();
    await expect(page.getByRole('progressbar')).toHaveCount(0);
    await expect(page.getByText('50,000', { exact: true })).toHaveCount(0);
    await page.getByLabel('Visitors', { exact: true }).fill('600');
    await expect(page.getByText('600', { exact: true })).toBeVisible();
  });
});

test('a draft runs on the live page before it is published, says why, and nothing of it is sent', async ({
  page,
  context,
}) => {
  await signIn(page);
  await dropDrafts(page);
  await openWidget(page, 'Sky letter');
  const triggers = await openPiece(page, 'Appear', /2nd page of a visit/);
  await triggers.getByRole('button', { name: /^Remove: on the 2nd page/ }).click();
  await menu(page, triggers.getByRole('button', { name: 'Add trigger' }), 'Time on page');
  await triggers.getByLabel('After (s)').fill('600');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Try live' }).click();
  await page.getByRole('button', { name: 'Create link' }).click();
  const open = page.getByRole('link', { name: 'Open the page' });
  await open.waitFor();
  const [live] = await Promise.all([context.waitForEvent('page'), open.click()]);
  const sent: string[] = [];
  live.on('request', (request) => request.method() === 'POST' && sent.push(request.url()));
  const panel = live.getByRole('region', { name: 'Sirene try' });
  await panel.getByText('Sky letter', { exact: true }).click();
  await expect(panel).toContainText('600 s after page load');
  expect(live.url()).not.toContain('sirene-try');
  await test.step('the clock can be set: what is due appears', async () => {
    const ahead = await live.evaluate(() => {
      const date = new Date(Date.now() + 601_000);
      return new Date(date.getTime() - date.getTimezoneOffset() * 60_000).toISOString().slice(0, 19);
    });
    await panel.getByLabel('Clock').fill(ahead);
    await panel.getByRole('button', { name: 'Set' }).click();
    const letter = live.getByRole('dialog', { name: 'The moor’s sky, once a month' });
    await expect(letter).toBeVisible();
    await letter.getByLabel('E-mail address').fill('mira@x.example');
    await letter.getByRole('button', { name: 'Send me the Sky letter' }).click();
    await expect(live.getByText('Thank you, and clear skies')).toBeVisible();
    expect(sent).toEqual([]);
  });
  await test.step('a link that is none says so, and the page is as for every visitor', async () => {
    await live.evaluate(() => sessionStorage.clear());
    await live.goto(`${demo}/journal/#sirene-try=${'x'.repeat(43)}`);
    await expect(live.getByRole('alert', { name: 'Sirene try' })).toContainText(
      'This try link does not exist',
    );
    await live.evaluate('sirene.ready');
  });
});

test('a bar that ends on a Friday is looked at in its last day by the clock, its date untouched', async ({
  page,
}) => {
  await signIn(page);
  await openWidget(page, 'Meteor night');
  const frame = page.frameLocator('iframe[title="The site’s page"]');
  const timer = frame.getByRole('timer');
  await expect(timer).not.toHaveAttribute('data-step', /.*/);
  await page.getByRole('button', { name: 'Preview', exact: true }).click();
  await page.getByRole('button', { name: 'Under 24 h' }).click();
  await expect(timer).toHaveAttribute('data-step', 'last-day');
  await expect(timer).toHaveCSS('background-color', 'rgb(255, 181, 71)');
  await page.getByRole('button', { name: 'Now', exact: true }).click();
  await expect(timer).not.toHaveAttribute('data-step', /.*/);
  await expect(page.getByRole('banner').getByText('Published', { exact: true })).toBeVisible();
});

test('a widget with a rule from the page’s own facts is published, and is there for whom it is meant', async ({
  page,
  context,
}) => {
  await signIn(page);
  await openWidget(page, 'Meteor night');
  const visitors = await openPiece(page, 'Arrive', /every visitor/);
  await addCondition(page, visitors, 'Custom fact');
  await visitors.getByLabel('Value').fill('');
  await visitors.getByLabel('Comparison').selectOption('more');
  await expect(visitors.getByRole('alert')).toContainText('must be a number');
  await visitors.getByLabel('Value').fill('17');
  await visitors.getByLabel('Fact name').fill('age');
  await page.keyboard.press('Escape');
  await expect(sentence(page, 'arrive')).toContainText('visitors whose age is more than 17');
  await saved(page);
  await publish(page);
  const visitor = await context.newPage();
  await visitor.goto(`${demo}/shows/`);
  await visitor.waitForFunction(() => 'sirene' in window);
  await visitor.evaluate('sirene.ready');
  await expect(visitor.getByRole('timer')).toHaveCount(0);
  await visitor.evaluate('sirene.set({ age: 18, long: "x".repeat(1_000_000) })');
  await expect(visitor.getByRole('timer')).toBeVisible();
  const why = await visitor.evaluate('sirene.why()');
  expect(why).toMatchObject({ 'meteor-night': { open: true } });
  // As it was, for those who come after.
  await page.bringToFront();
  await openPiece(page, 'Arrive', /whose age/);
  await menu(page, page.getByRole('button', { name: 'Actions: Whose age is more than 17' }), 'Remove');
  // What had the focus is gone; it is not lost with it.
  await expect(visitors.locator(':focus')).toBeVisible();
  await page.keyboard.press('Escape');
  await saved(page);
  await publish(page);
});

test('a rule of three triggers, a tree of conditions and a schedule reads as one sentence', async ({
  page,
}) => {
  await signIn(page);
  await openWidget(page, 'Sky letter');

  const pages = await openPiece(page, 'Arrive', /pages under/);
  await pages.getByLabel('Include').fill('/journal/*');
  await page.keyboard.press('Escape');

  const visitors = await openPiece(page, 'Arrive', /every visitor/);
  await addCondition(page, visitors, 'Page type');
  await addCondition(page, visitors, 'Member or guest');
  await addCondition(page, visitors, 'Pages seen this visit');
  await addCondition(page, visitors, 'Campaign');
  await addCondition(page, visitors, 'Another widget');
  const chooser = visitors.getByRole('combobox', { name: 'Widget' });
  await chooser.fill('Ask the');
  await page.getByRole('option', { name: 'Ask the observatory' }).click();
  await expect(sentence(page, 'arrive')).toHaveText(
    'Shown on pages under /journal of type Article, to visitors who are not members, on their 2nd page or later, who came from a campaign and who have not submitted “Ask the observatory”, at any time.',
  );

  await test.step('moved, wrapped and unwrapped by keys and menus, it means what it says', async () => {
    const member = visitors.getByRole('button', { name: 'Who are not members', exact: true });
    await member.focus();
    await page.keyboard.press('Alt+ArrowDown');
    await expect(sentence(page, 'arrive')).toContainText('on their 2nd page or later, who are not members');
    await menu(
      page,
      visitors.getByRole('button', { name: 'Actions: Who came from a campaign' }),
      'Put in a group',
    );
    await addCondition(page, visitors.getByRole('group', { name: 'Any of' }), 'New or returning');
    await expect(sentence(page, 'arrive')).toContainText('(who came from a campaign or who are new)');
    await menu(page, visitors.getByRole('button', { name: 'Actions: Any of' }), 'Ungroup');
    await expect(sentence(page, 'arrive')).toContainText('who came from a campaign, who are new');
    await expectAccessible(page, '[role=dialog]');
  });

  await test.step('what nobody can match is said while it is edited', async () => {
    await addCondition(page, visitors, 'Visits');
    await expect(visitors.getByRole('alert')).toHaveText(
      'Nobody can match: who are new and on their 2nd visit or later.',
    );
    await menu(
      page,
      visitors.getByRole('button', { name: 'Actions: On their 2nd visit or later' }),
      'Remove',
    );
    await menu(page, visitors.getByRole('button', { name: 'Actions: Who are new' }), 'Remove');
    await expect(visitors.getByRole('alert')).toHaveCount(0);
    await page.keyboard.press('Escape');
  });

  await test.step('a schedule in the site’s zone; what it can’t be is refused where it is typed', async () => {
    const schedule = await openPiece(page, 'Arrive', /at any time/);
    await schedule.getByRole('button', { name: 'Add hours' }).click();
    for (const day of ['Mon', 'Tue']) await schedule.getByText(day, { exact: true }).click();
    await schedule.getByRole('textbox', { name: 'To' }).fill('15:00');
    await expect(schedule.getByRole('alert')).toContainText('must be later than the start');
    await schedule.getByRole('textbox', { name: 'To' }).fill('23:00');
    await expect(schedule.getByRole('alert')).toHaveCount(0);
    await schedule.getByLabel('Until', { exact: true }).fill('2027-01-31T23:00');
    await page.keyboard.press('Escape');
    await expect(sentence(page, 'arrive')).toContainText(
      'only Wednesday to Sunday, 16:00 to 23:00, until 31 January 2027, 23:00 (Europe/London).',
    );
  });

  const frequency = await openPiece(page, 'Appear', /at most once/);
  await frequency.getByLabel('Frequency').selectOption('days');
  await frequency.getByText('Limit in all').click();
  await page.keyboard.press('Escape');
  await expect(sentence(page, 'appear')).toContainText('at most once per week, 3 times in all.');
  await saved(page);
});

test('traffic goes by its table of paths, which is edited and reset', async ({ page }) => {
  await signIn(page, 'widgets');
  await page.getByText('Traffic', { exact: true }).click();
  await page.getByRole('button', { name: 'Paths through the site' }).click();
  const home = page.getByLabel('Visit starts in, next Home');
  await expect(home).toHaveValue(/^[1-9]\d$/);
  const likely = await home.inputValue();
  await home.fill('0');
  await page.getByRole('button', { name: 'Reset', exact: true }).click();
  await expect(home).toHaveValue(likely);
  await expectAccessible(page);
});

test('a countdown takes its date and zone from a calendar file; what is none is refused in words', async ({
  page,
}) => {
  await signIn(page);
  await openWidget(page, 'Meteor night');
  await page.getByRole('treeitem', { name: /Until/ }).click();
  const give = (text: string) =>
    page
      .getByLabel('Calendar file')
      .setInputFiles({ name: 'night.ics', mimeType: 'text/calendar', buffer: Buffer.from(text) });
  await give('no calendar');
  await expect(page.getByRole('alert')).toHaveText('This is not a calendar file (.ics).');
  const lines = [
    'BEGIN:VEVENT',
    'UID:1',
    'SUMMARY:Night',
    'DTSTART;TZID=Europe/Berlin:20271213T210000',
    'END:VEVENT',
  ];
  await give(['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:x', ...lines, 'END:VCALENDAR', ''].join('\r\n'));
  await expect(page.getByLabel('End date', { exact: true })).toHaveValue('2027-12-13T21:00');
  await expect(page.getByLabel('Time zone')).toHaveValue('Europe/Berlin');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Time zone')).toHaveValue('Europe/London');
  await saved(page);
});
