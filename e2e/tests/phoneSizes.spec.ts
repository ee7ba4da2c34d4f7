import { expect, test, type Page } from '@playwright/test';
import {
  arrive,
  expectAccessible,
  finishRoundAt,
  signIn,
  takeBottle,
  takeWhatIsSet,
} from '../support.ts';

/** As small as phones are, as most are, and on their side. */
const sizes = [
  { width: 320, height: 640 },
  { width: 390, height: 844 },
  { width: 844, height: 390 },
];

/** What is under 44 px (56 for the main one), or in letters under 16 px, or beyond the edge. */
const faultsIn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const shown = (one: Element) => {
      const { width, height } = one.getBoundingClientRect();
      return width > 0 && height > 0 && getComputedStyle(one).visibility === 'visible';
    };
    const name = (one: Element) =>
      `${one.tagName} ${one.className} ${(one.textContent ?? '').trim().slice(0, 40)}`;
    const main = document.querySelector('main.phone')!;
    const targets = [...main.querySelectorAll('button, a, summary, [role=radio], [role=checkbox]')]
      .filter(shown)
      .filter((one) => {
        const least = one.classList.contains('btn--main') ? 56 : 44;
        const { width, height } = one.getBoundingClientRect();
        return height < least - 0.5 || width < 44 - 0.5;
      });
    const letters = [...main.querySelectorAll('*')].filter(
      (one) =>
        shown(one) &&
        [...one.childNodes].some(
          (node) => node.nodeType === Node.TEXT_NODE && node.textContent!.trim() !== '',
        ) &&
        !one.closest('.wet-band') &&
        Number.parseFloat(getComputedStyle(one).fontSize) < 16,
    );
    const { scrollWidth, clientWidth } = document.documentElement;
    return [
      ...targets.map((one) => `small: ${name(one)} ${one.getBoundingClientRect().height}`),
      ...letters.map((one) => `letters: ${name(one)} ${getComputedStyle(one).fontSize}`),
      ...(scrollWidth > clientWidth + 1 ? [`sideways: ${scrollWidth} of ${clientWidth}`] : []),
    ];
  });

/** Faults of all screens, named together at the end. */
const faults: string[] = [];

const lookAt = async (page: Page, screen: string): Promise<void> => {
  const before = page.viewportSize()!;
  for (const size of sizes)
    for (const text of [100, 200]) {
      await page.setViewportSize(size);
      await page.evaluate((percent) => {
        document.documentElement.style.fontSize = `${percent}%`;
      }, text);
      const where = `${screen}, ${size.width} wide, text ${text} %`;
      faults.push(...(await faultsIn(page)).map((fault) => `${where}: ${fault}`));
    }
  await page.evaluate(() => document.documentElement.style.removeProperty('font-size'));
  await page.setViewportSize(before);
  await expectAccessible(page);
};

test('every screen of a round can be read and pressed on small phones, on their side, and with twice the text', async ({
  page,
}) => {
  await signIn(page, 'anneke');
  await finishRoundAt(page, 'Ottilie');
  await page.goto('/rounds');
  await page.getByRole('button', { name: 'Start Ottilie’s round' }).click();
  await page.getByRole('heading', { name: 'Before you begin' }).waitFor();
  await lookAt(page, 'arriving');
  await arrive(page);
  await page.locator('.phone__now .btn--main').waitFor();
  await lookAt(page, 'a surface');
  await page.locator('.phone__now .btn--main').click();
  await lookAt(page, 'washed, with undo');
  await page.getByRole('button', { name: /^Take the bottle/ }).click();
  await page.getByRole('heading', { name: 'Which bottle is in your hand?' }).waitFor();
  await lookAt(page, 'bottles');
  await page.getByRole('button', { name: 'Back' }).click();
  await takeWhatIsSet(page);
  await page.getByRole('button', { name: /^Applied/ }).click();
  await page.getByRole('timer').waitFor();
  await lookAt(page, 'wet');
  await page.getByRole('button', { name: 'Near miss' }).click();
  await lookAt(page, 'near miss');
  await page.getByRole('button', { name: 'Back' }).click();
  await takeBottle(page, /Vinegar|Alcohol/);
  await page.locator('.stop__bar').waitFor();
  await lookAt(page, 'refused');
  await page.getByRole('button', { name: /It is back in the caddy/ }).click();
  await page.getByRole('link', { name: 'Emergency' }).click();
  await page.getByRole('heading', { name: 'Get out' }).waitFor();
  await lookAt(page, 'emergency');
  expect(faults).toEqual([]);
});
