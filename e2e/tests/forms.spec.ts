import { expect, type Page } from '@playwright/test';
import {
  add,
  demo,
  expectAccessible,
  inspector,
  larkmoor,
  newWidget,
  openPiece,
  openWidget,
  row,
  saved,
  signIn,
  studio,
  stage,
} from './helpers.ts';
import { test } from '../studio-test.ts';

// A form where a visitor becomes a lead: asked in steps, by conditions, with a sum while they type; and what follows it.

const dialog = (page: Page) => page.getByRole('dialog');

/** The contact page, with the school visit open on it. */
async function openVisit(page: Page): Promise<void> {
  await page.goto(`${demo}/contact/`);
  await page.getByRole('link', { name: 'Ask for a group visit' }).click();
  await expect(dialog(page)).toBeVisible();
}

/** A date so many days from today where the browser is, as its field takes it. */
const inDays = (days: number) => {
  const date = new Date(Date.now() + days * 86_400_000);
  return date.toISOString().slice(0, 10);
};

test('a school asks for a visit in three steps, and everybody who should know knows', async ({ page }) => {
  await openVisit(page);
  const visit = dialog(page);
  const total = visit.getByRole('status').filter({ hasText: '€' });

  // What is wrong is listed, and each line leads to its field; mended, it goes from the list.
  await visit.getByRole('button', { name: 'Next: the evening' }).click();
  await expect(visit.getByText('Please check these answers')).toBeVisible();
  await expectAccessible(page);
  await visit.getByRole('link', { name: /^Number of children/ }).click();
  await expect(visit.getByLabel('Number of children')).toBeFocused();
  await page.keyboard.type('44');
  await expect(visit.getByRole('link', { name: /^Number of children/ })).toHaveCount(0);

  // What is asked depends on the answer before, and the sum follows each key.
  await expect(visit.getByLabel('Name of the school')).toBeHidden();
  await visit.getByLabel('A school').check();
  await visit.getByLabel('Name of the school').fill('Stone Lane');
  await visit.getByLabel('Accompanying adults').fill('5');
  await expect(total).toHaveText('€161');
  await page.keyboard.press('Enter');

  // A date that is too early is said when the field is left.
  await expect(visit.getByRole('group', { name: 'Step 2 of 3: The evening' })).toBeFocused();
  await visit.getByLabel('Date').fill(inDays(2));
  await visit.getByLabel('Anything we should know').click();
  await expect(visit.getByText(/^Please choose .* or later$/)).toBeVisible();
  await visit.getByLabel('Date').fill(inDays(30));
  await visit.getByRole('button', { name: 'Back' }).click();
  await expect(visit.getByLabel('Number of children')).toHaveValue('44');
  await visit.getByRole('button', { name: 'Next: the evening' }).click();
  await visit.getByRole('button', { name: 'Next: your details' }).click();

  // A file is sent as it is chosen; one of another type is not.
  const slip = visit.getByLabel('Permission slip');
  await slip.setInputFiles({ name: 'slip.exe', mimeType: 'application/pdf', buffer: Buffer.from('MZ') });
  await expect(visit.getByText('slip.exe is of another type than is asked for here')).toBeVisible();
  await slip.setInputFiles({ name: 'forged.pdf', mimeType: 'application/pdf', buffer: Buffer.from('MZ') });
  await expect(visit.getByText('forged.pdf is of another type than is asked for here')).toBeVisible();
  await visit.getByRole('button', { name: 'Remove forged.pdf' }).click();
  await slip.setInputFiles({
    ...{ name: 'slip.pdf', mimeType: 'application/pdf' },
    buffer: Buffer.from('%PDF-1.7\ntrailer\n<<>>\n%%EOF\n'),
  });
  await expect(visit.getByRole('listitem').filter({ hasText: 'slip.pdf' })).toBeVisible();
  await expect(visit.getByRole('progressbar')).toHaveCount(0);
  await expectAccessible(page);

  // What was typed is there after a reload, at the step where one was.
  await visit.getByLabel('Your name').fill('Mira Stone');
  await page.reload();
  await page.getByRole('link', { name: 'Ask for a group visit' }).click();
  await expect(visit.getByLabel('Your name')).toHaveValue('Mira Stone');
  await expect(total).toHaveText('€161');
  await expect(visit.getByRole('listitem').filter({ hasText: 'slip.pdf' })).toBeVisible();
  await visit.getByLabel('E-mail address').fill('mira@stone.example');
  await visit.getByLabel(/^Phone/).fill('01632 960 001');
  await visit.getByLabel(/The observatory may keep/).check();
  await visit.getByRole('button', { name: 'Ask for this visit' }).click();
  await expect(visit.getByRole('heading', { name: 'Thank you, Mira Stone' })).toBeVisible();

  await signIn(page, 'people');
  const submission = page.getByRole('region', { name: 'Submission' });
  await expect(submission).toContainText('Stone Lane');
  await expect(submission).toContainText('161');
  await expect(submission.getByRole('listitem').getByText(/^Sent /)).toHaveCount(6, { timeout: 20_000 });
  const download = page.waitForEvent('download');
  await submission.getByRole('link', { name: 'slip.pdf' }).click();
  expect((await download).suggestedFilename()).toBe('slip.pdf');

  await page.getByRole('link', { name: 'Test services' }).click();
  const mails = page.getByRole('list', { name: 'E-mails' });
  await mails
    .getByRole('button', { name: /mira@stone\.example/ })
    .first()
    .click();
  await expect(page.frameLocator('iframe[title="The e-mail as HTML"]').locator('body')).toContainText(
    'Dear Mira Stone,',
  );
  await page.getByText('event.ics').click();
  await expect(page.getByText('SUMMARY:A visit to Larkmoor Observatory: 44 children')).toBeVisible();
  await mails
    .getByRole('button', { name: /schools@larkmoor\.example/ })
    .first()
    .click();
  await expect(page.getByRole('heading', { name: /^Stone Lane wants to come on/ })).toBeVisible();
  await page.getByRole('tab', { name: 'Webhooks' }).click();
  const hooks = page.getByRole('table', { name: 'Webhooks' });
  await expect(hooks.getByText('Valid', { exact: true })).toHaveCount(1);
  await hooks.locator('summary').click();
  await expect(hooks).toContainText('"value": 44');
  await expectAccessible(page);
});

test('who is not asked is not told: a club of ten has no school, no phone and no webhook', async ({
  page,
}) => {
  await openVisit(page);
  const visit = dialog(page);
  await visit.getByLabel('A school').check();
  await visit.getByLabel('Name of the school').fill('Stone Lane');
  await visit.getByLabel('A club').check();
  await visit.getByLabel('Number of children').fill('10');
  await visit.getByLabel('Accompanying adults').fill('1');
  await visit.getByRole('button', { name: 'Next: the evening' }).click();
  await visit.getByLabel('Date').fill(inDays(20));
  await expect(visit.getByText('What fits your lessons?')).toBeHidden();
  await visit.getByRole('button', { name: 'Next: your details' }).click();
  await expect(visit.getByLabel(/^Phone/)).toBeHidden();
  await visit.getByLabel('Your name').fill('Jory Holt');
  await visit.getByLabel('E-mail address').fill('jory@holt.example');
  await visit.getByLabel(/The observatory may keep/).check();
  const sent = page.waitForRequest((request) => request.url().endsWith('/submissions'));
  await visit.getByRole('button', { name: 'Ask for this visit' }).click();
  const { values } = (await sent).postDataJSON() as { values: Record<string, string> };
  expect(Object.keys(values).sort()).toEqual([
    'adults',
    'children',
    'consent',
    'date',
    'email',
    'from',
    'group',
    'name',
    'needs',
    'slip',
    'total',
  ]);
  expect(values['total']).toBe('40');
});

test('a designer gives a form a condition and a formula, and is told of what can’t be', async ({ page }) => {
  await signIn(page);
  await newWidget(page, 'Guest list');
  await add(page, 'Name field');
  await inspector(page).getByLabel('Label', { exact: true }).fill('Your name');
  await add(page, 'Long text field');
  await inspector(page).getByLabel('Label', { exact: true }).fill('Your question');
  await row(page, 'Your name').click();
  await add(page, 'Number field');
  await inspector(page).getByLabel('Label', { exact: true }).fill('Guests');
  await inspector(page).getByLabel('Minimum', { exact: true }).fill('ten');
  await expect(inspector(page).getByText('Not applied: it must be a number.')).toBeVisible();
  await inspector(page).getByLabel('Minimum', { exact: true }).fill('1');

  await add(page, 'Calculated value');
  const formula = inspector(page).locator('.cm-content');
  await formula.click();
  await page.keyboard.type('number * gue');
  await expect(inspector(page).getByText('The formula has “gue”, which no field is called.')).toBeVisible();
  await page.keyboard.press('Escape');
  for (let at = 0; at < 3; at++) await page.keyboard.press('Backspace');
  await page.keyboard.type('4');
  await expect(inspector(page).getByText(/^The formula has/)).toHaveCount(0);

  await row(page, /^Your question/).click();
  await inspector(page)
    .getByRole('button', { name: /^Shown when/ })
    .click();
  await inspector(page).getByRole('button', { name: 'Add condition' }).first().click();
  await expect(
    inspector(page).getByRole('button', { name: 'Your name is filled in', exact: true }),
  ).toBeVisible();
  await inspector(page).getByRole('button', { name: 'Your name is filled in', exact: true }).click();
  await inspector(page).getByLabel('Field', { exact: true }).selectOption({ label: 'Guests' });
  await inspector(page).getByLabel('Comparison', { exact: true }).selectOption({ label: 'More than' });
  await inspector(page).getByLabel('Value', { exact: true }).fill('2');
  await expect(
    inspector(page).getByRole('button', { name: 'Guests is more than 2', exact: true }),
  ).toBeVisible();
  await saved(page);
  await page.reload();
  await row(page, /^Your question/).click();
  await expect(
    inspector(page).getByRole('button', { name: 'Guests is more than 2', exact: true }),
  ).toBeVisible();

  const actions = await openPiece(page, 'Afterwards', /nobody/);
  await actions.getByRole('button', { name: 'Add action' }).click();
  await page.getByRole('menuitem', { name: 'Auto-reply' }).click();
  await actions.getByRole('button', { name: 'Insert into Subject' }).click();
  await page.getByRole('menuitem', { name: /^Guests/ }).click();
  await expect(actions.getByRole('textbox', { name: 'Subject' })).toHaveValue(/\{\{number\}\}/);
  await actions.getByRole('textbox', { name: 'Text' }).fill('Dear {{nobody}}');
  await expect(actions.getByText('{{nobody}} stands for nothing in this form')).toBeVisible();
  await actions.getByRole('textbox', { name: 'Text' }).fill('Dear {{name}}');
  await page.keyboard.press('Escape');
  await expect(page.locator('[data-sentence=afterwards]')).toContainText('the sender gets a reply by e-mail');
});

test('a rehearsal goes through the steps as a visitor does', async ({ page }) => {
  await signIn(page);
  await openWidget(page, 'School visit');
  await row(page, 'Date').click();
  await expect(stage(page).getByLabel('Date', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Rehearse a visit' }).click();
  await page.getByRole('button', { name: 'Open widget' }).click();
  await stage(page).getByLabel('Family and friends').check();
  await stage(page).getByLabel('Number of children').fill('8');
  await stage(page).getByLabel('Accompanying adults').fill('2');
  await expect(stage(page).getByText('€39')).toBeVisible();
  await stage(page).getByRole('button', { name: 'Next: the evening' }).click();
  await expect(page.getByRole('list', { name: 'What happened' })).toContainText('Goes on to the next step');
  await expect(stage(page).getByLabel('Date', { exact: true })).toBeVisible();
});

test('what a program fills in is held back, and let through by hand', async ({ page }) => {
  await page.goto(`${demo}/shows/`);
  await page.getByRole('link', { name: 'Tell us how it was' }).click();
  const form = dialog(page).last();
  for (const row of ['the welcome', 'the talk', 'the view through the telescope', 'the cocoa'])
    await form.getByRole('radiogroup', { name: row }).getByLabel('Good').check();
  await form.getByLabel('5', { exact: true }).check();
  // As a program does that fills in all that it finds.
  await form.locator('input[name=Website]').evaluate((input: HTMLInputElement) => {
    input.value = 'https://cheap.example';
  });
  await form.getByRole('button', { name: 'Send it to the team' }).click();
  await expect(form.getByRole('heading', { name: 'Thank you' })).toBeVisible();

  await signIn(page, 'people');
  await page.getByRole('button', { name: /^Held back as spam/ }).click();
  const submission = page.getByRole('region', { name: 'Submission' });
  await expect(submission).toContainText('A field that visitors can’t see was filled in.');
  await expectAccessible(page);
  await submission.getByRole('button', { name: 'Let it through' }).click();
  await expect(submission.getByRole('listitem').getByText(/^(Waiting|Sent) /)).toHaveCount(1);
});

test('an address, another answer, a phone number and a signature: typed, drawn, kept over a reload, and read', async ({
  page,
}) => {
  await signIn(page);
  const headers = { origin: studio };
  const site = await larkmoor(page);
  const field = (kind: string, key: string, label: string, more = {}) => ({
    ...{ type: 'field', kind, key, label, required: true },
    ...more,
  });
  const document = {
    ...{ schema: 1, name: 'Loan of a telescope', kind: 'form', style: {} },
    placement: { type: 'page', at: 'centre', width: 640 },
    scenes: { opening: { root: 'opening' }, thanks: { root: 'thanks' } },
    elements: {
      opening: { type: 'group', direction: 'column', children: ['form'] },
      thanks: { type: 'group', direction: 'column', children: ['said'] },
      said: { type: 'text', level: 2, content: [{ text: 'It is yours for a month' }] },
      form: { type: 'form', children: ['name', 'home', 'phone', 'which', 'signed', 'send'] },
      name: field('name', 'name', 'Your name'),
      home: {
        ...{ type: 'address', key: 'home', label: 'Where you live', order: 'postcode-city', required: true },
        lines: { street: 'Street', postcode: 'Postcode', city: 'City' },
      },
      phone: field('phone', 'phone', 'Phone', { country: 'GB' }),
      which: field('choice', 'which', 'Which one', { options: ['Refractor', 'Reflector'], other: 'Another' }),
      signed: { type: 'signature', key: 'signed', label: 'Signature', required: true },
      send: { type: 'button', label: 'Borrow it', action: { type: 'submit' }, wide: false },
    },
  };
  const starting = await page.request.post(`${studio}/api/sites/${site}/widgets`, {
    headers,
    data: { name: document.name, kind: 'form' },
  });
  const widget = (await starting.json()) as { id: string; draftVersion: number; document: object };
  const put = await page.request.put(`${studio}/api/widgets/${widget.id}/draft`, {
    headers,
    data: { base: widget.draftVersion, document: { ...widget.document, ...document } },
  });
  expect([put.status(), put.ok() ? '' : await put.text()]).toEqual([200, '']);
  const { draftVersion } = (await put.json()) as { draftVersion: number };
  await page.request.post(`${studio}/api/widgets/${widget.id}/publish`, {
    headers,
    data: { base: draftVersion },
  });

  await page.goto(`${studio}/p/larkmoor/loan-of-a-telescope`);
  await page.getByLabel('Your name', { exact: true }).fill('Finn Abel');
  await page.getByLabel('Street').fill('Fell Road 9');
  await page.getByLabel('Postcode').fill('LM2 7PT');
  await page.getByLabel('City').fill('Tarn');
  await page.getByLabel('Phone').fill('12');
  await page.getByRole('textbox', { name: 'Another' }).fill('The old brass one');
  await page.reload();
  await expect(page.getByRole('textbox', { name: 'Another' })).toHaveValue('The old brass one');
  await expect(page.getByRole('radio', { name: 'Another' })).toBeChecked();
  await page.getByRole('button', { name: 'Borrow it' }).click();
  await expect(page.getByText('Please check the number').first()).toBeVisible();
  await expectAccessible(page);
  await page.getByLabel('Phone').fill('020 7946 0018');
  const area = page.getByRole('img', { name: 'Signature' });
  const box = await area.boundingBox();
  if (!box) throw new Error('There is nowhere to sign');
  await page.mouse.move(box.x + 30, box.y + 30);
  await page.mouse.down();
  for (const at of [60, 90, 140, 200]) await page.mouse.move(box.x + at, box.y + 20 + (at % 60));
  await page.mouse.up();
  await page.getByRole('button', { name: 'Borrow it' }).click();
  await expect(page.getByRole('heading', { name: 'It is yours for a month' })).toBeVisible();

  await page.goto(`${studio}/people`);
  await page.getByRole('button', { name: /\+442079460018/ }).click();
  const submission = page.getByRole('region', { name: 'Submission' });
  await expect(submission.getByRole('img', { name: 'Signature' })).toBeVisible();
  await expect(submission.getByText('The old brass one')).toBeVisible();
  await expect(submission.getByRole('link', { name: '020 7946 0018' })).toHaveAttribute(
    'href',
    'tel:+442079460018',
  );
  await expect(submission.getByText('Fell Road 9')).toBeVisible();
});
