import { expect, test, type Page } from '@playwright/test';
import { arrive, finishRoundAt, signIn } from '../support.ts';

test.use({ serviceWorkers: 'allow' });

/** The addresses of what is kept for when there is no signal. */
const kept = (page: Page): Promise<string[]> =>
  page.evaluate(async () => (await (await caches.open('answers')).keys()).map(({ url }) => url));

/** Desk and phone each work another home of the demo. */
const homes = { desk: 'Ottilie', phone: 'Bram' } as const;

test('without signal the page opens, a round goes on, and help is at hand', async ({ page }, {
  project,
}) => {
  const home = homes[project.name as keyof typeof homes];
  await signIn(page, 'tobias');
  await finishRoundAt(page, home);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.goto('/rounds');
  await page.getByRole('button', { name: `Start ${home}’s round` }).click();
  await arrive(page);
  const first = page.locator('h1');
  await expect(first).not.toHaveText('Rounds');
  const surface = await first.textContent();
  const { pathname } = new URL(page.url());
  await page.goto('/rounds');
  await expect(page.getByRole('link', { name: new RegExp(home) }).first()).toBeVisible();
  // All that is needed without signal has come.
  for (const path of [pathname, '/book', '/batches'])
    await expect.poll(() => kept(page)).toContainEqual(expect.stringMatching(`${path}$`));

  await page.context().setOffline(true);
  const begun = Date.now();
  await page.goto(pathname);
  await expect(page.locator('h1')).toHaveText(surface!);
  expect(Date.now() - begun).toBeLessThan(2000);
  await page.locator('.phone__acts .btn--main').click();
  await expect(page.getByText('1 kept on this phone')).toBeVisible();
  await page.reload();
  await expect(page.locator('h1')).toHaveText(surface!);
  await expect(page.getByText('1 kept on this phone')).toBeVisible();

  await page.goto('/keep-apart?happened=yes');
  await expect(page.getByText('555-0150').first()).toBeVisible();
  await page.goto('/keep-apart/book');
  await expect(page.getByRole('heading', { name: 'The book' })).toBeVisible();

  await page.context().setOffline(false);
  await page.goto(pathname);
  await expect(page.getByText('all sent')).toBeVisible();
});

/** Desk and phone each begin another home of the demo. */
const begun = { desk: 'Yara', phone: 'Hedda' } as const;

test('without signal a round is begun, worked and finished, and is on record afterwards', async ({
  page,
}, { project }) => {
  const home = begun[project.name as keyof typeof begun];
  await signIn(page, 'anneke');
  await finishRoundAt(page, home);
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.goto('/rounds');
  const ahead = () => kept(page).then((all) => all.filter((url) => url.includes('/round-homes/')));
  await expect.poll(() => ahead().then(({ length }) => length)).toBeGreaterThanOrEqual(4);

  await page.context().setOffline(true);
  await page.goto('/rounds');
  await page.getByRole('button', { name: `Start ${home}’s round` }).click();
  await arrive(page);
  await expect(page.getByText('1 kept on this phone')).toBeVisible();
  const round = new URL(page.url()).pathname.split('/').at(-1)!;
  const surface = await page.locator('h1').textContent();
  await page.locator('.phone__acts .btn--main').click();
  await expect(page.getByText('2 kept on this phone')).toBeVisible();
  await page.reload();
  await expect(page.locator('h1')).toHaveText(surface!);
  await page.getByRole('link', { name: 'Emergency' }).click();
  await expect(page.getByRole('link', { name: /555-0100/ })).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('button', { name: 'Finish the round' }).click();
  await page.getByRole('button', { name: 'Finish it' }).click();
  await expect(page.getByText('3 kept on this phone')).toBeVisible();
  await expect(page.getByRole('link', { name: new RegExp(home) })).toHaveCount(0);

  await page.context().setOffline(false);
  await expect(page.getByText('all sent')).toBeVisible();
  const told = await (await page.request.get(`/api/rounds/${round}`)).json();
  expect(told).toMatchObject({ homeName: home, by: 'Anneke', events: [{ by: 'Anneke' }] });
  expect(told.finishedAt).toBeGreaterThanOrEqual(told.events[0].at);
});

test('whoever signs out leaves nothing on the phone that was told to them', async ({ page }) => {
  await signIn(page, 'tobias');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.reload();
  await expect.poll(() => kept(page)).toContainEqual(expect.stringMatching('/session$'));
  await page.getByRole('button', { name: /Tobias/ }).click();
  await page.getByRole('button', { name: /^Sign out/ }).click();
  await expect(page.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await expect.poll(() => kept(page)).toEqual([]);
  await page.context().setOffline(true);
  await page.reload();
  await expect(page.getByRole('alert')).toContainText('No answer');
});
