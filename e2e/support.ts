import AxeBuilder from '@axe-core/playwright';
import { expect, type Browser, type Page } from '@playwright/test';

const password = 'wet-ten-minutes';

export const signIn = async (page: Page, login: string): Promise<void> => {
  await page.goto('/');
  await page.getByLabel('Name you sign in with').fill(login);
  await page.getByLabel('Password').fill(password);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('navigation', { name: 'Places' })).toBeVisible();
};

/** A second person, at their own device. */
export const another = async (
  browser: Browser,
  login: string,
  viewport = { width: 390, height: 844 },
): Promise<Page> => {
  const page = await (
    await browser.newContext({ viewport, baseURL: process.env.BASE_URL, locale: 'en-GB' })
  ).newPage();
  await signIn(page, login);
  return page;
};

/**
 * Goes to a place, and waits for it: what is pressed meanwhile would still be pressed in the place
 * before.
 */
export const goTo = async (page: Page, place: string): Promise<void> => {
  await page.getByRole('navigation', { name: 'Places' }).getByRole('link', { name: place }).click();
  await expect(page.getByRole('heading', { level: 1, name: place })).toBeVisible();
};

/** What an earlier test has left wet in a round is dry. */
const foundDry = async ({ request }: Page, roundId: string): Promise<void> => {
  const { person } = (await (await request.get('/api/session')).json()) as {
    person: { id: string };
  };
  const wet = (await (await request.get('/api/wet-now')).json()) as {
    roundId: string;
    surfaceId: string;
    lying: object | null;
  }[];
  for (const { surfaceId, lying } of wet.filter((one) => one.roundId === roundId)) {
    const at = Date.now();
    const clock = { opening: 'afterwards', uncertain: 0 };
    const kind = lying ? 'taken-off' : 'found-dry';
    const what = { surfaceId, kind, batchId: null, at, said: at, clock };
    await request.post(`/api/rounds/${roundId}/events`, {
      data: { id: crypto.randomUUID(), personId: person.id, ...what },
    });
  }
};

/**
 * Finishes what is under way in a home: there is one round of it at a time, and a test wants its own
 * from the beginning. Whoever is signed in joins it to do so. The page is opened anew afterwards: its
 * lists move, and what is pressed meanwhile is missed.
 */
export const finishRoundAt = async (page: Page, home: string): Promise<void> => {
  const { request } = page;
  const rounds = (await (await request.get('/api/rounds')).json()) as {
    id: string;
    homeId: string;
    homeName: string;
  }[];
  for (const { id, homeId } of rounds.filter(({ homeName }) => homeName === home)) {
    await request.post('/api/rounds', { data: { id, homeId } });
    await foundDry(page, id);
    const headers = { 'Idempotency-Key': crypto.randomUUID() };
    const finished = await request.post(`/api/rounds/${id}/finish`, { data: {}, headers });
    expect(finished.ok()).toBe(true);
  }
};

/** Sees to what a home asks on arriving, and begins. */
export const arrive = async (page: Page): Promise<void> => {
  await page.getByRole('heading', { name: /^(Before you begin|Antes de empezar)$/ }).waitFor();
  for (const row of await page.getByRole('checkbox').all()) await row.click();
  await page.getByRole('button', { name: /^(Begin|Empezar)/ }).click();
};

/** Takes a bottle in hand on the phone, of those in use that have such a name. */
export const takeBottle = async (
  page: Page,
  name: RegExp | string,
  which: 'first' | 'last' = 'first',
): Promise<void> => {
  await page.locator('button.phone__set').click();
  const more = page.getByText(/^(\d+ more bottles?|\d+ botellas? más)$/);
  if (which === 'last') await more.click();
  await page.locator('.bottle', { hasText: name })[which]().click();
};

/** Takes what is set for the surface in hand, unless it is there already. */
export const takeWhatIsSet = async (page: Page): Promise<void> => {
  const take = page.getByRole('button', { name: /^Take the bottle/ });
  await expect(take.or(page.getByRole('button', { name: /^Applied/ }))).toBeVisible();
  if (!(await take.isVisible())) return;
  await take.click();
  await page.locator('.bottle:not([data-barred])').first().click();
};

/** Picks one of a list by its label. */
export const choose = async (
  page: Page,
  label: string | RegExp,
  option: string | RegExp,
): Promise<void> => {
  const list = page.getByRole('button', { name: label });
  const wanted = page.getByRole('option', { name: option }).first();
  // A list whose button moved under it, because something came in, is put away but still counts as
  // open: closed, and opened again.
  await expect(async () => {
    if ((await list.getAttribute('aria-expanded')) === 'true') await list.click();
    await list.click();
    await wanted.click({ timeout: 3000 });
  }).toPass();
};

/** Adds a surface to the open room. */
export const addSurface = async (
  page: Page,
  {
    name,
    material,
    area,
    ...more
  }: { name: string; material: string; area: string; food?: boolean; touched?: string },
) => {
  await page.getByRole('button', { name: /^Add a surface to/ }).click();
  await page.getByLabel('Name', { exact: true }).fill(name);
  await page.getByRole('combobox', { name: 'Material' }).fill(material);
  await page.getByRole('option', { name: material }).first().click();
  await page.getByLabel('Area, m²').fill(area);
  if (more.touched) await page.getByRole('radio', { name: more.touched }).click();
  if (more.food) await page.getByLabel('Food touches it').check();
  await page.getByRole('button', { name: 'Add the surface' }).click();
  await expect(page.locator('.descent__stop', { hasText: name })).toHaveAttribute(
    'aria-current',
    'true',
  );
};

/** No serious or critical violation of WCAG 2.2 A and AA on what is shown. */
export const expectAccessible = async (page: Page): Promise<void> => {
  const { violations } = await new AxeBuilder({ page })
    .withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'])
    .analyze();
  const grave = violations.filter(({ impact }) => impact === 'serious' || impact === 'critical');
  expect(
    grave.map(
      ({ id, nodes }) =>
        `${id}: ${nodes
          .map((node) => node.html)
          .join(' ')
          .slice(0, 300)}`,
    ),
  ).toEqual([]);
};

/** Plays the simulated bench, as its control page does. */
export const act = async (
  device: 'scale' | 'meter' | 'strip' | 'thermometer',
  line: string,
): Promise<void> => {
  const said = await (
    await fetch(`${process.env.BENCH_PAGE}/do`, {
      method: 'POST',
      body: JSON.stringify({ device, line }),
    })
  ).text();
  expect(said).toBe('ok');
};

/** Begins a company on a server with nothing in it. */
export const beginCompany = async (page: Page, code: string): Promise<void> => {
  await page.goto('/');
  await page.getByLabel('Code that the server has printed').fill(code);
  await page.getByLabel('Name of the company').fill('Fennel Care');
  await choose(page, /^Country/, 'Spain');
  await page.getByLabel('I have checked both numbers').check();
  await page.getByLabel('Your name, as others read it').fill('Ilse');
  await page.getByLabel('Name you sign in with').fill('ilse');
  await page.getByLabel('Password').fill('three blue kettles');
  await page.getByRole('button', { name: 'Begin' }).click();
  await page.getByText('11 questions are left.').waitFor();
};

/**
 * In the page: no camera here, and no reader of codes in this browser. A picture that moves, and a
 * reader that sees the code once it has looked so often.
 */
export const fakeCamera = ({ code, looks }: { code: string; looks: number }): void => {
  let looked = 0;
  const detect = () => Promise.resolve((looked += 1) < looks ? [] : [{ rawValue: code }]);
  Object.assign(window, {
    BarcodeDetector: class {
      detect = detect;
    },
  });
  navigator.mediaDevices.getUserMedia = () => {
    const canvas = document.createElement('canvas');
    const paint = canvas.getContext('2d')!;
    setInterval(() => paint.fillRect(0, 0, 10, 10), 50);
    return Promise.resolve(canvas.captureStream(10));
  };
};
