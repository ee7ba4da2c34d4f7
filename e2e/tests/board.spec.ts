import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { extractText, getDocumentProxy } from 'unpdf';
import {
  another,
  arrive,
  expectAccessible,
  finishRoundAt,
  goTo,
  signIn,
  takeWhatIsSet,
} from '../support.ts';

/** Desk and phone each work another home of the demo. */
const homes = { desk: 'Ottilie', phone: 'Bram' } as const;

test('the board follows a phone within a second; an early wipe is on board, record and report, and the client can check it', async ({
  page,
  browser,
}, { project }) => {
  const home = homes[project.name as keyof typeof homes];
  const phone = await another(browser, 'anneke');
  await finishRoundAt(phone, home);
  await signIn(page, 'maren');
  await page.keyboard.press('1');
  await expect(page.getByRole('heading', { level: 1, name: 'Board' })).toBeVisible();

  await phone.goto('/rounds');
  await phone.getByRole('button', { name: `Start ${home}’s round` }).click();
  await arrive(phone);
  await expect(phone.getByRole('status').filter({ hasText: 'all sent' })).toBeVisible();
  const mine = page.locator('.day__visit', { hasText: home }).first();
  await expect(mine).toContainText('Anneke');
  const surface = (await phone.locator('h1').textContent())!;
  await phone.locator('.phone__now .btn--main').click();
  await takeWhatIsSet(phone);
  await phone.getByRole('button', { name: /^Applied/ }).click();
  const wet = page.locator('.afloat__row', { hasText: surface }).filter({ hasText: home });
  await expect(wet).toBeVisible({ timeout: 1000 });
  await expectAccessible(page);

  await phone.getByRole('button', { name: /^Wipe at/ }).click();
  await phone.getByRole('button', { name: 'Wipe it, not met' }).click();
  const held = page.getByRole('region', { name: 'Held up' }).getByRole('link').first();
  await expect(held).toContainText('Wiped early', { timeout: 1500 });
  await expect(held).toContainText(surface);
  await phone.getByRole('button', { name: 'Finish the round' }).click();
  await phone.getByRole('button', { name: 'Finish it' }).click();
  await expect(mine).toContainText('finished');
  await phone.context().close();

  await goTo(page, 'Records');
  await page.goto('/records?kind=round-finished');
  const finished = page.locator('.list__row', { hasText: home }).first();
  await expect(finished).toContainText('1 not met');
  await finished.click();
  await page.getByRole('button', { name: 'Make the visit report' }).click();
  const link = page.getByRole('link', { name: /^Open the report/ });
  await expect(link).toBeVisible();
  const paper = await (await page.request.get((await link.getAttribute('href'))!)).body();
  const code = (await link.textContent())!.replace(/^Open the report /, '');

  const client = await (await browser.newContext({ baseURL: process.env.BASE_URL })).newPage();
  await client.goto('/check');
  await expectAccessible(client);
  await client.getByLabel('Code at the foot of the paper').fill(code.toLowerCase());
  await client.getByRole('button', { name: 'Check' }).click();
  await expect(client.getByText(/^This paper stands/)).toBeVisible();
  await expect(client.getByText('The file was not compared')).toBeVisible();
  const file = { name: 'report.pdf', mimeType: 'application/pdf', buffer: paper };
  await client.locator('input[type=file]').setInputFiles(file);
  await expect(client.getByText('The file is as it was signed')).toBeVisible();
  await expectAccessible(client);
  const readme = readFileSync(new URL('../../README.md', import.meta.url));
  await client.locator('input[type=file]').setInputFiles({ ...file, buffer: readme });
  await expect(client.getByText('This is no visit report')).toBeVisible();
  await client.getByLabel('Code at the foot of the paper').fill('7KQF 29MD XW4T');
  await client.getByRole('button', { name: 'Check' }).click();
  await expect(client.getByText('No such code')).toBeVisible();
  await client.context().close();
});

test('what nobody can vouch for is not shown, on board, record and report', async ({ page }) => {
  // A home in which nothing was finished just now: a round does not begin before that.
  const home = 'Bram';
  await signIn(page, 'maren');
  await finishRoundAt(page, home);
  const { request } = page;
  const json = async <T>(path: string): Promise<T> =>
    (await (await request.get(`/api${path}`)).json()) as T;
  const homes = await json<{ id: string; name: string }[]>('/round-homes');
  const homeId = homes.find(({ name }) => name === home)!.id;
  const ahead = await json<{ version: Version }>(`/round-homes/${homeId}`);
  const { person } = await json<{ person: { id: string } }>('/session');
  const batches =
    await json<{ id: string; active: string; strength: number; status: string }[]>('/batches');
  const surface = ahead.version.protocol.rooms
    .flatMap(({ surfaces }) => surfaces)
    .find(
      ({ treatment }) => treatment?.active === 'hydrogen peroxide' && treatment.seconds === 600,
    )!;
  const bottle = batches.find(
    ({ active, strength, status }) =>
      status === 'verified' &&
      active === 'hydrogen peroxide' &&
      strength === surface.treatment!.strength,
  )!;
  // As a phone tells it that had no signal: longer than a coat holds, and nobody looked.
  const minutes = (ago: number) => Date.now() - ago * 60_000;
  const id = crypto.randomUUID();
  const begun = { versionId: ahead.version.id, at: minutes(100) };
  await request.post('/api/rounds', { data: { id, homeId, begun } });
  const at = (await json<{ startedAt: number }>(`/rounds/${id}`)).startedAt;
  const told = [
    ['washed', null, Math.max(at, minutes(99))],
    ['applied', bottle.id, Math.max(at, minutes(95))],
    ['wiped', null, Math.max(at, minutes(5))],
  ].map(([kind, batchId, when]) => ({
    roundId: id,
    id: crypto.randomUUID(),
    surfaceId: surface.id,
    kind,
    batchId,
    at: when,
    said: when,
    personId: person.id,
    clock: { opening: 'apart', uncertain: 0 },
  }));
  const taken = await request.post('/api/events', { data: { events: told } });
  expect(await taken.json()).toMatchObject(told.map(() => ({ taken: 'now' })));
  await finishRoundAt(page, home);

  await page.goto('/board');
  const held = page.getByRole('region', { name: 'Held up' });
  const unshown = held.getByRole('link', { name: /Not shown/ }).filter({ hasText: surface.name });
  await expect(unshown.filter({ hasText: home }).first()).toBeVisible();
  await page.goto(`/records?outcome=not-shown&home=${homeId}`);
  await expect(page.locator('.list__row').first()).toContainText(`${surface.name}. 90:00 of 10:00`);
  const report = await request.post(`/api/rounds/${id}/reports`, {
    data: { id: crypto.randomUUID(), language: 'en', paper: 'letter', zone: 'UTC' },
  });
  const { code } = (await report.json()) as { code: string };
  const bytes = await (await request.get(`/api/reports/${code}/report.pdf`)).body();
  const { text } = await extractText(await getDocumentProxy(new Uint8Array(bytes)), {
    mergePages: true,
  });
  expect(text).toContain('nobody looked');
  expect(text).toContain('One nobody can vouch for.');
});

interface Version {
  id: string;
  protocol: {
    rooms: {
      surfaces: {
        id: string;
        name: string;
        treatment: { active: string; strength: number; seconds: number } | null;
      }[];
    }[];
  };
}
