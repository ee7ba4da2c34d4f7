import { test, type Page } from '@playwright/test';
import { another, arrive, choose, goTo, signIn, takeBottle, takeWhatIsSet } from '../support.ts';

const shoot = async (page: Page, name: string) => {
  await page.evaluate(() => document.fonts.ready);
  await page.screenshot({ path: `../docs/screenshots/${name}.png`, animations: 'disabled' });
};
const ROUND = /\/api\/rounds\/[\w-]+$/;
/** Shows a round as if all of it had been done so many ms ago. */
const ago = async (page: Page, ms: number) => {
  await page.unroute(ROUND);
  await page.route(ROUND, async (route) => {
    const answer = await route.fetch();
    const round = (await answer.json()) as { events: { at: number }[] };
    const events = round.events.map((event) => ({ ...event, at: event.at - ms }));
    await route.fulfill({ response: answer, json: { ...round, events } });
  });
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
  await phone.getByRole('button', { name: 'Start Hedda’s round' }).click();
  await phone.getByRole('heading', { name: 'Before you begin' }).waitFor();
  await shoot(phone, 'phone-arrive');
  await arrive(phone);
  await phone.getByRole('button', { name: 'Washed and rinsed' }).click();
  await takeWhatIsSet(phone);
  await phone.getByRole('button', { name: 'Applied' }).click();
  await phone.getByRole('timer').waitFor();
  await phone.getByText('all sent').waitFor();
  await phone.locator('.phone__next').getByRole('button', { name: 'Basin' }).first().click();
  await phone.getByRole('button', { name: 'Washed and rinsed' }).click();
  await takeWhatIsSet(phone);
  await phone.getByRole('button', { name: 'Applied' }).click();
  await phone.getByText('all sent').waitFor();
  await ago(phone, 100_000);
  await phone.reload();
  await phone.getByRole('timer').waitFor();
  await shoot(phone, 'phone-round');
  await ago(phone, 3_000_000);
  await phone.reload();
  await phone.getByRole('heading', { name: 'Look: is it still wet?' }).waitFor();
  await shoot(phone, 'phone-look');
  await phone.unroute(ROUND);
  await phone.reload();
  await phone.getByRole('timer').waitFor();

  await signIn(page, 'maren');
  await page.getByRole('button', { name: /^Ottilie/ }).click();
  await page.getByRole('link', { name: 'Open the protocol' }).waitFor();
  await shoot(page, 'homes');
  await openHome(page, 'Hedda', 'Survey', 'Basin');
  await shoot(page, 'survey');
  await page.getByRole('link', { name: 'Protocol', exact: true }).click();
  await page.locator('.descent__room', { hasText: 'Kitchen' }).first().click();
  await page.locator('.descent__stop', { hasText: 'Worktop' }).click();
  await shoot(page, 'protocol');
  await openHome(page, 'Ines', 'Protocol', 'Basin tap');
  await page.getByRole('region', { name: 'What is done first' }).scrollIntoViewIfNeeded();
  await shoot(page, 'soil');
  await page.goto('/bench/jars');
  await page.getByRole('heading', { name: 'When it must go' }).waitFor();
  await shoot(page, 'jars');
  await page.goto('/house-rules');
  await page
    .getByRole('radiogroup', { name: 'May peroxide be diluted to disinfect?' })
    .getByRole('radio', { name: /^No/ })
    .click();
  await page.getByText(/would have to be reviewed/).waitFor();
  await shoot(page, 'house-rules');
  await page.goto('/people');
  await page.locator('.thread').first().waitFor();
  await shoot(page, 'people');
  await goTo(page, 'Bench');
  await choose(page, /^Stock/, '2-propanol 99 %');
  await shoot(page, 'bench');
  const bench = page.getByRole('navigation', { name: 'Bench' });
  await bench.getByRole('link', { name: 'Analyse' }).click();
  await choose(page, /^From the book/, 'Caddy 2, the orange one');
  await page.getByRole('button', { name: 'How sure, as people measure?' }).click();
  await page.getByText(/times in 100/).waitFor();
  await shoot(page, 'analyse');
  await goTo(page, 'Shelf');
  await page.locator('.list__row').nth(1).click();
  await page.getByRole('img', { name: /^Strength of S-0101/ }).waitFor();
  await shoot(page, 'shelf');
  await goTo(page, 'Keep apart');
  await page.getByRole('img', { name: /over an hour/ }).waitFor();
  await shoot(page, 'keep-apart');
  await goTo(page, 'Records');
  await choose(page, /^Kind/, 'Wet time');
  await page.locator('.list__row', { hasText: 'not met' }).first().click();
  await shoot(page, 'records');
  await page.goto('/board');
  await page.locator('.afloat__row').first().waitFor();
  await shoot(page, 'board');
  await page.goto('/records/trends');
  await page.locator('canvas').waitFor();
  await page.getByText('times as fast as the tables say').first().waitFor();
  await shoot(page, 'trends');
  await page.goto('/records?kind=round-finished');
  await page.locator('.list__row').first().click();
  await page.getByRole('button', { name: 'Make the visit report' }).click();
  const report = page.getByRole('link', { name: /^Open the report/ });
  const code = (await report.textContent())!.replace(/^Open the report /, '');
  await page.goto('/check');
  await page.getByLabel('Code at the foot of the paper').fill(code);
  await page.getByRole('button', { name: 'Check' }).click();
  await page.getByText(/^This paper stands/).waitFor();
  await shoot(page, 'check');

  await takeBottle(phone, /Vinegar/);
  await phone.locator('.stop__bar').waitFor();
  await shoot(phone, 'phone-stop');
});
