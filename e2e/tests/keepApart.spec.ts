import { expect, test, type Page } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import {
  addSurface,
  another,
  arrive,
  choose,
  expectAccessible,
  goTo,
  signIn,
  fakeCamera,
} from '../support.ts';

/** Desk and phone each have a home, a caddy and a near miss of their own. */
const width = (page: Page) => page.viewportSize()!.width;
const clientOf = (page: Page) => `Wren ${width(page)}`;
const caddyOf = (page: Page) => `Caddy ${width(page)}`;
const side = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Keep apart' }).getByRole('link', { name });

test.describe.serial('keep apart', () => {
  let page: Page;
  test.beforeAll(async ({ browser }, { project }) => {
    page = await (
      await browser.newContext({
        viewport: project.use.viewport,
        baseURL: process.env.BASE_URL,
        locale: 'en-GB',
      })
    ).newPage();
    await signIn(page, 'maren');
  });
  test.afterAll(() => page.context().close());

  test('the matrix, by keyboard and by route', async () => {
    await goTo(page, 'Keep apart');
    const chosen = page.locator('.pair[aria-selected="true"]');
    await expect(chosen).toHaveAccessibleName('Chlorine bleach with Vinegar 5 %: Never');
    await chosen.focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('.sheet .verdict__say')).toContainText('Alcohol');
    await page.getByRole('radio', { name: 'air' }).click();
    await expect(
      page.getByRole('gridcell', { name: 'Ammonia with Chlorine bleach: Never' }),
    ).toBeVisible();
    await expect(
      page.getByRole('gridcell', { name: 'Chlorine bleach with Vinegar 5 %: Care' }),
    ).toBeVisible();
    await expectAccessible(page);
  });

  test('how bad it could get follows amount and room', async () => {
    await page.getByRole('gridcell', { name: /^Chlorine bleach with Vinegar/ }).click();
    await expect(page.locator('.sheet .verdict__say')).toBeInViewport();
    const bad = page.getByRole('region', { name: 'How bad' });
    await expect(bad).toContainText('Could reach 85 ppm of chlorine');
    await bad.getByLabel('Room').fill('20');
    await expect(bad).toContainText('Could reach 42 ppm of chlorine');
  });

  test('may I? by two codes, and an unknown one', async () => {
    await side(page, 'May I?').click();
    const codes = page.getByLabel('Or its code');
    await codes.first().fill('s 101');
    await codes.last().fill('S-0106');
    await expect(page.getByRole('status').filter({ hasText: 'No. Never.' })).toBeVisible();
    await page.getByRole('radio', { name: 'shelf' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Yes.' })).toBeVisible();
    await page.getByRole('radio', { name: 'caddy' }).click();
    await codes.last().fill('X-99');
    await expect(page.getByText('Nobody can tell what is in it.')).toBeVisible();
    await expectAccessible(page);
  });

  test('may I? by the camera: what the label’s code says is looked up', async ({ browser }) => {
    const phone = await (
      await browser.newContext({
        viewport: { width: 390, height: 844 },
        baseURL: process.env.BASE_URL,
        locale: 'en-GB',
      })
    ).newPage();
    await phone.addInitScript(fakeCamera, { code: 'S-0106', looks: 3 });
    await signIn(phone, 'tobias');
    await phone.goto('/keep-apart/may-i');
    await phone.getByLabel('Or its code').first().fill('S-0101');
    await phone.getByRole('button', { name: 'Scan' }).last().click();
    await expect(phone.getByLabel('Or its code').last()).toHaveValue('S-0106');
    await expect(phone.getByRole('dialog')).toHaveCount(0);
    await expect(phone.getByRole('status').filter({ hasText: 'No. Never.' })).toBeVisible();

    await phone.evaluate(() => {
      navigator.mediaDevices.getUserMedia = () =>
        Promise.reject(new DOMException('no', 'NotAllowedError'));
    });
    await phone.getByRole('button', { name: 'Scan' }).first().click();
    await expect(phone.getByRole('alert')).toHaveText(
      'The camera does not open. Type the code instead.',
    );
    await phone.context().close();
  });

  test('a caddy is loaded; what must not ride in it is refused; a shelf is regrouped', async () => {
    await side(page, 'Shelves and caddies').click();
    await page.getByRole('button', { name: 'Add a shelf or caddy' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill(caddyOf(page));
    await page.getByRole('dialog').getByRole('button', { name: 'Add it' }).click();
    const caddy = page.getByRole('region', { name: caddyOf(page) });
    await choose(page, new RegExp(`^Put into ${caddyOf(page)}`), 'Ammonia');
    await expect(caddy).toContainText('ammonia');
    await choose(page, new RegExp(`^Put into ${caddyOf(page)}`), 'Chlorine bleach');
    await expect(caddy.getByRole('alert')).toContainText(
      'Chlorine bleach and ammonia must not be carried together.',
    );
    await expect(caddy.getByRole('alert')).toContainText('Put one in another caddy.');
    const shelf = page.getByRole('region', { name: 'Depot, shelf B' });
    await shelf.getByRole('button', { name: 'Regroup' }).click();
    await expect(shelf.getByRole('status')).toContainText(/Put Chlorine bleach (into|on)/);
    await expectAccessible(page);
    // A slip is put right; what regrouping says, it does.
    await caddy.getByRole('button', { name: /^Take .*ammonia.* out/i }).click();
    await expect(caddy.getByText(/ammonia.* is out\./i)).toBeVisible();
    await caddy.getByRole('button', { name: 'Put it back' }).click();
    await expect(caddy.getByRole('button', { name: /^Take .*ammonia.* out/i })).toBeVisible();
    const own = `${caddyOf(page)} shelf`;
    await page.getByRole('button', { name: 'Add a shelf or caddy' }).click();
    await page.getByRole('dialog').getByLabel('Name').fill(own);
    await page.getByRole('dialog').getByRole('radio', { name: 'shelf' }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Add it' }).click();
    await choose(page, new RegExp(`^Put into ${own}`), 'Ammonia');
    await choose(page, new RegExp(`^Put into ${own}`), 'Chlorine bleach');
    const stand = page.getByRole('region', { name: own, exact: true });
    await stand.getByRole('button', { name: 'Regroup' }).click();
    await stand.getByRole('button', { name: 'Move them there' }).click();
    await expect(stand.getByRole('listitem')).toHaveCount(1);
    await expect(stand.getByRole('button', { name: 'Regroup' })).toBeHidden();
  });

  test('a client’s bleach tablet bars vinegar in that bowl until it is taken out first', async ({
    browser,
  }) => {
    await goTo(page, 'Homes');
    await page
      .getByRole('button', { name: /Add a home/ })
      .first()
      .click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Client, by first name').fill(clientOf(page));
    await dialog.getByLabel('Place').fill('Mill Lane');
    await dialog.getByText('What the client keeps or uses').click();
    await dialog.getByLabel('Bleach tablet in a cistern').check();
    await dialog.getByRole('button', { name: 'Add and survey' }).click();
    await page.getByRole('button', { name: 'Add a room' }).first().click();
    await page.getByRole('dialog').getByLabel('Room', { exact: true }).fill('Bathroom');
    await page.getByRole('dialog').getByLabel('Floor area, m²').fill('4.2');
    await page.getByRole('dialog').getByRole('button', { name: 'Add the room' }).click();
    await addSurface(page, { name: 'WC bowl', material: 'Vitreous china', area: '0.3' });
    await page.locator('.descent__stop', { hasText: 'WC bowl' }).click();
    await choose(page, /^Where it comes in the room/, 'Toilet');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('link', { name: 'Protocol', exact: true }).click();
    await page.locator('.descent__stop', { hasText: 'WC bowl' }).click();

    const vinegar = page.getByRole('article', { name: 'Vinegar' });
    await expect(vinegar).toContainText('Never');
    await expect(vinegar).toContainText('bleach tablet in a cistern is in that water');
    await expectAccessible(page);
    await page.getByRole('button', { name: /Take the tablet out first/ }).click();
    await expect(page.getByText('First: take the tablet out, flush twice.')).toBeVisible();
    await vinegar.getByRole('button', { name: 'Set vinegar' }).click();
    await expect(page.locator('.sheet .verdict__say').first()).toContainText(
      'Take the tablet out. Flush. Flush again.',
    );

    // Without the step nothing can be approved.
    await page.getByRole('button', { name: 'Leave this step out' }).click();
    await expect(page.getByRole('heading', { name: /before approval/ })).toContainText(
      'One thing stands',
    );
    await page.getByRole('button', { name: 'Look over and approve' }).click();
    await expect(page.getByRole('button', { name: 'Approve version 1' })).toBeDisabled();
    await page.locator('.descent__stop', { hasText: 'WC bowl' }).click();
    await page.getByRole('button', { name: /Take the tablet out first/ }).click();
    await expect(
      page.getByRole('heading', { name: 'Nothing stands before approval' }),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Look over and approve' }).click();
    await page.getByRole('button', { name: 'Approve version 1' }).click();
    await expect(page.getByRole('heading', { name: /Version 1 stands as approved/ })).toBeVisible();

    // The cleaner confirms it before anything goes on.
    const phone = await another(browser, 'anneke');
    await phone.getByRole('button', { name: `Start ${clientOf(page)}’s round` }).click();
    await arrive(phone);
    await expect(phone.getByRole('button', { name: 'Tablet out, flushed twice' })).toBeVisible();
    await phone.getByRole('button', { name: 'Tablet out, flushed twice' }).click();
    await phone.getByRole('button', { name: 'Washed and rinsed' }).click();
    await expect(phone.getByRole('button', { name: /^Take the bottle/ })).toBeVisible();
    await phone.context().close();

    await goTo(page, 'Keep apart');
    await side(page, 'At clients').click();
    await page.getByRole('button', { name: new RegExp(clientOf(page)) }).click();
    await expect(
      page.getByText('the tablet is taken out and the bowl flushed twice before WC bowl'),
    ).toBeVisible();
    await expectAccessible(page);
  });

  test('a near miss is logged on the phone, reviewed at the desk, and becomes a stricter rule', async ({
    browser,
  }) => {
    const what = `Peroxide over the suds, seen at ${width(page)}.`;
    const phone = await another(browser, 'anneke');
    await goTo(phone, 'Keep apart');
    await side(phone, 'Log').click();
    await expect(phone.getByRole('heading', { name: 'Log', exact: true })).toBeVisible();
    await phone.getByRole('button', { name: /Write down a near miss/ }).click();
    const dialog = phone.getByRole('dialog');
    await dialog.getByLabel('What happened').fill(what);
    await choose(phone, /^What met/, 'Peroxide 3 % (ours, S-0101)');
    await choose(phone, /^And what/, 'Washing-up liquid');
    await choose(phone, /^How not known/, 'Surface');
    await dialog.getByLabel('Where').fill('Bath');
    await dialog.getByLabel('What was done').fill('Rinsed.');
    await dialog.getByRole('button', { name: 'Log it' }).click();
    await expect(phone.getByRole('button', { name: new RegExp(what) })).toBeVisible();

    await side(page, 'Log').click();
    await page.getByRole('button', { name: new RegExp(what) }).click();
    await page.getByLabel('Review: what follows from it').fill('Suds are rinsed off first.');
    await choose(page, /^Whose it is/, 'Anneke');
    await page.getByRole('button', { name: 'Write it down' }).click();
    await expect(
      page.getByRole('region', { name: 'One of them' }).getByText('Suds are rinsed off first.'),
    ).toBeVisible();
    await expectAccessible(page);
    // The phone's turn meets a rule that the desk has made already: then the book says so.
    const make = page.getByRole('button', { name: /Make it a rule/ });
    const isNever = page.getByText('The book says Never to this pair already.');
    await expect(make.or(isNever)).toBeVisible();
    if (await make.isVisible()) {
      await make.click();
      await page.getByRole('dialog').getByLabel('What to do').fill('Rinse off the suds first.');
      await expectAccessible(page);
      await page.getByRole('dialog').getByRole('button', { name: 'Add it to the book' }).click();
    }
    await expect(isNever).toBeVisible();

    // Everybody is asked to read it again, and is seen to have.
    await side(phone, 'Book').click();
    const read = phone.getByRole('button', { name: /I have read edition/ });
    const haveRead = phone.getByText(/You have read edition/);
    await expect(read.or(haveRead)).toBeVisible();
    if (await read.isVisible()) await read.click();
    await expect(haveRead).toBeVisible();
    await expectAccessible(phone);
    await phone.context().close();
    await side(page, 'Book').click();
    await expect(page.getByRole('row', { name: /^Anneke/ })).toContainText(
      /^Anneke cleaneredition \d/,
    );
    await expect(page.getByRole('region', { name: 'Our own rules' })).toContainText(
      'Peroxide with detergent',
    );
    await expectAccessible(page);
  });

  test('the poster says it in plain words', async () => {
    const href = await page.getByRole('link', { name: 'A3, for the depot' }).getAttribute('href');
    const response = await page.request.get(href!);
    expect(response.headers()['content-type']).toContain('application/pdf');
    const { text } = await extractText(
      await getDocumentProxy(new Uint8Array(await response.body())),
      { mergePages: true },
    );
    expect(text).toContain('Never together');
    expect(text).toContain('Chlorine bleach with acid');
    expect(text).toContain('Peroxide with detergent');
    expect(text).toContain('555-0150');
  });

  test('what the book forbids to meet water is not poured, and is poured again once the rule is withdrawn', async () => {
    const added = await page.request.post('/api/book/rules', {
      data: {
        one: 'alcohol',
        other: 'water',
        by: { vessel: 'never' },
        happens: 'The label of the concentrate forbids thinning it.',
        remedy: 'Use it as sold.',
      },
      headers: { 'idempotency-key': crypto.randomUUID() },
    });
    const { id } = (await added.json()) as { id: string };
    await page.goto('/bench');
    await choose(page, /^Stock/, '2-propanol 99 %');
    const sheet = page.locator('.sheet');
    await expect(sheet.getByRole('status').first()).toContainText(
      '70 % v/v 2-propanol is not poured from this stock.',
    );
    await expect(sheet).toContainText(
      'It must not be poured to water. The label of the concentrate forbids thinning it. Use it as sold.',
    );
    await expect(sheet.getByRole('button', { name: 'Record the batch' })).toBeDisabled();
    await page.request.post(`/api/book/rules/${id}/withdraw`, {
      data: { why: 'The maker allows it after all.' },
      headers: { 'idempotency-key': crypto.randomUUID() },
    });
    await page.reload();
    await choose(page, /^Stock/, '2-propanol 99 %');
    await expect(sheet.getByRole('button', { name: 'Record the batch' })).toBeEnabled();
  });
});
