import { expect, test, type Page } from '@playwright/test';
import { arrive, finishRoundAt, signIn } from '../support.ts';

interface Kept {
  events: { kind: string }[];
}
const start = async (page: Page): Promise<string> => {
  await finishRoundAt(page, 'Bram');
  const homes = (await (await page.request.get('/api/round-homes')).json()) as {
    id: string;
    name: string;
  }[];
  const id = crypto.randomUUID();
  const answer = await page.request.post('/api/rounds', {
    data: { id, homeId: homes.find(({ name }) => name === 'Bram')!.id },
  });
  expect(answer.ok()).toBe(true);
  return id;
};
const eventsOf = async (page: Page, round: string) =>
  ((await (await page.request.get(`/api/rounds/${round}`)).json()) as Kept).events;
const cleaned = (page: Page) =>
  page.getByRole('button', { name: /^(Washed and rinsed|Wiped with a damp cloth|Dusted)/ });

test('what one person did is never sent under another’s name, and waits on the phone for them', async ({
  page,
}) => {
  await signIn(page, 'tobias');
  const round = await start(page);
  await page.route('**/api/events', (route) => route.abort());
  await page.goto(`/rounds/${round}`);
  await arrive(page);
  await cleaned(page).click();
  await expect(page.getByRole('status').filter({ hasText: '1 kept on this phone' })).toBeVisible();

  await page.context().clearCookies();
  await page.unroute('**/api/events');
  await signIn(page, 'anneke');
  await expect(page.getByText(/^1 of Tobias, since/)).toBeVisible();
  await expect(page.getByText('Only Tobias can send it')).toBeVisible();

  await page.context().clearCookies();
  await signIn(page, 'tobias');
  await page.goto('/rounds');
  await expect(page.getByText(/^1 of Tobias, since/)).toHaveCount(0);
  await expect.poll(() => eventsOf(page, round)).toHaveLength(1);
});

test('what the server does not take stays on the phone with why', async ({ page }) => {
  await signIn(page, 'tobias');
  const round = await start(page);
  const problem = {
    type: '/problems/conflict',
    title: 'That does not fit',
    status: 409,
    detail: 'This round is finished.',
  };
  await page.route('**/api/events', (route) =>
    route.fulfill({
      status: 409,
      contentType: 'application/problem+json',
      body: JSON.stringify(problem),
    }),
  );
  await page.goto(`/rounds/${round}`);
  await arrive(page);
  await cleaned(page).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Not taken' })).toContainText(
    'This round is finished.',
  );
  await page.reload();
  await expect(page.getByRole('alert').filter({ hasText: 'Not taken' })).toBeVisible();
  await page.getByRole('button', { name: 'I have read it' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByText('1 not taken, kept on this phone').click();
  await expect(page.locator('details').filter({ hasText: 'not taken' })).toContainText(
    'This round is finished.',
  );
  await page.reload();
  await expect(page.getByText('1 not taken, kept on this phone')).toBeVisible();
});

test('what an earlier version of the page has kept is kept on, as nobody’s', async ({ page }) => {
  await page.goto('/');
  await page.evaluate(
    () =>
      new Promise<void>((done, failed) => {
        const opening = indexedDB.open('zymostat', 10);
        opening.onupgradeneeded = () =>
          opening.result.createObjectStore('outbox', { keyPath: 'order', autoIncrement: true });
        opening.onerror = () => failed(opening.error);
        opening.onsuccess = () => {
          const writing = opening.result.transaction('outbox', 'readwrite');
          const event = { id: crypto.randomUUID(), surfaceId: crypto.randomUUID(), kind: 'washed' };
          writing
            .objectStore('outbox')
            .add({ roundId: crypto.randomUUID(), event: { ...event, at: 1, batchId: null } });
          writing.oncomplete = () => {
            opening.result.close();
            done();
          };
        };
      }),
  );
  await signIn(page, 'tobias');
  await page.goto('/rounds');
  await expect(page.getByText(/^1 of somebody, since/)).toBeVisible();
});
