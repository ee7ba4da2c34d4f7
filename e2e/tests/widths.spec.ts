import { expect, test, type Page } from '@playwright/test';
import { expectAccessible, signIn } from '../support.ts';

/** Every place of the desk fits narrow and wide, and at 200 %: nothing is cut off or hangs over. */
const places = [
  '/board',
  '/board/week',
  '/homes',
  '/rounds',
  '/bench',
  '/bench/analyse',
  '/bench/jars',
  '/bench/bottles',
  '/shelf',
  '/shelf/buy',
  '/shelf/cost',
  '/keep-apart',
  '/keep-apart/shelves',
  '/keep-apart/book',
  '/records',
  '/people',
  '/company',
  '/me',
  '/lists',
  '/begin',
  '/sources',
];
/** At 200 % a window of 1280 by 800 has room for half of each. */
const windows = [
  { name: 'a small laptop', width: 1024, height: 700 },
  { name: 'a wide screen', width: 1920, height: 1080 },
  { name: '200 %', width: 640, height: 400 },
];

/** Goes there without fetching the application anew. */
const go = (page: Page, place: string): Promise<void> =>
  page.evaluate((path) => {
    history.pushState(null, '', path);
    dispatchEvent(new PopStateEvent('popstate'));
  }, place);

/** How far the page hangs over its window, and what hangs out farthest. */
const overhang = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    if (scrollWidth <= clientWidth) return '';
    const out = [...document.querySelectorAll('body *')].filter(
      (one) => one.getBoundingClientRect().right > clientWidth + 1,
    );
    return `${scrollWidth - clientWidth} px: ${out.at(-1)?.outerHTML.slice(0, 200)}`;
  });

for (const { name, ...viewport } of windows)
  test(`every place of the desk fits ${name}`, async ({ page }) => {
    test.setTimeout(120_000);
    await page.setViewportSize(viewport);
    await signIn(page, 'maren');
    const problems: string[] = [];
    for (const place of places) {
      await go(page, place);
      await expect(page).toHaveURL(new RegExp(`${place}$`));
      await expect(page.locator('main h1').first()).toBeVisible();
      const over = await overhang(page);
      if (over) problems.push(`${place}: ${over}`);
    }
    expect(problems).toEqual([]);
    await expectAccessible(page);
  });
