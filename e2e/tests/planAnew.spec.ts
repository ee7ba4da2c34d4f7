import { expect, test } from '@playwright/test';
import { another, arrive, expectAccessible, signIn } from '../support.ts';

/** No other test on a phone has worked here: a round cannot begin before the last one was over. */
const HOME = 'Yara';

test('two phones follow a plan; one is late, and the plan made anew reaches both', async ({
  page,
  browser,
}) => {
  await signIn(page, 'tobias');
  const { request } = page;
  const homes = (await (await request.get('/api/round-homes')).json()) as {
    id: string;
    name: string;
  }[];
  const homeId = homes.find(({ name }) => name === HOME)!.id;

  const maren = await another(browser, 'maren', { width: 1280, height: 800 });
  await maren.goto(`/homes/${homeId}/visit`);
  for (const [name, goes] of Object.entries({
    Maren: false,
    Tobias: true,
    Anneke: true,
    Ruben: false,
  }))
    await maren.getByLabel(name, { exact: true }).setChecked(goes);
  await maren.getByRole('button', { name: /^Give to/ }).click();
  await expect(maren.getByText(/^Given to/)).toBeVisible();

  // They have begun a quarter of an hour ago, and nothing was told since.
  const ahead = (await (await request.get(`/api/round-homes/${homeId}`)).json()) as {
    version: { id: string };
  };
  const id = crypto.randomUUID();
  const begun = { versionId: ahead.version.id, at: Date.now() - 900_000 };
  expect((await request.post('/api/rounds', { data: { id, homeId, begun } })).ok()).toBe(true);
  await page.goto(`/rounds/${id}`);
  await arrive(page);
  const plan = page.getByRole('heading', { name: 'By the plan' }).locator('..');
  await expect(plan.getByText(/^Behind the plan by/)).toBeVisible();
  await expect(plan.getByText(/^The plan is for .*At work here: Tobias\.$/)).toBeVisible();

  const anneke = await another(browser, 'anneke', page.viewportSize()!);
  await anneke.goto(`/rounds/${id}`);
  await anneke.getByRole('button', { name: /^Join this round/ }).click();
  await arrive(anneke);
  await expect(anneke.getByText(/^Behind the plan by/)).toBeVisible();
  await expect(plan.getByText(/^The plan is for/)).toBeHidden();
  await expectAccessible(page);

  await page.getByRole('button', { name: 'Plan the rest anew' }).click();
  for (const phone of [page, anneke]) {
    await expect(
      phone.getByText(
        /^Planned anew by Tobias at .*, for (Tobias and Anneke|Anneke and Tobias)\.$/,
      ),
    ).toBeVisible();
    await expect(phone.getByText(/^Behind the plan by/)).toBeHidden();
    await expect(phone.getByText(/^Tobias, \d\d:\d\d: /)).toBeVisible();
    await expect(phone.getByText(/^Anneke, \d\d:\d\d: /)).toBeVisible();
  }
  await maren.context().close();
  await anneke.context().close();
});
