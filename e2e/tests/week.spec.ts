import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import ICAL from 'ical.js';
import { another, choose, expectAccessible, goTo, signIn } from '../support.ts';

/** The book may have been changed by other tests: who is sent signs it as it stands. */
const signBook = async ({ request }: Page) => {
  const { edition } = (await (await request.get('/api/book')).json()) as { edition: number };
  const headers = { 'Idempotency-Key': crypto.randomUUID() };
  expect((await request.post('/api/book/read', { data: { edition }, headers })).ok()).toBe(true);
};

test.describe.serial('the week', () => {
  test('shows what does not fit, and one press gives it to who can', async ({ page, browser }) => {
    await signIn(page, 'maren');
    await signBook(page);
    const tobias = await another(browser, 'tobias');
    await signBook(tobias);
    await tobias.context().close();
    await goTo(page, 'Board');
    await page.getByRole('link', { name: 'Week', exact: true }).click();
    await expect(page.getByRole('heading', { level: 1, name: 'Week' })).toBeVisible();
    await expect(
      page.getByText(/^10 of 11 visits stand\. Friday, Ines\. Ruben has not signed/),
    ).toBeVisible();
    await expectAccessible(page);
    await page.getByRole('button', { name: /^Give Ines to / }).click();
    await expect(page.getByText('Everything fits.')).toBeVisible();
    await expect(page.getByText(/^All 11 visits stand\./)).toBeVisible();
  });

  test('a visit is added, moved where it does not fit, worked out anew, and undone', async ({
    page,
  }) => {
    await signIn(page, 'maren');
    await page.goto('/board/week');
    await page.locator('.braid__day').nth(1).click();
    const day = page.getByRole('region', { name: 'Visits of Tuesday' });
    await expect(day.getByRole('listitem')).toHaveCount(2);
    await page.getByRole('button', { name: 'Add a visit' }).click();
    await choose(page, /^Home/, 'Ines');
    await page.getByLabel('From', { exact: true }).fill('9');
    await page.getByLabel('Begun by').fill('8:30');
    await expect(page.getByRole('button', { name: 'Done' })).toBeDisabled();
    await page.getByLabel('Begun by').fill('9:30');
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(day.getByRole('listitem')).toHaveCount(3);
    await expect(page.getByText('Tuesday, Ines.', { exact: true })).toBeVisible();
    await expect(page.getByText('One more person is needed.').first()).toBeVisible();

    // Sent by hand from another home: late, and it is said by how much.
    const row = day.getByRole('listitem').filter({ hasText: 'Ines' });
    await row.getByRole('button', { name: 'Change' }).click();
    await row.getByLabel('Tobias').check();
    await row.getByLabel('From', { exact: true }).fill('8');
    await row.getByLabel('Begun by').fill('8:05');
    await row.getByRole('button', { name: 'Done' }).click();
    await expect(
      page.getByText(/Tobias cannot be there by 08:05: .* late\./).first(),
    ).toBeVisible();
    await page.getByRole('button', { name: 'Undo the last change' }).click();
    await expect(page.getByText('One more person is needed.').first()).toBeVisible();

    await page
      .getByRole('button', { name: /^Send .* to Ines too$/ })
      .first()
      .click();
    await expect(page.getByText('Everything fits.')).toBeVisible();
    await page.getByRole('button', { name: 'Work out who goes' }).click();
    await expect(page.getByText(/^Found: everything fits, /)).toBeVisible({ timeout: 20_000 });
    await page.getByRole('button', { name: 'Use it' }).click();
    await expect(page.getByText(/^All 12 visits stand\./)).toBeVisible();
  });

  test('hours and roads are said; what is late or too much follows from them', async ({ page }) => {
    await signIn(page, 'maren');
    await page.goto('/board/week');
    await page.getByText('Hours, skills and roads').click();
    const road = page.getByLabel('From Depot to Yara, min');
    await road.fill('240');
    await page.getByRole('button', { name: 'Keep the roads' }).click();
    await expect(page.getByText('What does not fit')).toBeVisible();
    await expect(page.getByText(/cannot be there by|longer than the hours/).first()).toBeVisible();
    await road.fill('6');
    await page.getByRole('button', { name: 'Keep the roads' }).click();
    await expect(page.getByText('Everything fits.')).toBeVisible();
    const tobias = page.getByRole('group', { name: 'Hours of Tobias' });
    await tobias.getByLabel('Most hours a week').fill('1');
    await tobias.getByRole('button', { name: 'Keep the hours' }).click();
    await expect(page.getByText(/Tobias works .* more than was agreed\./).first()).toBeVisible();
    await tobias.getByLabel('Most hours a week').fill('30');
    await tobias.getByRole('button', { name: 'Keep the hours' }).click();
    await expect(page.getByText('Everything fits.')).toBeVisible();
  });

  test('a morning has its pour list, a person a calendar, and the phone shows where to go', async ({
    page,
    browser,
  }) => {
    await signIn(page, 'maren');
    await page.goto('/board/week');
    // By keyboard: the day before, and back.
    const friday = page.getByRole('radio', { name: 'Fri' });
    await friday.click();
    await page.keyboard.press('ArrowLeft');
    await expect(page.getByRole('region', { name: 'Visits of Thursday' })).toBeVisible();
    await page.keyboard.press('ArrowRight');
    const pour = page.getByRole('region', { name: 'To pour for Friday' });
    await expect(pour.getByRole('cell', { name: /Peroxide 3 %/ })).toBeVisible();
    await expect(pour.getByRole('cell', { name: /^Cloths: / }).first()).toBeVisible();
    await page.getByRole('button', { name: /^Tobias/ }).click();
    const coming = page.waitForEvent('download');
    await page.getByRole('link', { name: /^Week of Tobias/ }).click();
    const text = readFileSync(await (await coming).path(), 'utf8');
    const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent');
    expect(events.length).toBeGreaterThan(2);

    await page.goto('/shelf/buy');
    await expect(page.getByText('Where visits of the week need more than that')).toBeVisible();

    await page.goto('/board/week');
    await page.getByRole('button', { name: 'Add a visit' }).click();
    await choose(page, /^Home/, 'Yara');
    await choose(page, /^Day/, 'Sunday');
    await page.getByLabel('From', { exact: true }).fill('23');
    await page.getByLabel('Begun by').fill('23:50');
    await page.getByLabel('Tobias').check();
    await page.getByRole('button', { name: 'Done' }).click();
    await expect(page.getByText(/Tobias is off that day\./).first()).toBeVisible();

    const tobias = await another(browser, 'tobias');
    await tobias.goto('/rounds');
    const own = tobias.getByRole('region', { name: 'Your visits this week' });
    await expect(own.getByText(/^Sunday, 23:/)).toBeVisible();
    await tobias.context().close();
  });
});
