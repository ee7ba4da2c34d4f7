import { expect, test, type Page } from '@playwright/test';
import { expectAccessible, signIn } from '../support.ts';

/** A picture as a camera would hand it over. */
const picture = (page: Page): Promise<Buffer> => page.screenshot({ type: 'jpeg' });

const bring = (page: Page, name: string, text: string) =>
  page
    .getByLabel('A table of homes or people')
    .setInputFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(text) });

test('homes come in from a list, are found, compared and shown by a photo; people get codes', async ({
  page,
}) => {
  await signIn(page, 'maren');
  await page.goto('/lists');
  await bring(page, 'homes.csv', 'home,place,room,name,material\nGreta,Hill 4,Bath,Basin,gold\n');
  await expect(page.getByRole('alert')).toContainText('Line 2: found material “gold”');
  await expectAccessible(page);
  await bring(
    page,
    'homes.csv',
    'home;place;lives;door;room;name\nGreta;Hill 4;cat;Key 9;Bath;Basin\nGreta;;;;Bath;Quince shelf\n',
  );
  await expect(page.getByText('1 home, 1 room, 2 surfaces.')).toBeVisible();
  await expect(page.locator('.guess').first()).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Homes' })).toBeVisible();

  await page.keyboard.press('/');
  await page.getByLabel('A name, a street, a room or a surface').fill('hill 4');
  await expect(page.getByText('One found.')).toBeVisible();
  await expectAccessible(page);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Greta, Hill 4/ })).toHaveAttribute(
    'aria-current',
    'true',
  );

  await page.getByText('The way in, and archiving').click();
  const wayIn = page.getByRole('region', { name: 'The way in' });
  await expect(wayIn).toContainText('Key 9');
  await wayIn
    .getByLabel('A photo')
    .setInputFiles({ name: 'key.jpg', mimeType: 'image/jpeg', buffer: await picture(page) });
  await wayIn.getByLabel('What it shows').fill('Key box');
  await wayIn.getByRole('button', { name: 'Keep it' }).click();
  await expect(wayIn.getByRole('img', { name: 'Photo: Key box' })).toBeVisible();
  await wayIn.getByRole('button', { name: /Compare with/ }).click();
  await page.getByRole('option', { name: /^Hedda/ }).click();
  await expect(wayIn.getByRole('row', { name: /^surfaces/ })).toContainText('2');
  await expectAccessible(page);
  await wayIn.getByRole('button', { name: 'Take it out' }).click();
  await expect(wayIn.getByText('No photo.')).toBeVisible();

  await page.goto('/lists');
  await bring(page, 'people.csv', 'name\nQuentin\nMaren\n');
  await expect(page.getByRole('alert')).toContainText('Line 3: “Maren” is there already.');
  await bring(page, 'people.csv', 'name\nQuentin\n');
  await page.getByRole('button', { name: 'Bring them in' }).click();
  await expect(page.getByRole('img', { name: /join#/ })).toBeVisible();
});

test('a form that was left goes on where it was, says so, and begins anew', async ({ page }) => {
  await signIn(page, 'maren');
  const open = () =>
    page
      .getByRole('button', { name: /Add a home/ })
      .first()
      .click();
  await open();
  await page.getByLabel('Client, by first name').fill('Ida');
  await page.keyboard.press('Escape');
  await page.reload();
  await open();
  await expect(page.getByLabel('Client, by first name')).toHaveValue('Ida');
  await expect(page.getByText('This goes on from what was typed here before.')).toBeVisible();
  await page.getByRole('button', { name: 'Begin anew' }).click();
  await expect(page.getByLabel('Client, by first name')).toHaveValue('');
  await page.reload();
  await open();
  await expect(page.getByLabel('Client, by first name')).toHaveValue('');
});
