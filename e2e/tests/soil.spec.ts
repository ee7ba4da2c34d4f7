import { expect, test, type Page } from '@playwright/test';
import { arrive, expectAccessible, finishRoundAt, signIn, takeWhatIsSet } from '../support.ts';

const go = (page: Page, name: string) =>
  page.locator('.clocks, .phone__next').getByRole('button', { name, exact: false }).first().click();

test('a brush soaks while the basin is done, and a bag beside it waits', async ({ page }) => {
  await signIn(page, 'anneke');
  await finishRoundAt(page, 'Ines');
  await page.goto('/rounds');
  await page.getByRole('button', { name: 'Start Ines’s round' }).click();
  await expect(page.getByRole('heading', { name: 'Clean cloths to take' })).toBeVisible();
  await arrive(page);
  await go(page, 'Toilet brush');
  await expect(page.getByText('Dust and touch marks: peroxide, 3 %')).toBeVisible();
  await expect(page.getByText('Put it in so that it is covered all over.')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: /^It is on/ }).click();
  await expect(page.getByRole('timer', { name: 'time left on it' })).toHaveText(/^(30:00|29:)/);
  await expectAccessible(page);
  await go(page, 'Basin tap');
  await page.getByRole('button', { name: /^It is on/ }).click();
  await expect(page.locator('.stop__bar')).toContainText('Never');
  await expect(page.locator('.stop__bar')).toContainText('Toilet brush is in the way');
  await page.getByRole('button', { name: /^Back/ }).click();
  await page.getByRole('button', { name: 'There is nothing on it' }).click();
  await expect(page.getByRole('button', { name: /^Washed and rinsed/ })).toBeVisible();
  await go(page, 'Basin');
  await page.getByRole('button', { name: /^Washed and rinsed/ }).click();
  await takeWhatIsSet(page);
  await page.getByRole('button', { name: /^Applied/ }).click();
  await expect(page.getByRole('timer', { name: 'wet time left' })).toBeVisible();
  await go(page, 'Toilet brush');
  await page.getByRole('button', { name: /^Taken off/ }).click();
  await expect(page.getByText(/: off too early\.$/)).toBeVisible();
  await expect(page.getByText('Rinse it well.')).toBeVisible();
  await finishRoundAt(page, 'Ines');
});
