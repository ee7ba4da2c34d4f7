import { test, type Page } from '@playwright/test';
import { act, another, choose, goTo, signIn } from '../support.ts';

const shoot = async (page: Page, name: string) => {
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(400);
  await page.screenshot({ path: `../docs/screenshots/${name}.png` });
};
const openHome = async (page: Page, name: string, tab: string, surface: string) => {
  await goTo(page, 'Homes');
  await page.getByRole('button', { name: new RegExp(`^${name},`) }).click();
  await page.locator('.sheet').getByRole('link', { name: 'Survey' }).click();
  await page.getByRole('link', { name: tab, exact: true }).click();
  await page.locator('.descent__stop', { hasText: surface }).first().click();
};

test('every main view, from the demo data', async ({ page, browser }) => {
  const phone = await another(browser, 'tobias');
  await shoot(phone, 'phone-rounds');
  await phone.getByRole('button', { name: 'Start Hedda’s round' }).click();
  await phone.getByRole('button', { name: 'Washed and rinsed' }).click();
  await phone.getByRole('button', { name: 'Applied' }).click();
  await phone.getByRole('timer').waitFor();
  // The phone's clock is wound on, so that the band shows a wet time in progress.
  await phone.clock.install({ time: Date.now() + 100_000 });
  await phone.reload();
  await phone.getByRole('timer').waitFor();
  await shoot(phone, 'phone-round');

  await signIn(page, 'maren');
  await page.getByRole('button', { name: /^Ottilie/ }).click();
  await shoot(page, 'homes');
  await openHome(page, 'Hedda', 'Survey', 'Basin');
  await shoot(page, 'survey');
  await page.getByRole('link', { name: 'Protocol', exact: true }).click();
  await page.locator('.descent__room', { hasText: 'Kitchen' }).first().click();
  await page.locator('.descent__stop', { hasText: 'Worktop' }).click();
  await shoot(page, 'protocol');
  await goTo(page, 'Bench');
  await choose(page, /^Stock/, '2-propanol 99 %');
  await shoot(page, 'bench');
  await act('scale', 'empty');
  await act('scale', 'tare');
  await act('scale', 'put 48.2');
  await page.getByRole('button', { name: 'Weigh it on the scale' }).click();
  await page.getByRole('button', { name: 'Set to nought' }).click();
  await page.getByRole('button', { name: 'Begin' }).click();
  await act('scale', 'put 160');
  await page.getByRole('button', { name: 'Correct the batch' }).click();
  await act('scale', 'put 200');
  await page.waitForTimeout(1800);
  await shoot(page, 'weigh');
  const bench = page.getByRole('navigation', { name: 'Bench' });
  await bench.getByRole('link', { name: 'Analyse' }).click();
  await choose(page, /^From the book/, 'Caddy 2, the orange one');
  await page.getByRole('button', { name: 'How sure, as people measure?' }).click();
  await page.getByText(/times in 100/).waitFor();
  await shoot(page, 'analyse');
  await bench.getByRole('link', { name: 'Bottles' }).click();
  await page.getByRole('button', { name: /F-002/ }).click();
  await choose(page, /^From the batch/, /peroxide 3 %/);
  await shoot(page, 'bottles');
  await goTo(page, 'Keep apart');
  await shoot(page, 'keep-apart');
  await goTo(page, 'Records');
  await choose(page, /^Kind/, 'Wet time');
  await page.locator('.list__row', { hasText: 'not met' }).first().click();
  await shoot(page, 'records');

  await phone.getByRole('button', { name: /^Bottle in hand/ }).click();
  await phone.getByRole('option', { name: /Vinegar/ }).first().click();
  await phone.getByRole('button', { name: 'I have re-wet it' }).click();
  await phone.locator('.stop__bar').waitFor();
  await shoot(phone, 'phone-stop');
});
