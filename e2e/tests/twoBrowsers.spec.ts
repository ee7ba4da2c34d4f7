import { expect, test } from '@playwright/test';
import { another, signIn } from '../support.ts';

test('of two at one home the loser is told who was first, keeps what was typed, and takes over the one or the other', async ({
  page,
  browser,
}) => {
  const tag = page.viewportSize()!.width;
  await signIn(page, 'maren');
  const home = (await (
    await page.request.post('/api/homes', {
      data: { name: `Oda ${tag}`, place: 'Mill Lane', situations: [], clientKeeps: [] },
      headers: { 'idempotency-key': crypto.randomUUID() },
    })
  ).json()) as { id: string };
  const other = await another(browser, 'maren', { width: 1280, height: 800 });
  for (const one of [page, other]) {
    await one.goto('/homes');
    await one.getByRole('button', { name: `Oda ${tag},` }).click();
    await one.getByRole('button', { name: 'Change name and who lives here' }).first().click();
    await expect(one.getByLabel('Place', { exact: true })).toHaveValue('Mill Lane');
  }
  const save = /^Save/;
  await other.getByLabel('Place', { exact: true }).fill('Weir Lane 3');
  await other.getByRole('dialog').getByRole('button', { name: save }).click();
  await expect(other.getByRole('dialog')).toHaveCount(0);

  await page.getByLabel('Place', { exact: true }).fill('Mill Lane 12');
  await page.getByRole('dialog').getByRole('button', { name: save }).click();
  const told = page.getByRole('alert').filter({ hasText: 'Changed meanwhile' });
  await expect(told).toContainText(/Maren changed the place of Oda \d+ at \d\d:\d\d/);
  await expect(page.getByLabel('Place', { exact: true })).toHaveValue('Mill Lane 12');
  await told.getByRole('button', { name: 'Take theirs' }).click();
  await expect(page.getByLabel('Place', { exact: true })).toHaveValue('Weir Lane 3');

  await other.getByRole('button', { name: 'Change name and who lives here' }).first().click();
  await other.getByLabel('Place', { exact: true }).fill('Weir Lane 4');
  await other.getByRole('dialog').getByRole('button', { name: save }).click();
  await expect(other.getByRole('dialog')).toHaveCount(0);
  await page.getByLabel('Place', { exact: true }).fill('Mill Lane 12');
  await page.getByRole('dialog').getByRole('button', { name: save }).click();
  await told.getByRole('button', { name: 'Save mine' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  expect(
    ((await (await page.request.get(`/api/homes/${home.id}`)).json()) as { place: string }).place,
  ).toBe('Mill Lane 12');
  await other.context().close();
});
