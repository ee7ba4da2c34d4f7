import { expect, test, type Page } from '@playwright/test';
import { emptyServer } from '../emptyServer.ts';
import { counted, pick, press, write, writeDay } from '../keyboard.ts';
import { act, expectAccessible } from '../support.ts';

/** Presses and fields of a careful first user; letters are counted apart. */
const MOST_ACTS = 130;

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
  await write(page, 'Name of the company', 'Fennel');
  await pick(page, /^Country/, 'Spain');
  await expect(page.getByLabel('Currency, by its code')).toHaveValue('EUR');
  await press(page, button(page, 'Begin'));
  await expect(page.getByText('Check both numbers first.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Name of the company')).toHaveValue('Fennel');
  await write(page, 'Code that the server has printed', server.code);
  await write(page, 'Name of the company', 'Fennel Care');
  await pick(page, /^Country/, 'Spain');
  await press(page, page.getByLabel('I have checked both numbers'), 'Space');
  await write(page, 'Your name, as others read it', 'Ilse');
  await write(page, 'Name you sign in with', 'ilse');
  await write(page, 'Password', 'three blue kettles');
  await press(page, button(page, 'Begin'));
  await page.getByText('15 questions are left.').waitFor();
};

const button = (page: Page, name: string | RegExp) => page.getByRole('button', { name }).first();
const link = (page: Page, name: string) => page.getByRole('link', { name, exact: true }).first();

/** Past the frame by its own link, and back to a place by Tab. */
const toPlace = async (page: Page, place: string): Promise<void> => {
  const places = page.getByRole('navigation', { name: 'Places' });
  await press(page, places.getByRole('link', { name: place }));
  await expect(page.getByRole('heading', { level: 1, name: place })).toBeVisible();
};

const invite = async (page: Page): Promise<string> => {
  await press(page, button(page, /^People/));
  await press(page, link(page, 'Go there'));
  await press(page, button(page, 'Invite somebody'));
  await write(page, 'Name, as others read it', 'Tova');
  await press(page, button(page, 'Make the code'));
  await expect(page.getByText('Tova comes in with this code')).toBeVisible();
  await expectAccessible(page);
  return (await page.getByRole('img', { name: /join#/ }).getAttribute('alt'))!;
};

const join = async (phone: Page, code: string): Promise<void> => {
  await phone.goto(code);
  await expect(phone.getByRole('heading', { name: 'Come in, Tova.' })).toBeVisible();
  await expectAccessible(phone);
  await write(phone, 'Name you will sign in with', 'tova');
  await write(phone, 'Password', 'password1234');
  await press(phone, button(phone, 'Come in'));
  await expect(phone.getByRole('alert')).toContainText('one of those that are tried first');
  await write(phone, 'Password', 'a kettle and a shelf');
  await press(phone, button(phone, 'Come in'));
  await expect(phone.getByRole('heading', { name: 'Rounds' })).toBeVisible();
};

const receive = async (page: Page, [active, name, strength]: [string, string, string]) => {
  await pick(page, /^What is in it/, active);
  await write(page, 'What it says on it', name);
  await write(page, /^Strength/, strength);
  await write(page, 'Each holds', '1 l');
  await writeDay(page, 'Good until', '2030-08-08');
  await press(page, button(page, 'Put it on the shelf'));
  await expect(page.getByText('Write the code on.')).toBeVisible();
};

const addBottle = async (page: Page): Promise<void> => {
  await press(page, button(page, /Add a bottle/));
  await press(page, page.getByRole('dialog').getByRole('button', { name: 'Take it into use' }));
  await expect(page.getByRole('img', { name: /^QR code: F-/ })).toBeVisible();
};

const survey = async (page: Page): Promise<void> => {
  await toPlace(page, 'Homes');
  await press(page, button(page, /Add a home/));
  await write(page, 'Client, by first name', 'Rufus');
  await write(page, 'Place', 'Lantern Hill 3');
  await press(page, button(page, 'Add and survey'));
  await press(page, button(page, 'Add a room'));
  const dialog = page.getByRole('dialog');
  await write(page, 'Room', 'Bathroom');
  await write(page, 'Floor area, m²', '4.5');
  await press(page, dialog.getByRole('button', { name: 'Add the room' }));
  await press(page, button(page, 'Several at once'));
  await write(page, 'What is in Bathroom', 'porcelain toilet seat, mirror');
  await press(page, dialog.getByRole('button', { name: 'Add these 2' }));
  await press(page, link(page, 'Protocol'));
  await press(page, button(page, /Fill the rest/));
  await press(page, dialog.getByRole('button', { name: /^Set these/ }));
  // A slip is put right: undone, and done again.
  await press(page, button(page, 'Undo'));
  await expect(button(page, /Fill the rest/)).toBeVisible();
  await press(page, button(page, 'Undo'));
  await press(page, button(page, 'Look over and approve'));
  await press(page, button(page, 'Approve version 1'));
  await expect(page.getByRole('heading', { name: 'Version 1 stands as approved' })).toBeVisible();
};

const wayIn = async (page: Page): Promise<void> => {
  await toPlace(page, 'Homes');
  await press(page, page.getByText('The way in, and archiving'));
  await press(page, button(page, 'Change the way in'));
  await write(page, 'Door, keys and codes', 'key box 4711');
  await press(page, page.getByRole('dialog').getByRole('button', { name: 'Save' }));
  await expect(page.getByRole('region', { name: 'The way in' })).toContainText('key box 4711');
  await expectAccessible(page);
};

const pourAndFill = async (page: Page): Promise<void> => {
  await toPlace(page, 'Bench');
  await pick(page, /^Stock/, 'Peroxide 3 %');
  await write(page, 'How much', '500 ml');
  await press(page, button(page, 'Record the batch'));
  await act('strip', 'sample 3');
  await press(page, button(page, /^Read the/));
  await press(page, button(page, 'Check the batch'));
  await expect(page.locator('.verdict__say').first()).toContainText('verified');
  await press(page, link(page, 'Bottles'));
  await pick(page, /^From the batch/, 'peroxide');
  await press(page, button(page, /^Fill F-/));
  await expect(page.locator('.sheet .verdict__say')).toContainText('It holds');
};

const loadCaddy = async (page: Page): Promise<void> => {
  await toPlace(page, 'Keep apart');
  await press(page, link(page, 'Shelves and caddies'));
  await press(page, button(page, 'Add a shelf or caddy'));
  await write(page, 'Name', 'Caddy 1');
  await press(page, page.getByRole('dialog').getByRole('button', { name: 'Add it' }));
  await pick(page, /^Put into Caddy 1/, 'F-');
  await expect(page.getByRole('region', { name: 'Caddy 1' })).toContainText('F-');
};

/** A round with one surface wiped before its time: said so at the end, and on the report. */
const round = async (phone: Page): Promise<void> => {
  await phone.reload();
  await press(phone, button(phone, 'Start Rufus’s round'));
  await expect(phone.getByText('key box 4711')).toBeVisible();
  for (const row of await phone.getByRole('checkbox').all()) await press(phone, row, 'Space');
  await press(phone, button(phone, /^Begin/));
  await press(phone, button(phone, /^(Washed and rinsed|Wiped with a damp cloth|Dusted)/));
  await press(phone, phone.locator('button.phone__set'));
  await press(phone, phone.locator('.bottle', { hasText: 'Peroxide' }).first());
  await press(phone, button(phone, 'Applied'));
  await press(phone, button(phone, /^Wipe at/));
  await press(phone, button(phone, 'Wipe it, not met'));
  await press(phone, button(phone, 'Finish the round'));
  await press(phone, button(phone, 'Finish it'));
  await expect(phone.getByRole('heading', { name: 'Rounds' })).toBeVisible();
};

test('a company begins with nothing, by keyboard alone: set-up, people, shelf, a home, a caddy, a round, a report that the client checks', async ({
  browser,
}) => {
  test.setTimeout(240_000);
  const open = async (viewport: { width: number; height: number }) =>
    (await browser.newContext({ baseURL: server.url, locale: 'en-GB', viewport })).newPage();
  const page = await open({ width: 1280, height: 800 });
  const phone = await open({ width: 390, height: 844 });

  await begin(page);
  await press(page, button(page, 'Keep this answer, next'));
  await press(page, button(page, 'Take the careful one for the rest'));
  await expect(page.getByText(/^Invite everybody/)).toBeVisible();
  await expectAccessible(page);
  await join(phone, await invite(page));

  await toPlace(page, 'Shelf');
  await expectAccessible(page);
  await receive(page, ['hydrogen peroxide', 'Peroxide 3 %', '3 %']);
  await receive(page, ['2-propanol', 'Alcohol 70 %', '70']);
  await receive(page, ['acetic acid', 'Vinegar 5 %', '5']);
  await toPlace(page, 'Bench');
  await press(page, link(page, 'Bottles'));
  await addBottle(page);
  await survey(page);
  await wayIn(page);
  await pourAndFill(page);
  await loadCaddy(page);

  await toPlace(page, 'Keep apart');
  await press(page, page.getByRole('link', { name: 'Book' }));
  await press(page, button(page, /^I have read/));
  await press(page, page.getByRole('link', { name: 'Zymostat' }));
  await expect(
    page.getByText('about 4 min more').or(page.getByText(/about \d min more/)),
  ).toBeVisible();

  await round(phone);

  await toPlace(page, 'Records');
  await page.goto('/records?kind=round-finished');
  await press(page, page.locator('.list__row').first());
  await press(page, button(page, 'Make the visit report'));
  const report = page.getByRole('link', { name: /^Open the report/ });
  const code = (await report.textContent())!.replace(/^Open the report /, '');
  const client = await open({ width: 800, height: 800 });
  await client.goto('/check');
  await write(client, 'Code at the foot of the paper', code);
  await press(client, button(client, 'Check'));
  await expect(client.getByText(/^This paper stands/)).toBeVisible();

  // What was poured is no longer on the shelf.
  await toPlace(page, 'Shelf');
  await expect(page.locator('.list__row', { hasText: 'Peroxide 3 %' })).toContainText(
    '500 ml of 1 l',
  );
  // Another container is never shown with the strength of the one before.
  const byNow = page.getByRole('region', { name: 'Strength by now' });
  await expect(byNow).toContainText('w/v');
  let answer = (): void => undefined;
  const answered = new Promise<void>((done) => {
    answer = done;
  });
  await page.route(/\/strength$/, async (route) => {
    await answered;
    await route.continue();
  });
  await press(page, page.locator('.list__row', { hasText: 'Alcohol 70 %' }));
  await expect(page.locator('.sheet .verdict__say')).toContainText('Alcohol 70 %');
  await expect(byNow).toBeHidden();
  answer();
  await expect(byNow).toContainText('v/v');
  for (const one of [page, phone, client]) await one.context().close();
  test.info().annotations.push({ type: 'counted', description: JSON.stringify(counted) });
  expect(counted.acts).toBeLessThan(MOST_ACTS);
});
