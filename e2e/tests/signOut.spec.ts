import { expect, test } from '@playwright/test';
import { signIn } from '../support.ts';

test('who signs out without signal is signed out on this device at once, and on the server once it is heard', async ({
  page,
}) => {
  await signIn(page, 'tobias');
  await page.route('**/api/session', (route) =>
    route.request().method() === 'DELETE' ? route.abort() : route.continue(),
  );
  await page.getByRole('button', { name: /^Tobias/ }).click();
  await page.getByRole('button', { name: /^Sign out/ }).click();
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Password')).toBeVisible();

  await page.unroute('**/api/session');
  await page.reload();
  await expect(page.getByLabel('Password')).toBeVisible();
  expect((await page.request.get('/api/session')).status()).toBe(401);
});
