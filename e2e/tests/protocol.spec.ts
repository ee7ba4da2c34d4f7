import { expect, test, type Page } from '@playwright/test';
import { choose, expectAccessible, goTo, signIn } from '../support.ts';

const sheet = (page: Page) => page.locator('.sheet');
const family = (page: Page, name: string) => page.getByRole('article', { name });
const openSurface = (page: Page, name: string) =>
  page.locator('.descent__stop', { hasText: name }).first().click();
const openRoom = (page: Page, name: string) =>
  page.viewportSize()!.width > 767
    ? page.locator('.descent__room', { hasText: name }).first().click()
    : page.locator('.descent__rooms').getByRole('button', { name }).click();
const personMenu = async (page: Page, item: string) => {
  await page.getByRole('button', { name: /^Maren/ }).click();
  await page.getByRole('link', { name: item }).click();
};

/** Looks over what will be done, and approves it. */
const approve = async (page: Page, version: number) => {
  await page.getByRole('button', { name: 'Look over and approve' }).click();
  await page.getByRole('button', { name: `Approve version ${version}` }).click();
  await expect(
    page.getByRole('heading', { name: `Version ${version} stands as approved` }),
  ).toBeVisible();
};

test.describe.serial('a protocol, from survey to revision', () => {
  let page: Page;
  const homeName = () => `Revised ${page.viewportSize()!.width}`;
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

  test('surveys a home from a template, by typing, and from a list', async () => {
    await page.getByRole('button', { name: /Add a home/ }).click();
    await page.getByLabel('Client, by first name').fill(homeName());
    await page.getByLabel('Place', { exact: true }).fill('Test Lane 2');
    await page.getByLabel('home oxygen').check();
    await page.getByText('What the client keeps or uses').click();
    await page.getByLabel('Bleach tablet in a cistern').check();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Add and survey' }).click();

    await page.getByRole('button', { name: 'Add a room' }).first().click();
    await page.getByRole('dialog').getByRole('button', { name: 'Bathroom' }).click();
    await expect(page.getByRole('dialog').getByLabel('Floor area, m²')).toHaveValue('4.5');
    await page.getByRole('dialog').getByRole('button', { name: 'Add the room' }).click();
    await expect(page.locator('.descent__stop', { hasText: 'Toilet seat' })).toBeVisible();
    await expect(page.getByRole('dialog')).toBeHidden();

    await page.getByRole('button', { name: 'Several at once' }).click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('What is in Bathroom').fill('brass grab rail, marble shelf, gizmo');
    await expect(dialog.getByRole('button', { name: 'Add these 3' })).toBeDisabled();
    await choose(page, /^Material of Gizmo/, 'ABS, PVC, polypropylene');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Add these 3' }).click();
    await expect(page.locator('.descent__stop', { hasText: 'Marble shelf' })).toContainText(
      'Marble',
    );

    const take = (text: string) =>
      page
        .getByLabel('A home or a list of surfaces')
        .setInputFiles({ name: 'list.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
    await take('room,name,material\nHall,Door handle,unobtainium\nHall,,\n');
    await expect(page.getByRole('alert')).toContainText('Line 2: found material “unobtainium”');
    await take('room,name,material\nHall,Door handle,brass\nHall,Light switch,\n');
    await page.getByRole('dialog').getByRole('button', { name: 'Bring in 2 surfaces' }).click();
    await expect(page.getByText('1 room with 2 surfaces came in.')).toBeVisible();
    const [download] = await Promise.all([
      page.waitForEvent('download'),
      page.getByRole('button', { name: 'Export the home, JSON' }).click(),
    ]);
    const text = await (
      await download.createReadStream()
    )
      .toArray()
      .then((parts) => Buffer.concat(parts).toString());
    expect(JSON.parse(text)).toMatchObject({
      format: 'zymostat.home/1',
      clientKeeps: ['cistern-tablet'],
      rooms: [
        { name: 'Bathroom' },
        {
          name: 'Hall',
          surfaces: [
            { name: 'Light switch', material: 'electronics' },
            { name: 'Door handle', material: 'brass' },
          ],
        },
      ],
    });
  });

  test('fills the rest, with what it chose and why, and approves nothing by that', async () => {
    await page.getByRole('link', { name: 'Protocol', exact: true }).click();
    await page.getByRole('button', { name: /Fill the rest/ }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /Basin tap/ })).toContainText(
      'cleaning is enough',
    );
    await expect(dialog.getByRole('row', { name: /Mirror/ })).toContainText('cleaning is enough');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: /^Set these/ }).click();
    await expect(page.locator('.descent__stop', { hasText: 'Toilet seat' })).toContainText(
      '3 %, 10 min',
    );
    await openSurface(page, 'Basin tap');
    await page
      .getByRole('group', { name: 'Must be' })
      .getByRole('button', { name: 'disinfected' })
      .click();
    await page.getByRole('button', { name: 'Set peroxide' }).first().click();
    await expect(page.locator('.descent__stop', { hasText: 'Basin tap' })).toContainText(
      '3 %, 10 min',
    );
    await expect(page.getByText('Nothing stands before approval')).toBeVisible();
  });

  test('sees how long a coat holds, how sure that is, and what is in the air', async () => {
    await openSurface(page, 'Basin tap');
    await expect(sheet(page)).toContainText(
      /One coat is enough: it stays wet for about \d+ min \(estimate\)/,
    );
    await expect(family(page, 'Alcohol')).toContainText('Home oxygen is in use');
    await family(page, 'Peroxide').getByRole('button', { name: 'Wet time and air' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('status').first()).toContainText(/One coat holds for \d+:\d\d/);
    await dialog.getByRole('slider', { name: /Draught/ }).fill('0.9');
    await dialog.getByRole('slider', { name: /Coat/ }).fill('10');
    await expect(dialog.getByRole('status').first()).toContainText(/short: re-wet/);
    await expect(dialog).toContainText(/Up to [\d.]+ ppm/);
    await dialog.getByRole('button', { name: 'How sure, as people spray?' }).click();
    await expect(dialog).toContainText(/It holds \d+ times in 100, as people spray \(estimate\)/, {
      timeout: 20_000,
    });
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Close' }).click();
  });

  test('is refused alcohol beside home oxygen; overrides another with a reason; approves', async () => {
    await openSurface(page, 'Marble shelf');
    await page
      .getByRole('group', { name: 'Must be' })
      .getByRole('button', { name: 'disinfected' })
      .click();
    await expect(family(page, 'Alcohol')).toContainText('Never');
    await expect(family(page, 'Alcohol').getByRole('button', { name: 'Set alcohol' })).toHaveCount(
      0,
    );
    await family(page, 'Peroxide').getByRole('button', { name: 'Set peroxide' }).click();
    await expect(page.getByRole('button', { name: 'Look over and approve' })).toBeVisible();
    await page.getByRole('button', { name: 'Look over and approve' }).click();
    await expect(page.getByRole('button', { name: 'Approve version 1' })).toBeDisabled();
    await openSurface(page, 'Marble shelf');
    await page.getByLabel('Why it is acceptable here').fill('Hidden corner tested.');
    await page.getByRole('button', { name: 'Accept with this reason' }).click();
    await expect(page.getByText('Nothing stands before approval')).toBeVisible();
    await approve(page, 1);
  });

  test('what none of the families reaches says so, and where a registered product may', async () => {
    await openSurface(page, 'Basin');
    await page
      .getByRole('group', { name: 'Must be' })
      .getByRole('button', { name: 'disinfected' })
      .click();
    await choose(page, /^Against/, 'stomach illness');
    await expect(family(page, 'Peroxide')).toContainText(
      'It takes a registered product whose label names it',
    );
    await expect(family(page, 'Registered product')).toContainText(
      'By its label it must stay wet for 10 min.',
    );
    await choose(page, /^Against/, 'more blood or body fluid than a spot');
    await expect(family(page, 'Peroxide')).toContainText('call trained and equipped staff.');
    await choose(page, /^Against/, 'everyday germs');
    await page
      .getByRole('group', { name: 'Must be' })
      .getByRole('button', { name: 'cleaned' })
      .click();
    await expect(page.getByText(/Nothing stands before approval|stands as approved/)).toBeVisible();
  });

  test('changes a house rule: sees before saving what becomes untrue, and afterwards the flag', async () => {
    await openSurface(page, 'Basin tap');
    await choose(page, /^Against/, 'flu, COVID or RSV');
    await family(page, 'Peroxide').getByRole('button', { name: 'Other strength or stock' }).click();
    await family(page, 'Peroxide').getByLabel('In use at').fill('1.5 %');
    await family(page, 'Peroxide').getByRole('button', { name: 'Set peroxide' }).click();
    await approve(page, 2);

    await personMenu(page, 'House rules');
    await page
      .getByRole('radiogroup', { name: 'May peroxide be diluted to disinfect?' })
      .getByRole('radio', { name: /^No/ })
      .click();
    await expect(sheet(page).locator('.verdict__say')).toContainText(
      /\d+ approved surfaces? would have to be reviewed/,
    );
    await expect(sheet(page)).toContainText('Basin tap');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Save the change' }).click();
    await expect(sheet(page).locator('.verdict__say')).toContainText('Which school do we follow');

    await goTo(page, 'Homes');
    const row = page.getByRole('button', { name: new RegExp(`^${homeName()},`) });
    await expect(row).toContainText('Review');
    await row.click();
    await expect(page.locator('.sheet .verdict__say')).toHaveText(
      'One thing stands before the next version.',
    );
    await expect(page.getByRole('heading', { name: 'Version 2 is to be reviewed' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'To be reviewed' })).toContainText(
      'Basin tap would be refused now.',
    );
  });

  test('revises, and sees the difference', async () => {
    await page.getByRole('link', { name: 'Open the protocol' }).click();
    await openRoom(page, 'Bathroom');
    await openSurface(page, 'Basin tap');
    await family(page, 'Peroxide').getByRole('button', { name: 'Other strength or stock' }).click();
    await family(page, 'Peroxide').getByLabel('In use at').fill('3 %');
    await family(page, 'Peroxide').getByRole('button', { name: 'Set peroxide' }).click();
    await page.getByRole('button', { name: 'What differs' }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByRole('row', { name: /Basin tap/ })).toContainText(
      /1.5 % hydrogen peroxide, 20 min.*3 % hydrogen peroxide, 10 min/,
    );
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Close' }).click();
    await approve(page, 3);
    await expect(page.getByRole('region', { name: 'To be reviewed' })).toHaveCount(0);

    // The rule goes back to what it was, for whoever comes next.
    await personMenu(page, 'House rules');
    await page
      .getByRole('radiogroup', { name: 'May peroxide be diluted to disinfect?' })
      .getByRole('radio', { name: /Down to/ })
      .click();
    await page.getByRole('button', { name: 'Save the change' }).click();
    await goTo(page, 'Records');
    await choose(page, /^Kind/, 'House rules');
    await expect(page.locator('.list__row').first()).toContainText(
      'May peroxide be diluted to disinfect?',
    );
  });

  test('enters a registered product from its label, and is told what is missing', async () => {
    await personMenu(page, 'Registered products');
    await expect(sheet(page)).toContainText('Quat spray, ready to use');
    await page.getByRole('button', { name: /Enter a product/ }).click();
    await page.getByLabel('Name on the label').fill(`Wipe ${page.viewportSize()!.width}`);
    await page.getByLabel('Good until').fill('2031-05-01');
    await page.getByRole('button', { name: 'Enter the product' }).click();
    await expect(page.getByRole('alert')).toContainText(
      'The time of each use, as the label gives it.',
    );
    await page.getByLabel('Use 1: wet for, min').fill('4');
    await page.getByLabel('quat', { exact: true }).check();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Enter the product' }).click();
    await expect(
      page.locator('.list__row', { hasText: `Wipe ${page.viewportSize()!.width}` }),
    ).toContainText('disinfect against everyday germs, 4 min');
  });
});
