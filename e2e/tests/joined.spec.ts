import { expect, test } from '@playwright/test';
import { another, arrive, expectAccessible, finishRoundAt, signIn } from '../support.ts';

/** Desk and phone each work another home of the demo. */
const homes = { desk: 'Ottilie', phone: 'Bram' } as const;

test('one round of a home: another joins it, each sees what the other did, a supervisor looks on', async ({
  page,
  browser,
}, { project }) => {
  const home = homes[project.name as keyof typeof homes];
  await signIn(page, 'tobias');
  await finishRoundAt(page, home);
  await page.goto('/rounds');
  await page.getByRole('button', { name: `Start ${home}’s round` }).click();
  await arrive(page);
  const next = page.locator('.phone__acts .btn--main');
  await expect(next).toBeVisible();
  const before = (await next.textContent())!;

  const anneke = await another(browser, 'anneke', page.viewportSize()!);
  await anneke.goto('/rounds');
  await anneke.getByRole('link', { name: new RegExp(`${home}.*Tobias`) }).click();
  await expect(anneke.getByText('At work here: Tobias. You look on.')).toBeVisible();
  await expect(anneke.locator('.phone__acts .btn')).toHaveCount(1);
  await expectAccessible(anneke);
  await anneke.getByRole('button', { name: /^Join this round/ }).click();
  await arrive(anneke);
  await expect(anneke.locator('.phone__acts .btn--main')).toHaveText(before);
  await anneke.locator('.phone__acts .btn--main').click();
  await expect(next).not.toHaveText(before);

  const maren = await another(browser, 'maren', page.viewportSize()!);
  await maren.goto(new URL(page.url()).pathname);
  await expect(maren.getByText('At work here: Tobias, Anneke. You look on.')).toBeVisible();
  await anneke.context().close();
  await maren.context().close();
});
