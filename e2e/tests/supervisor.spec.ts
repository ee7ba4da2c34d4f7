import { expect, test, type Page } from '@playwright/test';
import { addSurface, choose, expectAccessible, goTo, signIn } from '../support.ts';

/** Each run works in a home of its own, so that desk and phone do not meet. */
const homeName = (page: Page) => `Home of ${page.viewportSize()!.width}`;

const openSurface = (page: Page, name: string) =>
  page.locator('.descent__stop', { hasText: name }).click();
const family = (page: Page, name: string) => page.getByRole('article', { name });
const mustBe = (page: Page, goal: string) =>
  page.getByRole('group', { name: 'Must be' }).getByRole('button', { name: goal }).click();

test.describe.serial('a supervisor', () => {
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

  test('signs in with a demo account, and is told when the password is wrong', async () => {
    await page.goto('/');
    await expectAccessible(page);
    await page.getByLabel('Name you sign in with').fill('maren');
    await page.getByLabel('Password').fill('guess');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByRole('alert')).toContainText('Name and password do not go together');
    await expect(page.getByLabel('Name you sign in with')).toHaveValue('maren');
    await signIn(page, 'maren');
    await expect(page.getByRole('heading', { name: 'Homes' })).toBeVisible();
    await expect(page.getByRole('button', { name: /Hedda, Fennel Row 7/ })).toContainText(
      '3 rooms, 18 surfaces',
    );
    await expectAccessible(page);
  });

  test('surveys a new home: a room with its air, surfaces read from top to bottom', async () => {
    await page.getByRole('button', { name: /Add a home/ }).click();
    await page.getByLabel('Client, by first name').fill(homeName(page));
    // Sent off incomplete, a form says what it wants and goes there.
    await page.getByRole('button', { name: 'Add and survey' }).click();
    await expect(page.getByLabel('Place', { exact: true })).toBeFocused();
    await expect(page.getByLabel('Place', { exact: true })).toHaveAccessibleDescription(
      'Write something here.',
    );
    await page.getByLabel('Place', { exact: true }).fill('Test Lane 1');
    await page.getByLabel('cat', { exact: true }).check();
    await page.getByRole('button', { name: 'Add and survey' }).click();
    await page.getByRole('button', { name: 'Add a room' }).first().click();
    const dialog = page.getByRole('dialog');
    await dialog.getByLabel('Room', { exact: true }).fill('Bathroom');
    await dialog.getByLabel('Floor area, m²').fill('0');
    await dialog.getByLabel('Height, m').click();
    await expect(dialog.getByText('Found “0”. 0.5 to 500 m² is allowed.')).toBeVisible();
    await dialog.getByLabel('Floor area, m²').fill('4.2');
    // Until somebody has asked, it counts as a flame.
    await expect(dialog.getByText('Ask it: until then it counts as a flame')).toBeVisible();
    await choose(page, /^Can anything in this room light a vapour/, /^no$/);
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Add the room' }).click();

    await addSurface(page, { name: 'Shelf', material: 'Marble', area: '0.4' });
    await addSurface(page, {
      name: 'Screen',
      material: 'Acrylic, polycarbonate',
      area: '1.8',
      touched: 'often',
    });
    await addSurface(page, { name: 'Tiles', material: 'Glazed ceramic', area: '3.5', food: true });
    await choose(page, /^Where it comes in the room/, 'Floor');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.locator('.descent__stop .descent__name')).toHaveText([
      'Shelf',
      'Screen',
      'Tiles',
    ]);
    await expectAccessible(page);
  });

  test('who goes on while something is being saved is not fetched back', async () => {
    let answer = () => {};
    const held = new Promise<void>((resolve) => {
      answer = resolve;
    });
    await page.route('**/api/surfaces/*', async (route) => {
      await held;
      await route.continue();
    });
    await openSurface(page, 'Tiles');
    await page.getByLabel('Name').fill('Wall tiles');
    await page.getByRole('button', { name: 'Save' }).click();
    await page.getByRole('link', { name: 'Protocol', exact: true }).click();
    await openSurface(page, 'Shelf');
    await expect(family(page, 'Vinegar')).toBeVisible();
    answer();
    await expect(page.locator('.descent__stop', { hasText: 'Wall tiles' })).toBeVisible();
    await expect(family(page, 'Vinegar')).toBeVisible();
    await page.unroute('**/api/surfaces/*');
  });

  test('sees what each family may do there, and why', async () => {
    await openSurface(page, 'Shelf');
    await expect(family(page, 'Vinegar')).toContainText('Never on marble: acid eats calcite');
    await expect(family(page, 'Peroxide')).toContainText('Care');

    await openSurface(page, 'Screen');
    await mustBe(page, 'disinfected');
    // Walking along the goals by key saves nothing.
    for (const key of ['ArrowRight', 'ArrowLeft', 'ArrowLeft', 'Tab'])
      await page.keyboard.press(key);
    await expect(
      page.getByRole('group', { name: 'Must be' }).getByRole('button', { name: 'disinfected' }),
    ).toHaveAttribute('aria-pressed', 'true');
    await expect(family(page, 'Alcohol')).toContainText('Never on acrylic');
    await expect(family(page, 'Vinegar')).toContainText(
      'Vinegar (acetic acid) cleans and descales',
    );
    await expect(family(page, 'Peroxide')).toContainText('Use');
    await expect(
      family(page, 'Peroxide').getByRole('img', { name: '10 min required' }),
    ).toBeVisible();
    await expect(page.locator('.verdict__say')).toContainText(
      'Wash with detergent and rinse. Spray 3 % w/v hydrogen peroxide: about 90 strokes. Keep it wet for 10 min. Wipe it off.',
    );
    await expectAccessible(page);

    await family(page, 'Peroxide').getByRole('button', { name: 'Other strength or stock' }).click();
    // Weaker than 3 % there is evidence against these only.
    await choose(page, /^Against/, 'flu, COVID or RSV');
    await family(page, 'Peroxide').getByLabel('In use at').fill('1.5 %');
    await expect(
      family(page, 'Peroxide').getByRole('img', { name: '20 min required' }),
    ).toBeVisible();
    await expect(family(page, 'Peroxide')).toContainText('CDC-2008, rhinovirus series');
    await family(page, 'Peroxide').getByLabel('In use at').fill('0.5 %');
    await expect(family(page, 'Peroxide')).toContainText(
      '0.5 % w/v is too weak: at least 0.75 % w/v is needed',
    );
    await family(page, 'Peroxide').getByLabel('In use at').fill('3 %');
    await page.getByRole('button', { name: 'Set peroxide' }).first().click();
    await expect(page.locator('.descent__stop', { hasText: 'Screen' })).toContainText(
      '3 %, 10 min',
    );
  });

  test('is refused what does not hold, then approves what does', async () => {
    await openSurface(page, 'Shelf');
    await mustBe(page, 'disinfected');
    await page.getByRole('button', { name: 'Set alcohol' }).first().click();
    await page.getByRole('button', { name: 'Take alcohol off again' }).click();
    await expect(page.getByText('One thing stands before approval')).toBeVisible();
    await page.getByRole('button', { name: 'Look over and approve' }).click();
    await expect(page.getByRole('button', { name: 'Approve version 1' })).toBeDisabled();
    // The server refuses what the page refuses, and writes it down.
    const [, homeId] = /homes\/([^/]+)/.exec(page.url())!;
    const seen = (
      (await (await page.request.get(`/api/homes/${homeId}`)).json()) as { revision: number }
    ).revision;
    expect(
      (
        await page.request.post(`/api/homes/${homeId}/protocols`, {
          data: {},
          headers: { 'if-match': `"${seen}"`, 'idempotency-key': crypto.randomUUID() },
        })
      ).status(),
    ).toBe(409);
    await openSurface(page, 'Shelf');

    await family(page, 'Peroxide').getByRole('button', { name: 'Set peroxide' }).click();
    await page.getByLabel('Why it is acceptable here').fill('Hidden edge tested.');
    await page.getByRole('button', { name: 'Accept with this reason' }).click();
    await expect(page.getByText('Nothing stands before approval')).toBeVisible();
    await page.getByRole('button', { name: 'Look over and approve' }).click();
    await expect(page.getByRole('region', { name: 'What you answer for' })).toContainText(
      'Hidden edge tested.',
    );
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Approve version 1' }).click();
    await expect(page.getByRole('heading', { name: 'Version 1 stands as approved' })).toBeVisible();
    await expectAccessible(page);
  });

  test('pours a batch: volumes with contraction, and a weak target refused to disinfect', async () => {
    await goTo(page, 'Bench');
    await choose(page, /^Stock/, '2-propanol 99 %');
    await page.getByLabel('How much').fill('1 l');
    const table = page.getByRole('table', { name: 'What to pour' });
    await expect(table.getByRole('row', { name: /Water/ })).toContainText('318 ml');
    await expect(table.getByRole('row', { name: /2-propanol/ })).toContainText('707 ml');
    await expect(table).toContainText('2.5 % less than was poured');

    await page.getByLabel('Strength, % v/v').fill('50 %');
    await expect(page.locator('.verdict__say')).toHaveText(
      'Not to disinfect: 50 % v/v 2-propanol is a cleaner, not a disinfectant.',
    );
    await expect(page.getByText('50 % v/v is too weak: at least 70 % v/v is needed')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Record the batch' })).toBeDisabled();
    await page.getByLabel('Strength, % v/v').fill('half');
    await page.getByLabel('How much').click();
    await expect(page.getByText('Found “half”')).toBeVisible();

    await page.getByLabel('Strength, % v/v').fill('70 %');
    await page.getByLabel('How much').fill('2 cups');
    await expect(table).toContainText('cups');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Record the batch' }).click();
    await expect(page.getByText(/Discard after .*20\d\d.*Recorded to disinfect/)).toBeVisible();
    await expect(page.locator('.crumb')).toContainText('by Maren');
  });

  test('asks whether two may meet, and logs a near miss', async () => {
    await goTo(page, 'Keep apart');
    await expect(page.locator('.sheet .verdict__say')).toHaveText(
      'Chlorine bleach and vinegar 5 % must never meet, in a bottle or on a wet surface.',
    );
    await expect(page.getByText('Could reach 85 ppm of chlorine')).toBeVisible();
    await expectAccessible(page);
    await page
      .getByRole('gridcell', { name: 'Vinegar 5 % with Peroxide, ours (2): Never' })
      .click();
    await expect(page.locator('.sheet .verdict__say')).toContainText(
      'must never meet, in a bottle or on a wet surface',
    );
    await expect(page.locator('.sheet')).toContainText('peracid that burns eyes, skin and lungs');
    await expect(page.locator('.sheet')).toContainText(
      'Rinse, and wipe dry before the other goes on.',
    );
    await page.keyboard.press('ArrowRight');
    await expect(page.locator('.sheet .verdict__say')).toContainText('may meet');

    await page.getByRole('button', { name: /Write down a near miss/ }).click();
    const dialog = page.getByRole('dialog');
    await dialog
      .getByLabel('What happened')
      .fill(`A caddy held both, seen at ${page.viewportSize()!.width}.`);
    await dialog.getByLabel('Where').fill('Depot');
    await dialog.getByLabel('What was done').fill('Caddy sorted.');
    await expectAccessible(page);
    await dialog.getByRole('button', { name: 'Log it' }).click();
    await page.getByRole('link', { name: 'Log' }).click();
    await page
      .getByRole('button', {
        name: new RegExp(`A caddy held both, seen at ${page.viewportSize()!.width}`),
      })
      .click();
    await expect(page.getByRole('region', { name: 'One of them' })).toContainText('Caddy sorted.');
  });

  test('finds it all on record, in order, and takes it along', async () => {
    await goTo(page, 'Records');
    const list = page.getByRole('region', { name: 'Records' });
    // Who signs in meanwhile is on record too.
    await expect(
      list.locator('.list__row').filter({ hasNotText: 'Signed in' }).first(),
    ).toContainText('Near miss');
    await choose(page, /^Home/, homeName(page));
    await expect(list.locator('.list__row')).toHaveText([
      /Approval.*Version 1 approved/,
      /Refusal.*A protocol: Bathroom: Shelf/,
    ]);
    await page.getByLabel('Day').fill('2020-01-01');
    await expect(page.getByText('Nothing was recorded that day.')).toBeVisible();
    await page.getByLabel('Day').fill('');
    await expectAccessible(page);
    for (const [link, start] of [
      // Narrowed to a home: the file says so before its heads.
      ['Export CSV', '\ufeffNarrowed to homeId='],
      ['Export JSON', '{"format":"zymostat.records/2","filter":{"homeId":'],
    ] as const) {
      const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: link }).click(),
      ]);
      const text = await (
        await download.createReadStream()
      )
        .toArray()
        .then((parts) => Buffer.concat(parts).toString());
      expect(text.startsWith(start)).toBe(true);
      expect(text).toContain(homeName(page));
    }
  });
});
