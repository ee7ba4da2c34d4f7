import { readFileSync } from 'node:fs';
import { expect, test, type Page } from '@playwright/test';
import ICAL from 'ical.js';
import { extractText, getDocumentProxy } from 'unpdf';
import { arrive, expectAccessible, finishRoundAt, signIn } from '../support.ts';

const minutes = async (page: Page): Promise<number> => {
  const text = (await page.locator('.lasts b').nth(1).textContent())!;
  return Number(text.split(':')[0]);
};

const openPlan = async (page: Page) => {
  const homes = (await (await page.request.get('/api/homes')).json()) as {
    id: string;
    name: string;
  }[];
  await page.goto(`/homes/${homes.find(({ name }) => name === 'Hedda')!.id}/visit`);
  await expect(page.getByRole('heading', { level: 1, name: 'Visit plan' })).toBeVisible();
};

const goes = (page: Page, name: string, yes: boolean) =>
  page.getByLabel(name, { exact: true }).setChecked(yes);

/** The page searches in a worker for some seconds, and says so. */
const searched = (page: Page) =>
  expect(page.getByText('Looking for the best order')).toBeHidden({ timeout: 20_000 });

test.describe.serial('a visit', () => {
  test('is planned for one and for two, moved by hand, mended, and given', async ({ page }) => {
    await signIn(page, 'maren');
    await openPlan(page);
    await goes(page, 'Anneke', false);
    await goes(page, 'Maren', false);
    await goes(page, 'Tobias', true);
    await expect(page.getByText(/^One person is out in/)).toBeVisible();
    await searched(page);
    const alone = await minutes(page);
    await goes(page, 'Ruben', true);
    await expect(page.getByText(/^2 people are out in/)).toBeVisible();
    await searched(page);
    expect(await minutes(page)).toBeLessThanOrEqual(alone);
    await expect(page.getByText(/No plan can be/)).toBeVisible();
    await expectAccessible(page);

    // The client needs the room: what does not fit is said, and nothing is planned by half.
    await page.getByText('Rooms: when they are free, and the way there').click();
    const free = page.getByLabel(/: free in min$/).first();
    await free.fill('0–2');
    await expect(page.getByText('No plan fits.')).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText(/(do not all fit|does not fit) into the hours/)).toBeVisible();
    await free.fill('until two');
    await expect(page.getByText('A figure below cannot be read.')).toBeVisible();
    await free.fill('0–40, 45–240');
    await expect(page.getByText(/^2 people are out in/)).toBeVisible();
    // One room lies off another; ways that lead in a circle are said, and nothing is planned by them.
    const rooms = page.getByLabel(/: by way of$/);
    const way = async (room: number, by: number) => {
      await rooms.nth(room).click();
      await page.getByRole('option').nth(by).click();
    };
    await way(0, 1);
    await page.getByLabel(/: s on foot$/).fill('60');
    await expect(page.getByText(/^2 people are out in/)).toBeVisible();
    await way(1, 1);
    await expect(page.getByText('A way leads in a circle')).toBeVisible();
    await expect(page.getByText('A figure below cannot be read.')).toBeVisible();
    await way(1, 0);
    await expect(page.getByText(/^2 people are out in/)).toBeVisible();
    await searched(page);

    // A wipe before its wet time is met.
    const kept = page.locator('.visit-row', { has: page.locator('.visit-band') }).first();
    await kept.locator('button.visit-row__name').click();
    const wipe = page
      .getByRole('listitem')
      .filter({ hasText: /: wipe off,/ })
      .first();
    // The plan may leave some time between: earlier until it is too early.
    await expect(async () => {
      await wipe.getByRole('button', { name: '1 min earlier' }).click();
      await expect(page.getByText('It breaks a rule:')).toBeVisible({ timeout: 1000 });
    }).toPass();
    await expect(page.getByText('Every wet time is met')).toBeHidden();
    await expect(page.getByRole('button', { name: /^Give to/ })).toBeHidden();
    await page.getByRole('button', { name: /^Put it where it fits/ }).click();
    await expect(page.getByText('Moved by hand.')).toBeVisible();
    await page.getByRole('button', { name: 'Plan anew' }).click();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
    // The same by mouse: the band stays, the step is taken hold of.
    const step = page.locator('[data-step^="row-"]').last();
    await step.scrollIntoViewIfNeeded();
    const box = (await step.boundingBox())!;
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x - 150, box.y + 4, { steps: 6 });
    await page.mouse.up();
    await expect(page.getByText(/^(It breaks a rule:|Moved by hand\.)$/)).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
    await page.getByRole('button', { name: /^Give to/ }).click();
    await expect(page.getByText(/^Given to Ruben and Tobias/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Give to/ })).toBeHidden();
    // Whoever comes back finds what was given, not another plan that is as good.
    await page.reload();
    await searched(page);
    await expect(page.getByText(/^2 people are out in/)).toBeVisible();
    await expect(page.getByRole('button', { name: /^Give to/ })).toBeHidden();
    // Nor are the client's hours and the way there lost with the page.
    await page.getByText('Rooms: when they are free, and the way there').click();
    await expect(page.getByLabel(/: free in min$/).first()).toHaveValue('0–40, 45–240');
    await expect(page.getByLabel(/: s on foot$/)).toHaveValue('60');
  });

  test('asks what other solutions take and cost, and opens a visit from a file', async ({
    page,
  }) => {
    await signIn(page, 'maren');
    await openPlan(page);
    await searched(page);
    await page.getByRole('button', { name: 'With other solutions' }).click();
    const rows = page.getByRole('row').filter({ hasText: / instead of / });
    await expect(rows.first()).toBeVisible({ timeout: 20_000 });
    await expect(page.getByText('Planning with other solutions')).toBeHidden({ timeout: 30_000 });
    await page.getByLabel(/^Paid an hour/).fill('18');
    await expect(rows.first().getByRole('cell').last()).toHaveText(/\d/);

    const file = (text: string) => ({
      name: 'made-up.json',
      mimeType: 'application/json',
      buffer: Buffer.from(text),
    });
    const input = page.locator('input[type=file]');
    const made = readFileSync(
      new URL('../../core/bench/visits/01-one-bath.json', import.meta.url),
      'utf8',
    );
    await input.setInputFiles(file(made));
    await expect(page.getByText('Out in 23:41 min')).toBeVisible({ timeout: 20_000 });
    await input.setInputFiles(file(made.replace('"wet":', '"wet":-')));
    await expect(page.getByText('This file is no visit that can be planned.')).toBeVisible();
    await expect(page.getByText(/treatments\/0\/steps/).first()).toBeVisible();
    await input.setInputFiles(file('nothing'));
    await expect(page.getByText('This file is no visit that can be planned.')).toBeVisible();
    await page.getByRole('button', { name: 'Close the file' }).click();
  });

  test('has a page for each person, and a calendar that another program reads', async ({
    page,
  }) => {
    await signIn(page, 'maren');
    await openPlan(page);
    const sheet = page.getByRole('link', { name: 'Run sheet of Tobias (PDF)' });
    const pdf = await page.request.get((await sheet.getAttribute('href'))!);
    const { text } = await extractText(await getDocumentProxy(new Uint8Array(await pdf.body())), {
      mergePages: true,
    });
    expect(text).toContain('Tobias: Hedda');
    const download = page.waitForEvent('download');
    await page.getByRole('link', { name: 'For the calendar (.ics)' }).click();
    const file = readFileSync(await (await download).path(), 'utf8');
    const event = new ICAL.Component(ICAL.parse(file) as unknown[]).getFirstSubcomponent('vevent')!;
    expect(new ICAL.Event(event).summary).toBe('Visit to Hedda');
  });

  test('the phone says what is next by the plan', async ({ browser }) => {
    const page = await (
      await browser.newContext({
        viewport: { width: 390, height: 844 },
        baseURL: process.env.BASE_URL,
        locale: 'en-GB',
      })
    ).newPage();
    await signIn(page, 'tobias');
    await finishRoundAt(page, 'Hedda');
    await page.goto('/rounds');
    await page.getByRole('button', { name: 'Start Hedda’s round' }).click();
    await arrive(page);
    await expect(page.getByRole('heading', { name: 'By the plan' })).toBeVisible();
    await expect(page.getByText(/^Tobias, \d\d:\d\d: .*, (clean|put on)$/)).toBeVisible();
    await expectAccessible(page);
    await finishRoundAt(page, 'Hedda');
    await page.context().close();
  });
});
