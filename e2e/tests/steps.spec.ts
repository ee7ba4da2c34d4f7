import { expect, test, type APIRequestContext, type Page } from '@playwright/test';
import { another, arrive, signIn, takeWhatIsSet } from '../support.ts';

/** A revision that no home reaches: whoever sends it has seen everything. */
const headers = { 'if-match': '"999999999"' };
const reason = 'Tested at the edge, and the owner allows it';

const ask = async (
  api: APIRequestContext,
  method: 'post' | 'put' | 'get',
  path: string,
  data?: object,
) => {
  const key = { 'idempotency-key': crypto.randomUUID() };
  const sent = { headers: { ...headers, ...key }, ...(data ? { data } : {}) };
  const answer = await api[method](`/api${path}`, sent);
  if (!answer.ok()) throw new Error(`${method} ${path}: ${answer.status()} ${await answer.text()}`);
  return answer.status() === 204 ? null : answer.json();
};

interface Thing {
  name: string;
  material: string;
  goal?: 'clean' | 'disinfect';
  stock?: string;
  strength?: number;
  /**
   * Orders before it is cleaned, as they must be read on the phone; what its button says; orders
   * afterwards.
   */
  first: string[];
  cleaned: string;
  then?: string[];
  wet?: string[];
}

const home = {
  name: 'Ines',
  place: 'Lock House',
  situations: ['toddler', 'cat', 'fish', 'floor-heating'],
  clientKeeps: [],
};
const room = {
  name: 'Living room',
  floorArea: 24,
  height: 2.6,
  ventilation: 'window',
  flame: 'hob',
};
const things: Thing[] = [
  {
    name: 'Keyboard',
    material: 'electronics',
    goal: 'disinfect',
    stock: 'S-0103',
    strength: 0.7,
    cleaned: 'Dusted',
    first: [
      'Turn the hob off. Wait until it is cold.',
      'Turn the power off. Pull the plug if there is one.',
      'Dust with a dry cloth. No water.',
    ],
    then: ['on a cloth', 'Never spray.', 'Keep it wet for 2 min.'],
  },
  {
    name: 'Tray',
    material: 'glazed-ceramic',
    goal: 'disinfect',
    stock: 'S-0101',
    strength: 0.03,
    cleaned: 'Washed and rinsed',
    first: [
      'Send people and animals out of the room.',
      'Cover the fish tank and turn its pump off.',
      'Open the window.',
      'Turn the floor heating off, if you are allowed to.',
      'Put gloves on.',
      'Put goggles on.',
      'Wash with detergent and rinse.',
    ],
    then: ['Spray 3 % w/v', 'about'],
    wet: [
      'Rinse with drinking water.',
      'Keep people and animals out until it is dry.',
      'Air the room before anybody goes back in.',
      'Lock bottles and cloths away.',
    ],
  },
  {
    name: 'Hob',
    material: 'glass-ceramic-hob',
    cleaned: 'Washed and rinsed',
    first: ['Wait until it is cool.'],
  },
  {
    name: 'Carpet',
    material: 'carpet',
    cleaned: 'Vacuumed',
    first: ['Vacuum it. Do not wash it.'],
  },
  {
    name: 'Plush bear',
    material: 'plush',
    cleaned: 'Put into the wash',
    first: ['Put it into the wash.'],
  },
  {
    name: 'Mirror',
    material: 'mirror',
    cleaned: 'Wiped with a damp cloth',
    first: ['Wipe with a wrung-out cloth. No running water.'],
  },
  {
    name: 'Straps',
    material: 'harness-straps',
    cleaned: 'Left as its maker says',
    first: ['Leave it alone: only its maker says how it is cleaned.'],
  },
];

/** Sets a home up as its supervisor would, and starts its round as its cleaner. */
const startRound = async (desk: Page, phone: Page): Promise<string> => {
  const api = desk.request;
  const stock = (await ask(api, 'get', '/stock')) as { id: string; code: string }[];
  const { id: homeId } = await ask(api, 'post', '/homes', home);
  const { id: roomId } = await ask(api, 'post', `/homes/${homeId}/rooms`, room);
  for (const { name, material, goal = 'clean', stock: code, strength } of things) {
    const surface = await ask(api, 'post', `/rooms/${roomId}/surfaces`, {
      name,
      material,
      level: 'hand',
      area: 0.4,
      touched: 'often',
      food: false,
    });
    const use = code ? { stockId: stock.find((one) => one.code === code)!.id, strength } : null;
    await ask(api, 'put', `/surfaces/${surface.id}/setting`, {
      goal,
      against: goal === 'clean' ? 'everyday' : 'respiratory',
      use,
      accepted: use ? reason : null,
    });
  }
  await ask(api, 'post', `/homes/${homeId}/protocols`, {});
  const id = crypto.randomUUID();
  await ask(phone.request, 'post', '/rounds', { id, homeId });
  return id;
};

test('what the desk knows of a thing is read at its stop, in plain words, before it is begun', async ({
  page,
  browser,
}) => {
  await signIn(page, 'maren');
  const phone = await another(browser, 'tobias');
  const round = await startRound(page, phone);
  await phone.goto(`/rounds/${round}`);
  await arrive(phone);
  const orders = phone.getByRole('list', { name: 'What to do' });
  const all = phone.locator('details', { hasText: /^All \d+ surfaces/ });
  const conditions = new Set<string>();
  for (const { name, first, cleaned, then = [], wet = [], stock } of things) {
    if ((await all.getAttribute('open')) === null) await all.locator('summary').click();
    await phone
      .locator('details')
      .getByRole('button', { name: new RegExp(`: ${name} `) })
      .click();
    await expect(phone.locator('h1')).toHaveText(name);
    for (const order of first) await expect(orders).toContainText(order);
    first.forEach((order) => conditions.add(order));
    await expect(phone.getByRole('button', { name: cleaned })).toBeVisible();
    if (cleaned !== 'Washed and rinsed')
      await expect(phone.getByRole('button', { name: 'Washed and rinsed' })).toHaveCount(0);
    if (stock) {
      await expect(phone.getByText(`Allowed with care: ${reason}`)).toBeVisible();
      await phone.getByRole('button', { name: cleaned }).click();
      for (const order of then) await expect(orders).toContainText(order);
    }
    if (wet.length > 0) {
      await takeWhatIsSet(phone);
      await phone.getByRole('button', { name: 'Applied' }).click();
      for (const order of wet) await expect(orders).toContainText(order);
      wet.forEach((order) => conditions.add(order));
      await phone.getByRole('button', { name: 'Found it dry' }).click();
      await expect(phone.getByRole('status').filter({ hasText: 'Found dry' })).toBeVisible();
    }
  }
  expect(conditions.size).toBeGreaterThanOrEqual(12);
  await phone.context().close();
});
