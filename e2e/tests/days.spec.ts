import { expect, test, type Page, type Route } from '@playwright/test';
import { arrive, finishRoundAt, signIn } from '../support.ts';

test.use({ serviceWorkers: 'allow' });

/** As many days in the suite; DAYS=20 tries more. */
const DAYS = Number(process.env.DAYS ?? 6);
const HOME = 'Bram';
const STEPS = 4;

/** The same days every time. */
const random = (seed: number) => () => {
  seed = (seed * 1_664_525 + 1_013_904_223) % 4_294_967_296;
  return seed / 4_294_967_296;
};

/** The server takes it, and the answer is lost on the way: the phone sends it again. */
const losesAnswer = async (route: Route): Promise<void> => {
  await route.fetch();
  await route.abort();
};

interface Told {
  by: string;
  finishedAt: number | null;
  events: { kind: string; surfaceId: string; by: string }[];
}

/** The next surface that nobody has cleaned yet. */
const unwashed = (page: Page) =>
  page
    .locator('.phone__next ol')
    .first()
    .locator('button', { hasText: /wash and rinse|wrung-out|dust with/ })
    .first();

/** What waits on the phone, as its head says it. */
const settled = (page: Page) => page.getByRole('status').filter({ hasText: 'all sent' });

test('days of patchy signal, reloads, lost answers and another person on the phone: the record has exactly what was done, by who did it', async ({
  page,
}) => {
  test.setTimeout(30_000 * DAYS);
  const next = random(7);
  await signIn(page, 'anneke');
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
  await page.goto('/rounds');
  // All that a round needs has come before the signal goes.
  const ahead = () =>
    page.evaluate(async () => {
      const kept = await (await caches.open('answers')).keys();
      return kept.filter(({ url }) => url.includes('/round-homes/')).length;
    });
  await expect.poll(ahead).toBeGreaterThanOrEqual(4);
  for (let day = 0; day < DAYS; day += 1) {
    await finishRoundAt(page, HOME);
    await page.goto('/rounds');
    if (next() < 0.5) await page.context().setOffline(true);
    await page.getByRole('button', { name: `Start ${HOME}’s round` }).click();
    await arrive(page);
    const round = new URL(page.url()).pathname.split('/').at(-1)!;
    const washed: string[] = [];
    for (let i = 0; i < STEPS; i += 1) {
      const luck = next();
      await page.context().setOffline(luck < 0.35);
      if (luck > 0.8) await page.route('**/api/events', losesAnswer, { times: 1 });
      // Cleaned only, one after another: what is kept wet has its own tests.
      const wash = page.getByRole('button', { name: /^(Washed|Wiped with a damp|Dusted)/ });
      if (!(await wash.isVisible())) await unwashed(page).click();
      await expect(wash).toBeVisible();
      const surface = (await page.locator('h1').textContent())!;
      await wash.click();
      await expect(wash).toBeHidden();
      washed.push(surface);
      if (next() < 0.3) {
        await page.reload();
        await page.locator('h1').waitFor();
      }
      await unwashed(page).click();
      await expect(page.locator('h1')).not.toHaveText(surface);
    }
    if (next() < 0.4) {
      // Somebody else takes the phone meanwhile; what Anneke did stays hers.
      await page.context().setOffline(false);
      await page.context().clearCookies();
      await signIn(page, 'tobias');
      await page.context().clearCookies();
      await signIn(page, 'anneke');
      await page.goto(`/rounds/${round}`);
    }
    await page.context().setOffline(false);
    await expect(settled(page)).toBeVisible({ timeout: 30_000 });
    await page.getByRole('button', { name: 'Finish the round' }).click();
    await page.getByRole('button', { name: 'Finish it' }).click();
    await expect(page.getByRole('heading', { name: 'Rounds' })).toBeVisible();
    await expect(settled(page)).toBeVisible({ timeout: 30_000 });
    const told = (await (await page.request.get(`/api/rounds/${round}`)).json()) as Told & {
      version: { protocol: { rooms: { surfaces: { id: string; name: string }[] }[] } };
    };
    const names = new Map(
      told.version.protocol.rooms.flatMap(({ surfaces }) =>
        surfaces.map(({ id, name }) => [id, name]),
      ),
    );
    expect({ day, done: told.events.map(({ surfaceId }) => names.get(surfaceId)) }).toEqual({
      day,
      done: washed,
    });
    expect(new Set(told.events.map(({ by, kind }) => `${by} ${kind}`))).toEqual(
      new Set(['Anneke washed']),
    );
    expect(told.finishedAt).not.toBeNull();
  }
});
