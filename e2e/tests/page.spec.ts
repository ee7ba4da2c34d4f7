import { gzipSync } from 'node:zlib';
import { expect, test, type Page } from '@playwright/test';
import { goTo, signIn } from '../support.ts';

const bytesOf = (page: Page): (() => Promise<number>) => {
  const sizes: Promise<number>[] = [];
  page.on('response', (response) => {
    if (response.url().endsWith('.js'))
      sizes.push(response.body().then((body) => gzipSync(body).length));
  });
  return async () => {
    await page.waitForLoadState('networkidle').catch(() => undefined);
    return (await Promise.all(sizes)).reduce((sum, size) => sum + size, 0);
  };
};

test('the first page takes at most 200 kB of JavaScript, signed in too', async ({ page }) => {
  const bytes = bytesOf(page);
  await signIn(page, 'maren');
  await expect(page.getByRole('table')).toBeVisible();
  expect(await bytes()).toBeGreaterThan(50_000);
  expect(await bytes()).toBeLessThanOrEqual(200_000);
});

test('so does a cleaner’s, with the rounds of the day', async ({ page }) => {
  const bytes = bytesOf(page);
  await signIn(page, 'tobias');
  await expect(page.getByRole('heading', { name: 'Rounds' })).toBeVisible();
  expect(await bytes()).toBeLessThanOrEqual(200_000);
});

test('keys go to the places and walk the lists', async ({ page }) => {
  await signIn(page, 'maren');
  await expect(page.locator('.list__row').first()).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('.list__row').nth(1)).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('6');
  await expect(page.getByRole('heading', { name: 'Keep apart' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog').getByRole('heading', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.keyboard.press('n');
  await expect(
    page.getByRole('dialog').getByRole('heading', { name: 'Write down a near miss' }),
  ).toBeVisible();
});

test('by keyboard one comes past the places at once', async ({ page }) => {
  await signIn(page, 'maren');
  await expect(page.locator('.list__row').first()).toBeVisible();
  await page.locator('body').press('Tab');
  const skip = page.getByRole('button', { name: 'Go to the page itself' });
  await expect(skip).toBeFocused();
  await skip.press('Enter');
  await expect(page.locator('main')).toBeFocused();
});

test('Enter presses what has the focus, and opens the chosen home otherwise', async ({ page }) => {
  await signIn(page, 'maren');
  await expect(page.locator('.list__row').first()).toHaveAttribute('aria-current', 'true');
  const add = page.getByRole('button', { name: /Add a home/ });
  await add.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog').getByRole('heading', { name: 'Add a home' })).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(add).toBeFocused();
  await page.locator('.list__row').first().focus();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/homes\/.+\/protocol$/);
});

test('nothing is fetched from elsewhere, and no screen scrolls sideways', async ({ page }) => {
  const elsewhere: string[] = [];
  page.on('request', (request) => {
    if (!request.url().startsWith(process.env.BASE_URL!) && !request.url().startsWith('data:'))
      elsewhere.push(request.url());
  });
  await signIn(page, 'maren');
  for (const place of ['Homes', 'Rounds', 'Bench', 'Keep apart', 'Records']) {
    await goTo(page, place);
    await expect(page.getByRole('heading', { name: place, level: 1 })).toBeVisible();
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
    ).toBeLessThanOrEqual(0);
  }
  expect(elsewhere).toEqual([]);
});
