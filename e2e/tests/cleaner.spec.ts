import { expect, test, type Page } from '@playwright/test';
import {
  act,
  another,
  arrive,
  choose,
  expectAccessible,
  goTo,
  signIn,
  takeBottle,
  fakeCamera,
} from '../support.ts';

/** Desk and phone each work another home of the demo. */
const homeOf = (page: Page) =>
  page.viewportSize()!.width > 600
    ? { name: 'Yara', surface: 'Basin', bottle: 'Peroxide 3 %' }
    : { name: 'Hedda', surface: 'Basin', bottle: 'Peroxide 3 %' };

const surface = (page: Page, name: string) =>
  page.locator('.clocks, .phone__next').getByRole('button', { name, exact: false }).first().click();
const tapOf = (page: Page) => (homeOf(page).name === 'Yara' ? 'Sink tap' : 'Basin tap');
const stopped = (page: Page) => page.locator('.stop__bar');

test.describe.serial('a cleaner on the phone', () => {
  let page: Page;
  test.beforeAll(async ({ browser }, { project }) => {
    page = await (
      await browser.newContext({
        viewport: project.use.viewport,
        baseURL: process.env.BASE_URL,
        locale: 'en-GB',
      })
    ).newPage();
  });
  test.afterAll(() => page.context().close());

  test('sees rounds, bench and keep apart, and no place that is not theirs', async () => {
    await signIn(page, 'tobias');
    await expect(page.getByRole('navigation', { name: 'Places' }).getByRole('link')).toHaveText([
      /Rounds/,
      /Bench/,
      /Keep apart/,
    ]);
    await page.goto('/records');
    await expect(page.getByRole('heading', { name: 'Rounds' })).toBeVisible();
    await expectAccessible(page);
  });

  test('opens the round: one surface at a time, in order', async () => {
    await page.getByRole('button', { name: `Start ${homeOf(page).name}’s round` }).click();
    await expect(page.getByRole('button', { name: /^Begin/ })).toBeDisabled();
    await expectAccessible(page);
    await arrive(page);
    await expect(page.getByRole('button', { name: 'Washed and rinsed' })).toBeVisible();
    await expectAccessible(page);
    // The air of the room, read off before anything is put on there.
    await act('thermometer', 'sample 18.5 30');
    await page.getByRole('button', { name: 'Measure the air of the room' }).click();
    await page.getByRole('button', { name: 'Go by it' }).click();
    await expect(page.getByText('0 to 45 °C').first()).toBeVisible();
    await page.getByRole('button', { name: 'Read the thermometer' }).click();
    await expect(page.getByLabel('Temperature, °C')).toHaveValue('18.5');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Go by it' }).click();
    await expect(page.getByText('Air measured: 18.5 °C, 30 %')).toBeVisible();
    // Two minutes by the server's clock, which nobody can wind on: begun first, wiped below.
    await surface(page, tapOf(page));
    await page.getByRole('button', { name: 'Washed and rinsed' }).click();
    // Nobody is taken to have a bottle that they have not named; typed as people type.
    await page.getByRole('button', { name: /^Take the bottle Alcohol 70 %/ }).click();
    await expectAccessible(page);
    const code = await page.locator('.bottle', { hasText: 'Alcohol 70 %' }).first().textContent();
    const typed = /B-0*(\d+)/.exec(code!)![1]!;
    await page.getByLabel('code on the label').fill('b 99999');
    await page.getByRole('button', { name: 'Find' }).click();
    await expect(page.getByText('No bottle in use has the code b 99999.')).toBeVisible();
    await page.getByLabel('code on the label').fill(`b ${typed}`);
    await page.getByRole('button', { name: 'Find' }).click();
    await page.getByRole('button', { name: 'Applied' }).click();
    await page.evaluate(fakeCamera, { code: `B-${typed}`, looks: 1 });
    await page.locator('button.phone__set').click();
    await page.getByRole('button', { name: 'Scan its code' }).click();
    await expect(page.locator('button.phone__set')).toContainText('Alcohol 70 %');
    await surface(page, homeOf(page).surface);
    await expect(page.locator('h1')).toHaveText(homeOf(page).surface);
  });

  test('starts the wet clock, re-wets, and the clock survives a reload', async () => {
    await page.getByRole('button', { name: 'Washed and rinsed' }).click();
    await takeBottle(page, homeOf(page).bottle);
    await page.getByRole('button', { name: 'Applied' }).click();
    await expect(page.getByRole('timer')).toHaveText(/^(10:00|9:5\d)$/);
    await expect(page.getByRole('status').filter({ hasText: 'all sent' })).toBeVisible();
    await expectAccessible(page);
    await page.reload();
    await expect(page.locator('h1')).toHaveText(homeOf(page).surface);
    await expect(page.getByRole('timer')).toHaveText(/^(10:00|9:[45]\d)$/);
    await page.getByRole('button', { name: 'I have re-wet it' }).click();
    await expect(page.getByRole('button', { name: 'I have re-wet it' })).toContainText(
      '2 coats so far',
    );
  });

  test('is stopped before vinegar meets what is still wet, and told why', async () => {
    await takeBottle(page, /Vinegar 5 %/);
    await expect(stopped(page)).toContainText('Never');
    await expect(stopped(page)).toContainText(
      'These two must not meet. Peroxide and acid make a peracid',
    );
    await expect(page.getByText('Rinse, and wipe dry before the other goes on.')).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: /It is back in the caddy/ }).click();
    await expect(page.getByRole('timer')).toBeVisible();
  });

  test('wipes early: asked once, then recorded as not met', async () => {
    await page.getByRole('button', { name: 'Wipe at 10:00' }).click();
    await expect(page.getByRole('dialog')).toContainText('Wiping now is recorded as not met');
    await page.getByRole('button', { name: 'Keep it wet' }).click();
    await expect(page.getByRole('timer')).toBeVisible();
    await page.getByRole('button', { name: 'Wipe at 10:00' }).click();
    await page.getByRole('button', { name: 'Wipe it, not met' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Not met' })).toContainText(
      'of 10:00. It is recorded so.',
    );
    await expectAccessible(page);
  });

  test('found dry starts again from nothing', async () => {
    await page.getByRole('button', { name: 'Apply again' }).click();
    await page.getByRole('button', { name: 'Found it dry' }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Found dry' })).toContainText(
      'It starts again from nothing.',
    );
    await page.getByRole('button', { name: 'Applied' }).click();
    await expect(page.getByRole('timer')).toHaveText(/^(10:00|9:5\d)$/);
  });

  test('an expired batch and one of another strength are refused', async () => {
    await takeBottle(page, /Peroxide 1.5 %/);
    await expect(stopped(page)).toContainText(
      'This batch is 1.5 % w/v; the protocol sets 3 % w/v.',
    );
    await page.getByRole('button', { name: /It is back in the caddy/ }).click();
    await takeBottle(page, /Peroxide 1.5 %/, 'last');
    await expect(page.getByText(/This batch was to be thrown away by/)).toBeVisible();
    await page.getByRole('button', { name: /It is back in the caddy/ }).click();
  });

  test('takes back at once what was a slip of the thumb', async () => {
    const wiped = page.getByRole('button', { name: 'Wipe at 10:00' });
    await wiped.click();
    await page.getByRole('button', { name: 'Wipe it, not met' }).click();
    await expect(page.getByRole('button', { name: /^Undo/ })).toContainText('Wiped');
    await page.getByRole('button', { name: /^Undo/ }).click();
    await expect(page.getByRole('timer')).toBeVisible();
    await expect(page.getByRole('button', { name: /^Undo/ })).toBeHidden();
    await expect(page.getByRole('status').filter({ hasText: 'all sent' })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('timer')).toBeVisible();
  });

  test('writes down a near miss in three taps, with what is known', async () => {
    await page.getByRole('button', { name: 'Near miss' }).click();
    await expectAccessible(page);
    await page.getByRole('radio', { name: 'chlorine bleach' }).click();
    await page.getByRole('button', { name: /^Write it down/ }).click();
    await expect(page.getByRole('timer')).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: 'all sent' })).toBeVisible();
    const told = await (await page.request.get('/api/mishaps')).json();
    const bodies = told.map(({ body }: { body: object }) => body);
    expect(bodies).toContainEqual(
      expect.objectContaining({
        who: 'Tobias',
        products: [/Peroxide/, 'chlorine bleach'].map((part) => expect.stringMatching(part)),
      }),
    );
  });

  test('held to its time is met', async () => {
    test.setTimeout(180_000);
    await surface(page, tapOf(page));
    await expect(page.getByRole('button', { name: /^Wiped/ })).toBeVisible({ timeout: 130_000 });
    await page.getByRole('button', { name: /^Wiped/ }).click();
    await expect(page.getByRole('status').filter({ hasText: 'Met' })).toContainText(
      /[23]:\d\d of 2:00/,
    );
    // An infant in the one home, a cat in the other: both are rinsed.
    await page.getByRole('button', { name: 'Rinsed' }).click();
    await expect(page.getByRole('button', { name: 'Next surface' })).toBeVisible();
    await surface(page, homeOf(page).surface);
  });

  test('where a coat may be dry somebody looks, and what was seen is recorded', async () => {
    // As in a room where nothing stays wet for long.
    await page.route(/\/api\/rounds\/[\w-]+$/, async (route) => {
      const answer = await route.fetch();
      const round = (await answer.json()) as { holds: Record<string, number> };
      const holds = Object.fromEntries(Object.keys(round.holds).map((id) => [id, 3]));
      await route.fulfill({ response: answer, json: { ...round, holds } });
    });
    await page.reload();
    const asks = page.getByRole('heading', { name: 'Look: is it still wet?' });
    await expect(asks).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: /^Still wet goes on/ }).click();
    await expect(asks).toBeHidden();
    await expect(page.getByText('It should stay wet until its time is over.')).toBeVisible();
    await page.getByRole('button', { name: 'Found it dry' }).click();
    await page.getByRole('button', { name: 'Applied' }).click();
    await expect(page.getByText(/^Re-wet it within 0:0/)).toBeVisible();
    await expect(asks).toBeVisible();
    await page.getByRole('button', { name: /^Re-wet it, nobody looked/ }).click();
    await expect(page.getByText('Nobody looked while it may have dried')).toBeVisible();
    await page.unroute(/\/api\/rounds\/[\w-]+$/);
    await page.reload();
    await expect(page.getByRole('timer')).toBeVisible();
  });

  test('leaves one out with a reason, which is one tap', async () => {
    await surface(page, 'Kitchen floor');
    await page.getByRole('button', { name: 'Not this one' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'It is in use' }).click();
    await page.getByText(/^All \d+ surfaces/).click();
    await surface(page, 'Kitchen floor');
    await expect(page.getByRole('status').filter({ hasText: 'Left out' })).toBeVisible();
    await surface(page, homeOf(page).surface);
  });

  test('keeps what is done without signal, and sends it when there is some', async () => {
    await page.context().setOffline(true);
    await surface(page, homeOf(page).name === 'Yara' ? 'Bath' : 'Mirror');
    await page
      .getByRole('button', { name: /^(Washed and rinsed|Wiped with a damp cloth)/ })
      .click();
    await expect(
      page.getByRole('status').filter({ hasText: '1 kept on this phone' }),
    ).toBeVisible();
    await page.context().setOffline(false);
    await expect(page.getByRole('status').filter({ hasText: 'all sent' })).toBeVisible();
  });

  test('the supervisor sees what is wet now, and afterwards the record', async ({ browser }) => {
    const { name, surface: what } = homeOf(page);
    const desk = await another(browser, 'maren', page.viewportSize()!);
    await expect(desk.getByRole('link', { name: new RegExp(`${name} · ${what}`) })).toBeVisible();
    await surface(page, what);
    await page.getByRole('button', { name: 'Wipe at 10:00' }).click();
    await page.getByRole('button', { name: 'Wipe it, not met' }).click();
    await expect(desk.getByRole('link', { name: new RegExp(`${name} · ${what}`) })).toHaveCount(0);

    await page.getByRole('button', { name: 'Finish the round' }).click();
    await expect(page.getByRole('dialog')).toContainText('Not done');
    await page.getByRole('button', { name: 'Finish it' }).click();
    await expect(page.getByRole('heading', { name: 'Rounds' })).toBeVisible();

    await goTo(desk, 'Records');
    await choose(desk, /^Home/, name);
    await choose(desk, /^Kind/, 'Wet time');
    await expect(desk.locator('.list__row').first()).toContainText(
      new RegExp(`${what}\\. \\d:\\d\\d of`),
    );
    await expect(desk.locator('.list__row').first()).toContainText('of 10:00, not met');
    await desk.locator('.list__row').first().click();
    await expect(desk.locator('.sheet .verdict__say')).toContainText('Not met.');
    await desk.getByRole('button', { name: 'It was not so' }).click();
    await desk.getByLabel('What was it then, and who says so?').fill('The timer had stopped.');
    await expectAccessible(desk);
    await desk.getByRole('button', { name: 'Put it on record' }).click();
    await expect(desk.getByRole('status').filter({ hasText: 'On record' })).toBeVisible();
    await choose(desk, /^Kind/, 'Taken back');
    await expect(desk.locator('.list__row').first()).toContainText('The timer had stopped.');
    await choose(desk, /^Kind/, 'Refusal');
    await expect(desk.locator('.list__row').first()).toContainText('In a round');
    await desk.context().close();
  });

  test('may look at the bench and log a near miss', async () => {
    await goTo(page, 'Bench');
    await expect(page.getByRole('heading', { name: 'In use' })).toBeVisible();
    await goTo(page, 'Keep apart');
    await page.getByRole('button', { name: /Write down a near miss/ }).click();
    const dialog = page.getByRole('dialog');
    await expect(dialog.getByLabel('Who')).toHaveValue('Tobias');
    await dialog.getByLabel('What happened').fill('Bottle without a label.');
    await dialog.getByLabel('Where').fill('Caddy 1');
    await dialog.getByLabel('What was done').fill('Set aside.');
    await dialog.getByRole('button', { name: 'Log it' }).click();
    await page.getByRole('link', { name: 'Log' }).click();
    await page
      .getByRole('button', { name: /Bottle without a label/ })
      .first()
      .click();
    await expect(page.getByRole('region', { name: 'One of them' })).toContainText('Set aside.');
  });
});
