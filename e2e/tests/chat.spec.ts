import { expect, test } from '@playwright/test';
import { demo, expectAccessible, signIn, studio } from './helpers.ts';

// A conversation, from the launcher on the client's page to the desk and back.

test('a visitor writes, is answered from the desk, goes on on another page, and the conversation ends', async ({
  page,
  browser,
}) => {
  await signIn(page, 'desk');
  await expect(page.getByText('1 waiting')).toBeVisible();
  const context = await browser.newContext({ reducedMotion: 'reduce' });
  const visitor = await context.newPage();
  await visitor.goto(`${demo}/tonight/`);
  await visitor.getByRole('button', { name: 'Evening desk' }).click();
  const panel = visitor.getByRole('dialog', { name: 'Evening desk' });
  await panel.getByLabel('Write a message').fill('Is the dome open on Friday?');
  await visitor.keyboard.press('Enter');
  // Who they are comes first.
  await expect(panel.getByLabel('Your name')).toBeFocused();
  await panel.getByLabel('Your name').fill('Runa Falk');
  await panel.getByLabel('Your e-mail address').fill('runa@falk.example');
  await expectAccessible(visitor);
  await panel.getByRole('button', { name: 'Send' }).click();
  await expect(panel.getByLabel('Your name')).toBeHidden();

  const list = page.getByRole('list', { name: 'Conversations' });
  await expect(list.getByRole('button', { name: /Runa Falk/ })).toContainText('Is the dome open on Friday?');
  await expect(page.getByText('2 waiting')).toBeVisible();
  await expect(page).toHaveTitle(/^\(2\) Desk/);
  // What comes in takes nobody away from what they are at.
  await expect(page.getByRole('log', { name: 'Conversation with Runa Falk' })).toHaveCount(0);
  await list.getByRole('button', { name: /Runa Falk/ }).click();
  const log = page.getByRole('log', { name: 'Conversation with Runa Falk' });
  await page.getByRole('textbox', { name: 'Answer' }).fill('It is, from nine.');
  await page.keyboard.press('Enter');
  await expect(panel.getByRole('log')).toContainText('It is, from nine.');
  await expect(page.getByText('1 waiting')).toBeVisible();
  await page.getByText('Note', { exact: true }).click();
  await page.getByRole('textbox', { name: 'Note' }).fill('Regular guest');
  await page.getByRole('button', { name: 'Save note' }).click();
  await expect(log.getByText('Regular guest')).toBeVisible();
  await expectAccessible(page);

  // On another page it goes on; an answer while it is folded up is counted.
  await visitor.goto(`${demo}/members/`);
  const launcher = visitor.getByRole('button', { name: /^Evening desk/ });
  await expect(launcher).toBeVisible();
  await page.getByText('Answer', { exact: true }).click();
  // What is often asked has a short name.
  const answer = page.getByRole('textbox', { name: 'Answer' });
  await answer.fill('Shall I keep two seats, {{name}}?');
  await page.getByRole('button', { name: 'Saved replies' }).click();
  await page.getByLabel('Short name').fill('seats');
  await page.getByRole('button', { name: 'Save answer' }).click();
  await expect(page.getByRole('button', { name: /^\/seats/ })).toBeVisible();
  await page.keyboard.press('Escape');
  await answer.fill('/sea');
  await expect(page.getByRole('group', { name: 'Fitting replies' })).toBeVisible();
  await answer.press('Enter');
  await expect(answer).toHaveValue('Shall I keep two seats, Runa Falk?');
  await answer.press('Enter');
  await expect(launcher).toHaveAccessibleName('Evening desk (1)');
  await expect(visitor).toHaveTitle(/^\(1\) /);
  await launcher.click();
  await expect(visitor).not.toHaveTitle(/^\(1\) /);
  const said = panel.getByRole('log').locator('p');
  await expect(said).toHaveText([
    /^Good evening/,
    'Is the dome open on Friday?',
    /It is, from nine\.$/,
    /Shall I keep two seats, Runa Falk\?$/,
  ]);

  // A second tab is the same conversation; what one writes is there in the other, once.
  const tab = await context.newPage();
  await tab.goto(`${demo}/tonight/`);
  await tab.getByRole('button', { name: /^Evening desk/ }).click();
  await tab.getByLabel('Write a message').fill('Yes, please.');
  await tab.keyboard.press('Enter');
  await expect(said).toHaveCount(5);
  await expect(log.getByText('Yes, please.')).toHaveCount(1);

  await page.getByRole('button', { name: 'End conversation' }).click();
  await expect(panel.getByText('This conversation has ended.')).toBeVisible();
  await expect(list.getByRole('button', { name: /Runa Falk/ })).toHaveCount(0);
  await page.getByLabel('Show', { exact: true }).selectOption({ label: 'Closed' });
  await expect(list.getByRole('button', { name: /Runa Falk/ })).toBeVisible();
  await page.goto(`${studio}/people/persons`);
  await page.getByRole('button', { name: /Runa Falk/ }).click();
  await expect(page.getByRole('list', { name: 'Timeline' })).toContainText('Wrote to Evening desk');
  await context.close();
});
