import { expect, test, type Page } from '@playwright/test';
import { choose, expectAccessible, goTo, signIn } from '../support.ts';

const openJars = async (page: Page) => {
  await goTo(page, 'Bench');
  await page.getByRole('link', { name: 'Jars and baths' }).click();
  await expect(page.getByRole('heading', { name: 'Clean cloths' })).toBeVisible();
};
const sheet = (page: Page) => page.getByRole('region', { name: 'What is chosen' });

test('a jar is made for a visit, one is used up, and it is told when it no longer wets', async ({
  page,
}) => {
  await signIn(page, 'maren');
  await openJars(page);
  const say = sheet(page).locator('.verdict__say');
  await page
    .getByLabel('What is poured over')
    .selectOption({ label: 'washing-up liquid in water' });
  await expect(say).toContainText(
    'Pour 420 ml over 50 cloths. They clean. They disinfect nothing.',
  );
  await page.getByLabel('How many cloths').fill('30');
  await expect(say).toContainText('Pour 252 ml over 30 cloths.');
  await page.getByLabel('What the jar is').selectOption('bleach-tub');
  await expect(sheet(page)).toContainText('This tub held bleach wipes.');
  await expect(page.getByRole('button', { name: 'Make it' })).toBeDisabled();
  await page.getByLabel('What the jar is').selectOption('hdpe');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Make it' }).click();
  await expect(say).toContainText('It soaks until');
  await expect(sheet(page).locator('.label')).toContainText('They clean. They disinfect nothing.');
  // The jar of four days ago has three cloths left.
  const old = page.getByRole('region', { name: 'Jars', exact: true });
  await old.getByRole('button', { name: /Alcohol wipes, 70 %/ }).click();
  await expect(say).toContainText('3 cloths left.');
  await expect(sheet(page)).toContainText('on its last day');
  await page.getByLabel('Cloths taken').fill('3');
  await sheet(page).getByRole('button', { name: 'Say so' }).first().click();
  await expect(say).toContainText('0 cloths left.');
  await sheet(page).getByRole('button', { name: 'Say so' }).first().click();
  await expect(sheet(page).getByRole('alert')).toContainText('There are 0 cloths in it');
  await sheet(page).getByRole('button', { name: 'It no longer wets' }).click();
  await expect(say).toHaveText('It is gone.');
  const records = await page.request.get('/api/records?kind=jar&limit=1');
  expect(((await records.json()) as { rows: { body: object }[] }).rows[0]!.body).toMatchObject({
    did: 'dry',
    left: 0,
  });
});

test('a recipe that cannot do what is hoped says so for fifty cloths', async ({ page }) => {
  await signIn(page, 'maren');
  await page.goto('/bench/analyse');
  const line = (n: number) => page.getByRole('textbox', { name: `Line ${n}` });
  await line(1).fill('1 cup 2-propanol 70%');
  await line(1).press('Enter');
  await line(2).fill('2 cups water');
  await expect(page.getByRole('region', { name: 'What it makes' })).toContainText('23.7 %');
  await page.getByRole('link', { name: 'A jar of wipes with it' }).click();
  await expect(sheet(page)).toContainText(/At 2\d(\.\d)? % v\/v it cleans, and disinfects nothing/);
  await expect(page.getByRole('button', { name: 'Make it' })).toBeDisabled();
});

test('a brush lies in vinegar on the now strip; out too early it claims nothing', async ({
  page,
}) => {
  await signIn(page, 'maren');
  await openJars(page);
  await page.getByRole('button', { name: 'New bath' }).click();
  await choose(page, 'In what', /vinegar/);
  // What nobody has seen rinsed out counts as anything.
  await page.getByLabel('Where it stands').fill('Depot, sink');
  await expect(sheet(page)).toContainText('Never');
  await expect(page.getByRole('button', { name: 'Lay it in' })).toBeDisabled();
  await choose(page, 'What was in it before', 'Clean, rinsed out');
  await expect(sheet(page)).toContainText('It loosens what sticks. It disinfects nothing.');
  await expect(sheet(page).getByRole('img', { name: /8 h at most/ })).toBeVisible();
  await page.getByLabel('How long, min').fill('600');
  await expect(sheet(page)).toContainText('10 h is too long: 8 h at most.');
  await expect(page.getByRole('button', { name: 'Lay it in' })).toBeDisabled();
  await page.getByLabel('How long, min').fill('30');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Lay it in' }).click();
  const strip = page.getByRole('region', { name: 'Wet right now, soonest first' });
  await expect(strip).toContainText('Depot, sink · a toilet brush');
  await page.getByRole('button', { name: 'Taken out' }).click();
  await expect(sheet(page).locator('.verdict__say')).toContainText('off too early');
  await expect(sheet(page)).toContainText('It claims nothing yet.');
  await expect(strip).not.toContainText('Depot, sink');
});

test('a wash that is too cold makes no clean cloths', async ({ page }) => {
  await signIn(page, 'maren');
  await openJars(page);
  await page.getByRole('button', { name: /^Kitchen/ }).click();
  const say = sheet(page).locator('.verdict__say');
  await expect(say).toHaveText('18 are clean.');
  await page.getByRole('radio', { name: 'Washed' }).click();
  await page.getByLabel('How many').fill('4');
  await page.getByLabel('°C').fill('30');
  await sheet(page).getByRole('button', { name: 'Say so' }).click();
  await expect(sheet(page).getByRole('alert')).toContainText('30 °C is too cold');
  await page.getByLabel('°C').fill('60');
  await sheet(page).getByRole('button', { name: 'Say so' }).click();
  await expect(say).toHaveText('22 are clean.');
});

test('a tap is descaled within its limit: chrome overnight is refused', async ({ page }) => {
  await signIn(page, 'maren');
  await page.getByRole('button', { name: /Ines, Ropewalk 14/ }).click();
  await page.getByRole('link', { name: 'Open the protocol' }).click();
  await page.locator('.descent__stop', { hasText: 'Basin tap' }).click();
  const soil = page.getByRole('region', { name: 'What is done first' });
  await expect(soil).toContainText('About 1.6 g of lime takes 38 ml of it; 80 ml is poured');
  await expect(soil).toContainText('look at 30 min · 1 h at most on chrome plate');
  await expect(soil).toContainText('Pour 80 ml of vinegar 5 % into a bag');
  await soil.getByLabel('Minutes on it').fill('480');
  await soil.getByRole('button', { name: 'Keep' }).click();
  await expect(soil).toContainText('8 h is too long: 1 h at most. After that it harms.');
  await expect(page.locator('.held-up').first()).toContainText('8 h is too long');
  await expectAccessible(page);
  await soil.getByRole('button', { name: 'As the table says' }).click();
  await expect(soil).not.toContainText('too long');
});

test('hand gel, dentures and a CPAP are refused with whom to ask, wherever they are typed', async ({
  page,
}) => {
  await signIn(page, 'maren');
  await page.getByRole('button', { name: /Ines, Ropewalk 14/ }).click();
  await page.getByRole('link', { name: 'Survey', exact: true }).click();
  await page
    .getByRole('button', { name: /^Several at once/ })
    .first()
    .click();
  await page
    .getByRole('dialog')
    .getByRole('textbox')
    .fill('shower head limescale, hand gel, dentures, CPAP mask');
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('Ask a pharmacist.');
  await expect(dialog).toContainText('Ask its maker.');
  await expect(dialog).toContainText('Ask whoever supplied it.');
  await expect(dialog.getByRole('list', { name: 'Read as' }).getByRole('listitem')).toHaveCount(1);
  await expect(dialog.getByRole('list', { name: 'Read as' })).toContainText('limescale');
  await page.keyboard.press('Escape');
  await page.keyboard.press('/');
  await page.getByRole('dialog').getByRole('textbox').fill('gel de manos');
  await expect(page.getByRole('dialog')).toContainText('Ask a pharmacist.');
});
