import { expect, test, type Page } from '@playwright/test';
import { emptyServer } from '../emptyServer.ts';
import {
  act,
  arrive,
  beginCompany,
  choose,
  expectAccessible,
  goTo,
  takeBottle,
} from '../support.ts';

let server: Awaited<ReturnType<typeof emptyServer>>;
test.beforeAll(async () => {
  server = await emptyServer('company');
});
test.afterAll(() => server.stop());

/** Left half-way it goes on where it was, but for what is secret; nobody takes numbers over unread. */
const begin = async (page: Page): Promise<void> => {
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'A company begins here.' })).toBeVisible();
  await expect(page.getByLabel('Time zone')).toBeInViewport();
  await expectAccessible(page);
  await page.getByLabel('Name of the company').fill('Fennel');
  await choose(page, /^Country/, 'Spain');
  await expect(page.getByLabel('Currency, by its code')).toHaveValue('EUR');
  await page.getByRole('button', { name: 'Begin' }).click();
  await expect(page.getByText('Check both numbers first.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Name of the company')).toHaveValue('Fennel');
  await beginCompany(page, server.code);
};

const invite = async (page: Page): Promise<string> => {
  await page.getByRole('button', { name: /^People/ }).click();
  await page.getByRole('link', { name: 'Go there' }).click();
  await page.getByRole('button', { name: 'Invite somebody' }).click();
  await page.getByLabel('Name, as others read it').fill('Tova');
  await page.getByRole('button', { name: 'Make the code' }).click();
  await expect(page.getByText('Tova comes in with this code')).toBeVisible();
  await expectAccessible(page);
  return (await page.getByRole('img', { name: /join#/ }).getAttribute('alt'))!;
};

const join = async (phone: Page, link: string): Promise<void> => {
  await phone.goto(link);
  await expect(phone.getByRole('heading', { name: 'Come in, Tova.' })).toBeVisible();
  await expectAccessible(phone);
  await phone.getByLabel('Name you will sign in with').fill('tova');
  await phone.getByLabel('Password').fill('password1234');
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByRole('alert')).toContainText('one of those that are tried first');
  await phone.getByLabel('Password').fill('a kettle and a shelf');
  await phone.getByRole('button', { name: 'Come in' }).click();
  await expect(phone.getByRole('heading', { name: 'Rounds' })).toBeVisible();
};

const receive = async (page: Page, [active, name, strength]: [string, string, string]) => {
  await choose(page, /^What is in it/, active);
  await page.getByLabel('What it says on it').fill(name);
  await page.getByLabel(/^Strength/).fill(strength);
  await page.getByLabel('Each holds').fill('1 l');
  await page.getByLabel('Good until').fill('2030-08-01');
  await page.getByRole('button', { name: 'Put it on the shelf' }).click();
  await expect(page.getByText('Write the code on.')).toBeVisible();
};

const addBottle = async (page: Page): Promise<void> => {
  await page.getByRole('button', { name: /Add a bottle/ }).click();
  await page.getByRole('dialog').getByRole('button', { name: 'Take it into use' }).click();
  await expect(page.getByRole('img', { name: /^QR code: F-/ })).toBeVisible();
};

const survey = async (page: Page): Promise<void> => {
  await goTo(page, 'Homes');
  await page
    .getByRole('button', { name: /Add a home/ })
    .first()
    .click();
  await page.getByLabel('Client, by first name').fill('Rufus');
  await page.getByLabel('Place', { exact: true }).fill('Lantern Hill 3');
  await page.getByRole('button', { name: 'Add and survey' }).click();
  await page.getByRole('button', { name: 'Add a room' }).first().click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Room', { exact: true }).fill('Bathroom');
  await dialog.getByLabel('Floor area, m²').fill('4.5');
  await dialog.getByRole('button', { name: 'Add the room' }).click();
  await page.getByRole('button', { name: 'Several at once' }).click();
  await dialog.getByLabel('What is in Bathroom').fill('porcelain toilet seat, mirror');
  await dialog.getByRole('button', { name: 'Add these 2' }).click();
  await page.getByRole('link', { name: 'Protocol', exact: true }).click();
  await page.getByRole('button', { name: /Fill the rest/ }).click();
  await dialog.getByRole('button', { name: /^Set these/ }).click();
  await page.getByRole('button', { name: 'Look over and approve' }).click();
  await page.getByRole('button', { name: 'Approve version 1' }).click();
  await expect(page.getByRole('heading', { name: 'Version 1 stands as approved' })).toBeVisible();
};

const wayIn = async (page: Page): Promise<void> => {
  await goTo(page, 'Homes');
  await page.getByText('The way in, and archiving').click();
  await page.getByRole('button', { name: 'Change the way in' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Door, keys and codes').fill('key box 4711');
  await dialog.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('region', { name: 'The way in' })).toContainText('key box 4711');
  await expectAccessible(page);
};

const pourAndFill = async (page: Page): Promise<void> => {
  await goTo(page, 'Bench');
  await choose(page, /^Stock/, 'Peroxide 3 %');
  await page.getByLabel('How much').fill('500 ml');
  await page.getByRole('button', { name: 'Record the batch' }).click();
  await act('strip', 'sample 3');
  await page.getByRole('button', { name: /^Read the/ }).click();
  await page.getByRole('button', { name: 'Check the batch' }).click();
  await expect(page.locator('.verdict__say').first()).toContainText('verified');
  await page.getByRole('link', { name: 'Bottles' }).click();
  await choose(page, /^From the batch/, /peroxide/);
  await page.getByRole('button', { name: /^Fill F-/ }).click();
  await expect(page.locator('.sheet .verdict__say')).toContainText('It holds');
};

/** A round with one surface wiped before its time: said so at the end, and on the report. */
const round = async (phone: Page): Promise<void> => {
  await phone.reload();
  await phone.getByRole('button', { name: 'Start Rufus’s round' }).click();
  await expect(phone.getByText('key box 4711')).toBeVisible();
  await arrive(phone);
  const cleaned = phone.getByRole('button', {
    name: /^(Washed and rinsed|Wiped with a damp cloth|Dusted)/,
  });
  await cleaned.click();
  await takeBottle(phone, /Peroxide/);
  await phone.getByRole('button', { name: 'Applied' }).click();
  await phone.getByRole('button', { name: /^Wipe at/ }).click();
  await phone.getByRole('button', { name: 'Wipe it, not met' }).click();
  await phone.getByRole('button', { name: 'Finish the round' }).click();
  await phone.getByRole('button', { name: 'Finish it' }).click();
  await expect(phone.getByRole('heading', { name: 'Rounds' })).toBeVisible();
};

test('a company begins with nothing: set-up, people, shelf, a home, a round, a report that the client checks', async ({
  browser,
}) => {
  test.setTimeout(240_000);
  const open = async (viewport: { width: number; height: number }) =>
    (await browser.newContext({ baseURL: server.url, locale: 'en-GB', viewport })).newPage();
  const page = await open({ width: 1280, height: 800 });
  const phone = await open({ width: 390, height: 844 });

  await begin(page);
  await page.getByRole('button', { name: 'Keep this answer, next' }).click();
  await page.getByRole('button', { name: 'Take the careful one for the rest' }).click();
  await expect(page.getByText(/^Invite everybody/)).toBeVisible();
  await expectAccessible(page);
  await join(phone, await invite(page));

  await goTo(page, 'Shelf');
  await expectAccessible(page);
  await receive(page, ['hydrogen peroxide', 'Peroxide 3 %', '3 %']);
  await receive(page, ['2-propanol', 'Alcohol 70 %', '70']);
  await receive(page, ['acetic acid', 'Vinegar 5 %', '5']);
  await goTo(page, 'Bench');
  await page.getByRole('link', { name: 'Bottles' }).click();
  await addBottle(page);
  await survey(page);
  await wayIn(page);
  await pourAndFill(page);

  await goTo(page, 'Keep apart');
  await page.getByRole('link', { name: 'Book' }).click();
  await page.getByRole('button', { name: /^I have read/ }).click();
  await page.getByRole('link', { name: 'Zymostat' }).click();
  await expect(
    page.getByText('about 4 min more').or(page.getByText(/about \d min more/)),
  ).toBeVisible();

  await round(phone);

  await goTo(page, 'Records');
  await page.goto('/records?kind=round-finished');
  await page.locator('.list__row').first().click();
  await page.getByRole('button', { name: 'Make the visit report' }).click();
  const link = page.getByRole('link', { name: /^Open the report/ });
  const code = (await link.textContent())!.replace(/^Open the report /, '');
  const client = await open({ width: 800, height: 800 });
  await client.goto('/check');
  await client.getByLabel('Code at the foot of the paper').fill(code);
  await client.getByRole('button', { name: 'Check' }).click();
  await expect(client.getByText(/^This paper stands/)).toBeVisible();

  // What was poured is no longer on the shelf.
  await goTo(page, 'Shelf');
  await expect(page.locator('.list__row', { hasText: 'Peroxide 3 %' })).toContainText(
    '500 ml of 1 l',
  );
  for (const one of [page, phone, client]) await one.context().close();
});
