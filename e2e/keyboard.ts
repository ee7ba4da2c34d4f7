import { expect, type Locator, type Page } from '@playwright/test';

/** More than this many stops between two things nobody walks. */
const MOST_TABS = 90;

/** What a careful first user does: places they go to and keys that they type with. */
export const counted = { acts: 0, letters: 0 };

const hasFocus = (target: Locator): Promise<boolean> =>
  target.evaluate((element) => element.contains(document.activeElement));

/** Walks to something with Tab alone, forwards and round again, as far as anybody would. */
const tabTo = async (page: Page, target: Locator): Promise<void> => {
  await expect(target).toBeEnabled();
  for (let tabs = 0; tabs < MOST_TABS; tabs += 1) {
    if (await hasFocus(target)) return;
    await page.keyboard.press('Tab');
  }
  throw new Error(`not reached in ${MOST_TABS} tabs: ${target.toString()}`);
};

/** Goes to a button, link, tick or fold and presses it. */
export const press = async (page: Page, target: Locator, key = 'Enter'): Promise<void> => {
  await tabTo(page, target);
  // Where the screen has just changed its title takes the focus: whoever looks goes back to it.
  await target.press(key);
  counted.acts += 1;
};

/** Goes to a field and writes into it, over what stood there. */
export const write = async (page: Page, label: string | RegExp, text: string): Promise<void> => {
  const field = page.getByLabel(label, typeof label === 'string' ? { exact: true } : {});
  await tabTo(page, field);
  await page.keyboard.press('ControlOrMeta+a');
  await page.keyboard.type(text);
  counted.acts += 1;
  counted.letters += text.length;
};

/**
 * A date field takes its parts in the order of the browser's own language, which no test sets: days
 * that read the same both ways are asked for.
 */
export const writeDay = async (page: Page, label: string, day: string): Promise<void> => {
  const field = page.getByLabel(label);
  await tabTo(page, field);
  const [year, month, date] = day.split('-');
  await page.keyboard.type(`${date}${month}${year}`);
  await expect(field).toHaveValue(day);
  counted.acts += 1;
  counted.letters += 8;
};

/** Opens a list, types what is wanted, and takes it. */
export const pick = async (page: Page, label: RegExp, option: string): Promise<void> => {
  const list = page.getByRole('button', { name: label });
  await tabTo(page, list);
  await page.keyboard.press('Space');
  const wanted = page.getByRole('option', { name: option }).first();
  await wanted.waitFor();
  const chosen = page.locator('[role=option][data-focus]');
  for (let i = 0; i < MOST_TABS; i += 1) {
    if ((await chosen.textContent())?.includes(option)) break;
    await page.keyboard.press('ArrowDown');
  }
  await page.keyboard.press('Enter');
  await expect(wanted).toBeHidden();
  counted.acts += 1;
};
