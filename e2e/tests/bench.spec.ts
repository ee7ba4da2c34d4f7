import { expect, test, type Page } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import { act, choose, expectAccessible, goTo, signIn } from '../support.ts';

const verdict = (page: Page) => page.locator('.sheet .verdict__say');
const tab = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Bench' }).getByRole('link', { name }).click();
const paste = async (page: Page, line: number, text: string) => {
  await page.evaluate((given) => navigator.clipboard.writeText(given), text);
  await page.getByRole('textbox', { name: `Line ${line}` }).press('ControlOrMeta+v');
};

test.describe.serial('the bench', () => {
  let page: Page;
  let code = '';
  test.beforeAll(async ({ browser }, { project }) => {
    page = await (
      await browser.newContext({
        viewport: project.use.viewport,
        baseURL: process.env.BASE_URL,
        locale: 'en-GB',
        permissions: ['clipboard-read', 'clipboard-write'],
      })
    ).newPage();
    await signIn(page, 'maren');
    await goTo(page, 'Bench');
  });
  test.afterAll(() => page.context().close());

  test('says of a pasted recipe that it is a cleaner, and why', async () => {
    await tab(page, 'Analyse');
    await paste(
      page,
      1,
      '1 1/4 cups rubbing alcohol 70 %\n2 cups water\n2 tsp dish soap\na pinch of hope',
    );
    await expect(verdict(page)).toHaveText('Not all of it can be read yet.');
    await expect(page.getByText('“hope” is not known.')).toBeVisible();
    await page.getByRole('textbox', { name: 'Line 4' }).fill('12 drops orange oil');
    await expect(verdict(page)).toHaveText(
      'This makes a cleaner, not a disinfectant, and one that still catches fire.',
    );
    await expect(page.locator('.facts')).toContainText(
      '27 % v/v is too weak: at least 70 % v/v is needed',
    );
    await expect(page.locator('.facts')).toContainText('flammable liquid, category 3');
    await expect(page.locator('.facts')).toContainText('Orange oil adds nothing to the strength.');
    await expect(page.getByRole('list', { name: 'In all' })).toContainText(
      'The alcohol and water close up',
    );
    await expect(
      page.getByRole('region', { name: 'Order of pouring' }).getByRole('listitem').first(),
    ).toContainText('water');
    await expectAccessible(page);
  });

  test('tells how sure it is, as people measure, without holding up the page', async () => {
    await page.getByRole('button', { name: 'How sure, as people measure?' }).click();
    await expect(page.locator('.facts')).toContainText(
      /In strength 0 times in 100 as people measure \(estimate\). What matters most: the amount of line [12], kitchen cup/,
      { timeout: 15_000 },
    );
  });

  test('keeps it in the book under a name, with versions, and takes it out and in as a file', async () => {
    const name = `Orange bottle ${page.viewportSize()!.width}`;
    await page.getByRole('button', { name: 'Save it' }).click();
    await page.getByLabel('Name in the company’s book').fill(name);
    await page.getByRole('dialog').getByRole('button', { name: 'Save it' }).click();
    await expect(page.getByRole('heading', { level: 1 })).toHaveText(name);
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export JSON' }).click(),
    ]);
    const text = await (
      await download.createReadStream()
    )
      .toArray()
      .then((parts) => Buffer.concat(parts).toString());
    expect(JSON.parse(text)).toMatchObject({
      format: 'zymostat.recipe/1',
      name,
      claim: 'disinfect',
      text: expect.stringContaining('12 drops orange oil'),
    });
    const take = (body: string) =>
      page
        .getByLabel('A recipe file')
        .setInputFiles({ name: 'r.json', mimeType: 'application/json', buffer: Buffer.from(body) });
    await take(text.replace('"disinfect"', '"cure"'));
    await expect(page.getByRole('alert')).toContainText('Not imported. claim:');
    await take(text.replace('2 cups water', '1 cup water'));
    await expect(page.getByRole('textbox', { name: 'Line 2' })).toHaveValue('1 cup water');
  });

  test('mends it, and pours it by the scale with an over-pour put right', async () => {
    await page.getByRole('button', { name: 'Use the mended recipe' }).click();
    await expect(verdict(page)).toHaveText('This is of disinfecting strength.');
    await page.getByRole('button', { name: 'Pour this' }).click();
    await expect(page.getByLabel('Strength, % v/v')).toHaveValue('72 %');
    await act('scale', 'empty');
    await page.getByRole('button', { name: 'Weigh it on the scale' }).click();
    const panel = page.getByRole('region', { name: 'Weigh out, live' });
    await expect(panel).toContainText('Scale, steady');
    await act('scale', 'tare');
    await expect(panel).toContainText('The scale is at zero');
    // A bottle that is too heavy to be empty is asked about: what is in it would count as the
    // bottle.
    await act('scale', 'put 300');
    await panel.getByRole('button', { name: 'Set to zero' }).click();
    await expect(panel).toContainText('300.0 g is heavy for an empty bottle.');
    await act('scale', 'take 251.8');
    await expect(panel).toContainText('48.2g');
    await panel.getByRole('button', { name: 'Set to zero' }).click();
    await expect(panel.getByRole('status')).toContainText('g more');
    const due = async () =>
      Number(/([\d.]+) g more/.exec((await panel.getByRole('status').textContent())!)![1]);
    await act('scale', `put ${((await due()) + 24).toFixed(1)}`);
    await expect(panel).toContainText(/2[34]\.\d g too much water/);
    await expect(panel).toContainText('The whole batch is put right');
    await expectAccessible(page);
    await panel.getByRole('button', { name: 'Correct the batch' }).click();
    await expect(panel).toContainText('Corrected: the batch is now');
    await expect(panel.getByRole('button', { name: /is in$/ })).toBeDisabled();
    // Half-poured, it is gone on with after a reload: the zero is the scale's own.
    await page.reload();
    await expect(panel.getByRole('button', { name: /is in$/ })).toBeDisabled();
    await expect(panel.getByRole('status')).toContainText('g more');
    await act('scale', `put ${(await due()).toFixed(1)}`);
    await panel.getByRole('button', { name: /is in$/ }).click();
    await panel.getByRole('button', { name: 'Record the batch' }).click();
    await expect(verdict(page)).toContainText(
      '72 % v/v 2-propanol: of disinfecting strength, not checked yet.',
    );
    code = (await page.locator('.crumb b').first().textContent())!;
    expect(code).toMatch(/^B-\d{4}$/);
  });

  test('checks it by density: verified', async () => {
    await act('meter', 'sample 2-propanol 72.2 24');
    await page.getByRole('button', { name: 'Read the density meter' }).click();
    await expect(page.getByLabel('Temperature, °C')).toHaveValue('24');
    await expect(page.getByText(/That is 72(\.\d)? % v\/v at 20 °C/)).toBeVisible();
    await page.getByRole('button', { name: 'Check the batch' }).click();
    await expect(verdict(page)).toContainText('of disinfecting strength, and verified.');
    await expectAccessible(page);
  });

  test('prints its label', async () => {
    await expect(page.getByRole('figure', { name: 'Label of the bottle' })).toContainText(
      'Highly flammable liquid and vapour.',
    );
    const href = await page.getByRole('link', { name: /Print 6/ }).getAttribute('href');
    const { text } = await extractText(
      await getDocumentProxy(new Uint8Array(await (await page.request.get(href!)).body())),
      { mergePages: true },
    );
    for (const part of [
      code,
      'Alcohol 72 %',
      '72 % v/v 2-propanol in water',
      'Not a registered disinfectant',
      'Danger',
      'Never with: bleach',
      'Discard after',
    ])
      expect(text).toContain(part);
  });

  test('a batch that the meter finds weak is set aside', async () => {
    await page.keyboard.press('n');
    await choose(page, /^Stock/, 'Ethanol 95 %');
    await page.getByLabel('Strength, % v/v').fill('75 %');
    await page.getByRole('button', { name: 'Pour step by step' }).click();
    const panel = page.getByRole('region', { name: 'Pour step by step' });
    await expect(panel).toContainText(/From \d+ to \d+ ml keeps it in strength/);
    await panel.getByRole('button', { name: 'Water is in' }).click();
    await panel.getByRole('button', { name: 'Ethanol 95 % is in' }).click();
    await panel.getByRole('button', { name: 'Record the batch' }).click();
    await page.getByLabel('Density, kg/m³ or g/mL').fill('0.91');
    await page.getByLabel('Temperature, °C').fill('20');
    await page.getByRole('button', { name: 'Check the batch' }).click();
    await expect(verdict(page)).toContainText('out of strength, set aside.');
    // It is not lost: what strengthens it is said, and it is checked again before anybody uses it.
    await expect(page.locator('.sheet')).toContainText(
      /Add \d+ ml of Ethanol 95 %, S-0105 to all \d+ ml of it, mix, and check it again/,
    );
  });

  test('fills a bottle; one that held something else is refused until washed and relabelled, by name', async () => {
    await tab(page, 'Bottles');
    await page.getByRole('button', { name: /Add a bottle/ }).click();
    await page.getByRole('dialog').getByRole('button', { name: 'Take it into use' }).click();
    const sheet = page.locator('.sheet');
    await expect(verdict(page)).toHaveText('Empty and washed: it may be filled.');
    await expect(sheet.getByRole('img', { name: /^QR code: F-/ })).toBeVisible();
    const bottle = (await sheet.locator('.crumb b').first().textContent())!;
    const fill = async (batch: RegExp) => {
      await choose(page, /^From the batch/, batch);
      await sheet.getByRole('button', { name: `Fill ${bottle}` }).click();
    };
    await fill(/vinegar/);
    await expect(verdict(page)).toHaveText('It holds vinegar (acetic acid) 5 %.');
    await choose(page, /^From the batch/, /peroxide 3 %/);
    await expect(sheet).toContainText('It held vinegar, which must not meet peroxide.');
    await expect(sheet.getByRole('button', { name: `Fill ${bottle}` })).toBeDisabled();
    await expectAccessible(page);
    await sheet.getByRole('button', { name: 'Washed and relabelled' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Code on the bottle').fill(bottle);
    await dialog.getByLabel('Your name').fill('Tobias');
    await dialog.getByRole('button', { name: 'It is washed' }).click();
    await expect(dialog.getByRole('alert')).toContainText('Write your own name, Maren.');
    await dialog.getByLabel('Your name').fill('Maren');
    await dialog.getByRole('button', { name: 'It is washed' }).click();
    await expect(verdict(page)).toHaveText('Empty and washed: it may be filled.');
    await fill(/peroxide 3 %/);
    await expect(
      page.getByRole('table', { name: 'History of the bottle' }).getByRole('row'),
    ).toHaveCount(4);
  });

  test('and all of it is on record', async () => {
    await goTo(page, 'Records');
    await choose(page, /^Kind/, 'Check');
    await expect(page.locator('.list__row').first()).toContainText('set aside');
    await expect(page.locator('.list__row', { hasText: code })).toContainText(`${code} verified`);
    await choose(page, /^Kind/, 'Batch');
    await expect(page.locator('.list__row', { hasText: code })).toContainText(
      '72 % v/v 2-propanol',
    );
    await choose(page, /^Kind/, 'Bottle');
    await expect(page.locator('.list__row').first()).toContainText('filled from');
  });
});
