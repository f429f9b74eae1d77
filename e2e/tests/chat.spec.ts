import { execFile } from 'node:child_process';
import { promisify } from 'node:util';
import { expect } from '@playwright/test';
import { demo, expectAccessible, signIn, studio } from './helpers.ts';
import { root } from '../../scripts/lib.mjs';
import { test } from '../studio-test.ts';

const picture = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

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

  // Who is writing is said on both sides; a picture is drawn, and opens large.
  await tab.getByLabel('Write a message').pressSequentially('Look');
  await expect(page.getByText('Runa Falk is typing …')).toBeVisible();
  await answer.pressSequentially('One moment');
  await expect(panel.getByText(/is typing …$/)).toBeVisible();
  await answer.fill('');
  await panel
    .getByLabel('Add a file')
    .setInputFiles({ name: 'moon.png', mimeType: 'image/png', buffer: picture });
  await expect(panel.getByRole('img', { name: 'moon.png' })).toBeVisible();
  await expect(log.getByRole('img', { name: 'moon.png' })).toBeVisible();
  await panel
    .getByLabel('Add a file')
    .setInputFiles({ name: 'page.html', mimeType: 'text/html', buffer: Buffer.from('<script>') });
  await expect(panel.getByText(/^The file is too large, or of another kind/)).toBeVisible();
  await page.getByRole('button', { name: 'Make a lead' }).click();
  await expect(page.getByRole('link', { name: 'On the leads board' })).toBeVisible();

  await page.getByRole('button', { name: 'End conversation' }).click();
  await expect(panel.getByText('This conversation has ended.')).toBeVisible();
  await expect(list.getByRole('button', { name: /Runa Falk/ })).toHaveCount(0);
  await page.getByLabel('Show', { exact: true }).selectOption({ label: 'Closed' });
  await expect(list.getByRole('button', { name: /Runa Falk/ })).toBeVisible();
  await panel.getByRole('button', { name: '4 / 5' }).click();
  await expect(panel.getByText('Thank you for your rating.')).toBeVisible();
  await expect(list.getByRole('button', { name: /Runa Falk/ })).toContainText('4 of 5');
  await expectAccessible(visitor);
  await panel.getByRole('button', { name: 'Send me the conversation by e-mail' }).click();
  await expect(panel.getByText(/on its way to you by e-mail/)).toBeVisible();
  await page.goto(`${studio}/people/persons`);
  await page.getByRole('button', { name: /Runa Falk/ }).click();
  await expect(page.getByRole('list', { name: 'Timeline' })).toContainText('Wrote to Evening desk');
  await context.close();
});

test('by keys alone from one conversation to another: each keeps what is written in it, and what did not arrive', async ({
  page,
}) => {
  await signIn(page, 'desk');
  const row = page.getByRole('list', { name: 'Conversations' }).getByRole('button');
  const opened = page.getByRole('main').getByRole('heading', { level: 2 });
  const answer = page.getByRole('textbox', { name: /^(Answer|Note)$/ });
  const names = await Promise.all([0, 1].map((at) => row.nth(at).locator('p').first().textContent()));
  await row.first().click();
  await answer.fill('Yes, bring them.');
  await answer.press('Alt+ArrowDown');
  await expect(opened).toHaveText(names[1] ?? '');
  await expect(answer).toBeFocused();
  await expect(answer).toHaveValue('');
  await page.keyboard.type('It is on its way');
  await expect(page).toHaveURL(/conversation=/);
  // What is sent as one goes on, and does not arrive, is where it was written.
  let letFail = () => {};
  const failing = new Promise<void>((done) => {
    letFail = done;
  });
  await page.route('**/messages', (route) => failing.then(() => route.abort()));
  await answer.press('Enter');
  await answer.press('Alt+ArrowUp');
  await expect(opened).toHaveText(names[0] ?? '');
  letFail();
  await expect(answer).toHaveValue('Yes, bring them.');
  await answer.press('Alt+ArrowDown');
  await expect(answer).toHaveValue('It is on its way');
  await expect(page.getByRole('alert')).toContainText('can’t be reached');
  // One that can't be read says so, and is read once it can be.
  const reading = /\/conversations\/[^/]+\?after=/;
  await page.route(reading, (route) => route.abort());
  await row.first().click();
  await expect(page.getByRole('alert')).toContainText('can’t be reached');
  await expect(answer).toHaveCount(0);
  await page.unroute(reading);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(answer).toHaveValue('Yes, bring them.');
});

test('outside its hours a message is left, answered by e-mail, and goes on without sockets too', async ({
  page,
  browser,
}) => {
  await signIn(page, 'desk');
  // Whatever the hour, today is a day on which the shop is closed.
  const dates = [-1, 0, 1].map((days) => ({
    on: new Date(Date.now() + days * 86_400_000).toISOString().slice(0, 10),
  }));
  await page.evaluate(async (except) => {
    const send = async (path: string, method = 'GET', body?: object) => {
      const headers = { 'content-type': 'application/json' };
      const answer = await fetch(path, { method, headers, ...(body && { body: JSON.stringify(body) }) });
      return answer.status === 204 ? null : await answer.json();
    };
    const [site] = await send('/api/sites');
    const widgets = (await send(`/api/sites/${site.id}/widgets`)) as { id: string; name: string }[];
    const id = widgets.find(({ name }) => name === 'Shop desk')?.id;
    const { document, draftVersion } = await send(`/api/widgets/${id}`);
    const chat = Object.values(document.elements as Record<string, { type: string }>).find(
      ({ type }) => type === 'chat',
    );
    Object.assign(chat as object, { except });
    const saved = await send(`/api/widgets/${id}/draft`, 'PUT', { document, base: draftVersion });
    await send(`/api/widgets/${id}/publish`, 'POST', { base: saved.draftVersion });
  }, dates);

  const context = await browser.newContext({ reducedMotion: 'reduce' });
  const visitor = await context.newPage();
  await visitor.addInitScript(() => Reflect.deleteProperty(window, 'WebSocket'));
  await visitor.goto(`${demo}/till/`);
  await visitor.getByRole('button', { name: 'Shop desk' }).click();
  const panel = visitor.getByRole('dialog', { name: 'Shop desk' });
  await expect(
    panel.getByText('The shop is closed. Leave a message, and we answer by e-mail.'),
  ).toBeVisible();
  await panel.getByLabel('Your e-mail address').fill('otto@reed.example');
  await panel.getByLabel('Topic').selectOption('Return');
  await panel.getByLabel('Your question').fill('The lamp came in two pieces.');
  await panel.getByRole('button', { name: 'Send' }).click();
  await expect(panel.getByText('Please agree first')).toBeVisible();
  await expectAccessible(visitor);
  await panel.getByRole('checkbox').check();
  await panel.getByRole('button', { name: 'Send' }).click();
  await expect(panel.getByLabel('Topic')).toBeHidden();

  const list = page.getByRole('list', { name: 'Conversations' });
  await list.getByRole('button', { name: /otto@reed.example/ }).click();
  await expect(page.getByText('Return', { exact: true })).toBeVisible();
  // Who has gone is answered by mail.
  await context.close();
  await expect(page.getByText('Not on the page')).toBeVisible();
  await page.getByRole('textbox', { name: 'Answer' }).fill('A new one is on its way.');
  await page.keyboard.press('Enter');
  await expect
    .poll(async () => {
      const mails = (await (await page.request.get(`${studio}/api/post`)).json()) as {
        recipients: string[];
        subject: string;
      }[];
      return mails.find(({ recipients }) => recipients.includes('otto@reed.example'))?.subject;
    })
    .toMatch(/^Shop desk: /);
  // What was left stands among the submissions too.
  await page.goto(`${studio}/people`);
  await expect(page.getByRole('main').getByText('The lamp came in two pieces.').first()).toBeVisible();
});

test('visitors who are played keep the desk busy: they ask on once they are answered, thank, and rate', async ({
  page,
}) => {
  // What is printed, as the frame's own page has it.
  await page.addInitScript(() => {
    window.print = () =>
      window.parent.document.body.setAttribute('data-printed', document.body.textContent ?? '');
  });
  await signIn(page, 'desk');
  // Somebody who waits for a quarter of an hour, forty times as fast.
  const options = ['--seed', '13', '--at-once', '1', '--speed', '40', '--visits', '1'];
  const visitors = promisify(execFile)(process.execPath, [`${root}demo/dist/visitors.js`, ...options], {
    env: { ...process.env, SIRENE_PORT: new URL(studio).port, SIRENE_DEMO_PORT: new URL(demo).port },
  });
  await page
    .getByRole('list', { name: 'Conversations' })
    .getByRole('button', { name: /Mahala Price/ })
    .click();
  const log = page.getByRole('log');
  const answer = page.getByRole('textbox', { name: 'Answer' });
  for (const asked of [/a bright streak/, /It left a glow/, /send you the picture/]) {
    await expect(log).toContainText(asked);
    await answer.fill('A meteor. Please send it.');
    await page.keyboard.press('Enter');
  }
  await expect(log).toContainText('I will. Good night!');
  await expect(log.getByText('A meteor. Please send it.')).toHaveCount(3);
  expect((await visitors).stdout).toContain('Mahala Price has their answer');
  await expect(page.getByText('5 of 5')).toBeVisible();
  await page.getByRole('button', { name: 'Transcript' }).click();
  await page.getByRole('menuitem', { name: 'Print' }).click();
  await expect(page.locator('body')).toHaveAttribute('data-printed', /Mahala Price[^]*a bright streak/);
});

test('a messenger is set up by its checklist, and who writes there is answered from the desk', async ({
  page,
  browser,
}) => {
  await signIn(page, 'post');
  await page.getByRole('tab', { name: 'Messenger' }).click();
  await page.getByLabel('Behaviour').selectOption({ label: 'Sign with a wrong key' });
  await expect(page.getByLabel('Behaviour')).toHaveValue('wrong signature');
  await expectAccessible(page);
  await page.goto(`${studio}/site`);
  const steps = page.getByRole('list', { name: 'Checklist' });
  await page.getByRole('button', { name: 'Test all', exact: true }).click();
  await expect(steps.getByText('A test message arrived, but its signature is wrong.')).toBeVisible();
  await expect(steps.getByText(/Copy the signing key/)).toBeVisible();
  await expectAccessible(page);
  const { id } = (await (await page.request.get(`${studio}/api/sites`)).json())[0];
  const channel = `${studio}/api/sites/${id}/test-messenger`;
  const { webhookUrl, domains } = await (await page.request.get(channel)).json();
  const data = { webhookUrl, domains, behaviour: 'works' };
  await page.request.put(channel, { data, headers: { origin: studio } });
  await page.getByRole('button', { name: 'Test Signing key' }).click();
  await expect(steps.getByText('A test message arrived, and its signature is right.')).toBeVisible();

  const context = await browser.newContext({ reducedMotion: 'reduce' });
  const visitor = await context.newPage();
  await visitor.goto(`${demo}/members/`);
  await visitor.getByRole('button', { name: 'Evening desk' }).click();
  const opened = context.waitForEvent('page');
  await visitor.getByRole('link', { name: 'Write by messenger' }).click();
  const messenger = await opened;
  await messenger.getByLabel('Your name').fill('Ines Garrow');
  await messenger.getByLabel('Message').fill('May I bring a dog?');
  await messenger.getByRole('button', { name: 'Send' }).click();
  await page.goto(`${studio}/desk`);
  await page
    .getByRole('list', { name: 'Conversations' })
    .getByRole('button', { name: /Ines Garrow/ })
    .click();
  await expect(page.getByText('Writes by messenger')).toBeVisible();
  await expect(page.getByRole('link', { name: '/members/' })).toBeVisible();
  await page.getByRole('textbox', { name: 'Answer' }).fill('On a lead, yes.');
  await page.keyboard.press('Enter');
  await expect(messenger.frameLocator('iframe').getByText('On a lead, yes.')).toBeVisible();
  await context.close();
});

test('members of the site write to each other, block and report, and the desk looks after it', async ({
  page,
  browser,
}) => {
  // Two who have signed in on the client's site, each with the token that its server made for them.
  const signedIn = async (name: string) => {
    const context = await browser.newContext({ reducedMotion: 'reduce' });
    const member = await context.newPage();
    await member.goto(`${studio}/p/larkmoor/members-door`);
    await member.getByRole('button', { name: 'Register' }).click();
    await member.getByLabel('Your name').fill(name);
    await member.getByLabel('E-mail address').fill(`${name.replace(' ', '.').toLowerCase()}@circle.example`);
    await member.getByLabel('Password').fill('a longer starlight');
    await member.getByRole('button', { name: 'Create account' }).click();
    await expect(member.getByText(`Signed in as ${name}`)).toBeVisible();
    await member.getByRole('button', { name: /Members’ messages/ }).click();
    return member;
  };
  const lars = await signedIn('Lars Ivers');
  const mina = await signedIn('Mina Garrow');
  const panel = (member: typeof lars) => member.getByRole('dialog', { name: 'Members’ messages' });
  await expect(panel(lars).getByText(/^Nobody has written to you yet/)).toBeVisible();
  await panel(lars).getByLabel('Find a member').fill('mina');
  await panel(lars).getByRole('button', { name: 'Mina Garrow' }).click();
  await panel(lars).getByLabel('Write a message').fill('Shall we share a lamp?');
  await lars.keyboard.press('Enter');
  await expect(panel(lars).getByRole('log')).toContainText('Shall we share a lamp?');
  await expectAccessible(lars);

  await panel(mina)
    .getByRole('button', { name: /Lars Ivers/ })
    .click();
  await expect(panel(mina).getByRole('log')).toContainText('Shall we share a lamp?');
  await panel(mina).getByLabel('Write a message').fill('<b>Go away</b>');
  await panel(mina).getByRole('button', { name: 'Send' }).click();
  await expect(panel(lars).getByRole('log')).toContainText('<b>Go away</b>');

  await panel(lars).getByRole('button', { name: 'Report' }).click();
  await panel(lars).getByLabel('What is wrong?').fill('This is rude');
  await lars.keyboard.press('Enter');
  await expect(panel(lars).getByText('Thank you. The observatory looks at it.')).toBeVisible();
  await panel(lars).getByRole('button', { name: 'Block' }).click();
  await expect(panel(lars).getByRole('button', { name: 'Unblock' })).toBeVisible();
  await panel(mina).getByLabel('Write a message').fill('Sorry!');
  await panel(mina).getByRole('button', { name: 'Send' }).click();
  await expect(panel(mina).getByText('This member can’t be written to.')).toBeVisible();

  await signIn(page, 'desk');
  await page.getByRole('button', { name: 'Member reports (1)' }).click();
  const report = page.getByRole('region', { name: 'Report about Mina Garrow' });
  await expect(report).toContainText('“This is rude”');
  await expectAccessible(page);
  const remove = report.getByRole('button', { name: 'Remove' });
  await remove.click();
  await report.getByRole('button', { name: 'Remove for both' }).click();
  await expect(report.getByText('Removed', { exact: true })).toBeVisible();
  await expect(panel(lars).getByText('<b>Go away</b>')).toHaveCount(0);
  await report.getByRole('button', { name: 'Settle' }).click();
  await expect(report.getByText('Settled')).toBeVisible();
  await lars.context().close();
  await mina.context().close();
});

test('a chat goes on in a window of its own while its page is left, and a browser is made to forget it', async ({
  browser,
}) => {
  const context = await browser.newContext({ reducedMotion: 'reduce' });
  const page = await context.newPage();
  await page.goto(`${demo}/tonight/`);
  await page.getByRole('button', { name: 'Evening desk' }).click();
  const panel = page.getByRole('dialog', { name: 'Evening desk' });
  await panel.getByLabel('Your name').fill('Otto Lind');
  await panel.getByLabel('Your e-mail address').fill('otto@lind.example');
  await panel.getByLabel('Write a message').fill('Is there a bus?');
  await page.keyboard.press('Enter');
  const opened = context.waitForEvent('page');
  await panel.getByRole('button', { name: 'Open in a window' }).click();
  const own = await opened;
  const log = own.getByRole('dialog', { name: 'Evening desk' }).getByRole('log');
  await expect(log).toContainText('Is there a bus?');
  await expect(own.getByRole('button', { name: 'Open in a window' })).toHaveCount(0);
  await expectAccessible(own);
  await page.goto(`${demo}/members/`);
  await own.getByLabel('Write a message').fill('The last one back?');
  await own.keyboard.press('Enter');
  await page.getByRole('button', { name: /^Evening desk/ }).click();
  await expect(panel.getByRole('log')).toContainText('The last one back?');
  // From here on this browser knows nothing of it, in either window.
  await panel.getByRole('button', { name: 'Remove from this device' }).click();
  await expect(panel.getByLabel('Your name')).toBeVisible();
  await expect(panel.getByRole('log')).not.toContainText('The last one back?');
  await page.reload();
  await page.getByRole('button', { name: /^Evening desk/ }).click();
  await expect(panel.getByLabel('Your name')).toBeVisible();
  await context.close();
});
