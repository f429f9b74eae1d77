// Each view as its picture shows it.

async function openWidget(page, studio, name) {
  const get = async (path) => (await page.request.get(`${studio}${path}`)).json();
  const site = (await get('/api/sites')).find(({ key }) => key === 'larkmoor');
  const widget = (await get(`/api/sites/${site.id}/widgets`)).find((one) => one.name === name);
  await page.goto(`${studio}/widgets/${widget.id}`);
  await page.getByRole('tree', { name: 'Elements' }).waitFor();
  await page.frameLocator('iframe[title="The site’s page"]').locator('.box').first().waitFor();
}

export const views = {
  async widgets({ page, studio }) {
    await page.goto(`${studio}/widgets`);
    await page.getByRole('table').getByRole('link').first().waitFor();
  },

  async editor({ page, studio }) {
    await openWidget(page, studio, 'Sky letter');
  },

  async element({ page, studio }) {
    await openWidget(page, studio, 'Sky letter');
    await page.getByRole('treeitem', { name: /E-mail address/ }).click();
  },

  async journey({ page, studio }) {
    await openWidget(page, studio, 'First-order lamp offer');
    await page.getByRole('group', { name: 'Stations' }).getByRole('button', { name: 'Arrive' }).click();
    await page
      .locator('[data-sentence]')
      .getByRole('button', { name: /not members/ })
      .click();
    await page.getByRole('dialog').last().waitFor();
  },

  async rehearsal({ page, studio }) {
    await openWidget(page, studio, 'First-order lamp offer');
    await page.getByRole('button', { name: 'Rehearse a visit' }).click();
    await page.getByRole('button', { name: 'Pause' }).click();
    await page.getByRole('button', { name: 'Exit intent' }).click();
    for (let step = 0; step < 2; step++) await page.getByRole('button', { name: 'Wait 10 s' }).click();
    await page.getByRole('list', { name: 'What happened' }).getByText(/waits/).first().waitFor();
  },

  async plan({ page, studio }) {
    await page.goto(`${studio}/widgets`);
    await page.getByRole('button', { name: 'Page plan' }).click();
    const clash = /^First-order lamp offer: some visitors, \d+ undecided clash/;
    await page.getByRole('gridcell', { name: clash }).first().click();
    await page.getByRole('region', { name: 'Chosen cell' }).waitFor();
  },

  async traffic({ page, studio }) {
    await page.goto(`${studio}/widgets`);
    await page.getByRole('button', { name: 'Traffic', exact: true }).click();
    await page.getByText('5,000', { exact: true }).waitFor({ timeout: 60_000 });
  },

  async scenes({ page, studio }) {
    await openWidget(page, studio, 'Basket');
  },

  async starters({ page, studio }) {
    await page.goto(`${studio}/starters`);
    await page.getByRole('heading', { name: 'Starters' }).waitFor();
    await page.waitForTimeout(1500);
  },

  async brand({ page, studio }) {
    await page.goto(`${studio}/brand`);
    await page.getByRole('tab', { name: 'Looks' }).click();
  },

  async 'shared-change'({ page, studio }) {
    await page.goto(`${studio}/brand`);
    await page.getByLabel(/^accent ?buttons/).click();
    await page.getByLabel('Colour as text').fill('#7a2048');
    await page.keyboard.press('Escape');
    await page.getByRole('button', { name: 'Save for site' }).click();
    await page.getByRole('heading', { name: /widgets look different/ }).waitFor();
    await page.getByRole('listitem').filter({ hasText: 'Sky letter' }).locator('.r-button').last().waitFor();
  },

  async people({ page, studio }) {
    await page.goto(`${studio}/people`);
    await page.getByRole('row').nth(1).waitFor();
    await page.locator('select').filter({ hasText: 'All widgets' }).selectOption({ label: 'School visit' });
    await page.getByText('Heathfield School').first().waitFor();
  },

  async dark({ page, studio }) {
    await page.goto(`${studio}/people/leads`);
    await page
      .getByText(/\d+ children/)
      .first()
      .waitFor();
  },

  async desk({ page, browser, studio, demo }) {
    const visitor = await (await browser.newContext()).newPage();
    await visitor.goto(`${demo}/tonight/`);
    await visitor.getByRole('button', { name: 'Evening desk' }).click();
    const panel = visitor.getByRole('dialog', { name: 'Evening desk' });
    await panel.getByLabel('Write a message').fill('Is the dome open on Friday, and can we come by bus?');
    await visitor.keyboard.press('Enter');
    await panel.getByLabel('Your name').fill('Runa Falk');
    await panel.getByLabel('Your e-mail address').fill('runa@falk.example');
    await panel.getByRole('button', { name: 'Send' }).click();
    await page.goto(`${studio}/desk`);
    await page.getByRole('button', { name: /Runa Falk/ }).click();
    await page
      .getByRole('textbox', { name: 'Answer' })
      .fill('It is, from nine. The last bus back leaves at twenty to twelve.');
    await page.keyboard.press('Enter');
    await panel.getByText('It is, from nine.').waitFor();
    await visitor.goto(`${demo}/members/`);
    await page.getByRole('list', { name: 'Pages seen' }).waitFor();
  },

  async site({ page, studio, demo }) {
    await page.goto(`${demo}/members/`);
    await page.goto(`${studio}/site`);
    await page.getByText('Connected', { exact: true }).waitFor();
  },

  async publishing({ page, studio }) {
    await page.goto(`${studio}/widgets`);
    await page.getByRole('button', { name: 'New widget' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill('Last night of the comet');
    await page.getByRole('dialog').getByRole('button', { name: 'Create' }).click();
    for (const kind of ['Heading', 'Countdown', 'Button']) {
      await page.getByRole('button', { name: 'Add', exact: true }).click();
      await page.getByRole('menuitem', { name: kind, exact: true }).click();
    }
    await page.getByText('Saved', { exact: true }).waitFor();
    await page.getByRole('button', { name: 'Publish', exact: true }).click();
    await page.getByText('Publish as it is?').waitFor();
  },

  async post({ page, browser, studio, demo }) {
    const visitor = await (await browser.newContext()).newPage();
    await visitor.goto(`${demo}/contact/`);
    await visitor.getByLabel('Your name').fill('Runa Falk');
    await visitor.getByLabel('E-mail address').fill('runa@falk.example');
    await visitor.getByLabel('Your question').fill('Can we come up by bus on a Friday?');
    await visitor.getByRole('button', { name: 'Send the question' }).click();
    await visitor.getByText('We’ve got your message').waitFor();
    await page.goto(`${studio}/post`);
    await page.getByRole('button', { name: /Your question to Larkmoor/ }).click({ timeout: 60_000 });
    await page
      .frameLocator('iframe[title="The e-mail as HTML"]')
      .getByText('Can we come up by bus')
      .waitFor();
  },

  async visitor({ page, demo }) {
    await page.goto(`${demo}/journal/first-telescope/`);
    await page.goto(`${demo}/journal/dark-adaptation/`);
    await page.getByRole('dialog', { name: 'The moor’s sky, once a month' }).waitFor({ timeout: 60_000 });
  },

  // The last one: it adds a site.
  async setup({ page, studio, demo }) {
    await page.goto(`${studio}/start`);
    await page.getByLabel('Site URL').fill(demo);
    await page.getByLabel('Name').fill('Larkmoor Shop');
    await page.getByRole('button', { name: 'Create site' }).click();
    await page.getByText('#ffb547').first().waitFor();
  },
};
