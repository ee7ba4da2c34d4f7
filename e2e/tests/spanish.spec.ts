import { expect, test, type Page } from '@playwright/test';
import { arrive, choose, expectAccessible, finishRoundAt, takeBottle } from '../support.ts';

/** Nothing is cut off at the side of its box, and the page itself does not scroll that way. */
const expectNothingCutOff = async (page: Page): Promise<void> => {
  const cut = await page.evaluate(() => {
    const isCut = (element: HTMLElement): boolean => {
      const { overflowX, textOverflow } = getComputedStyle(element);
      const hides = overflowX === 'hidden' || overflowX === 'clip';
      return hides && textOverflow !== 'ellipsis' && element.scrollWidth > element.clientWidth + 1;
    };
    const all = [...document.querySelectorAll<HTMLElement>('main *, header *, nav *')];
    const { scrollWidth, clientWidth } = document.documentElement;
    const beyond = all.filter((one) => one.getBoundingClientRect().right > clientWidth + 1);
    return [
      ...(scrollWidth > clientWidth + 1
        ? [`the page is ${scrollWidth} wide: ${beyond.at(-1)?.textContent?.slice(0, 60)}`]
        : []),
      ...all
        .filter((element) => element.clientWidth > 1 && isCut(element))
        .map(({ className, textContent }) => `${className}: ${textContent?.slice(0, 40)}`),
    ];
  });
  expect(cut).toEqual([]);
};

/** Words that would stand there if a sentence had been left in English. */
const english = /\b(the|this|is|are|not|nobody|wipe|rinse it|wet for|must|what)\b/i;
const expectSpanish = async (page: Page): Promise<void> => {
  const lines = (await page.locator('body').innerText()).split('\n');
  expect(lines.filter((line) => english.test(line))).toEqual([]);
};
const expectGood = async (page: Page): Promise<void> => {
  await expectSpanish(page);
  await expectNothingCutOff(page);
  await expectAccessible(page);
};

const signIn = async (page: Page, login: string): Promise<void> => {
  await page.goto('/');
  const spanish = page.getByRole('button', { name: 'Español' });
  await spanish
    .or(page.getByRole('button', { name: 'Entrar' }))
    .first()
    .waitFor();
  if (await spanish.isVisible()) await spanish.click();
  await page.getByLabel('Nombre con el que entra').fill(login);
  await page.getByLabel('Contraseña').fill('wet-ten-minutes');
  await page.getByRole('button', { name: 'Entrar' }).click();
};

test('a cleaner is asked for the language once, and works a whole round in it', async ({
  page,
}) => {
  await signIn(page, 'ruben');
  const places = page.getByRole('navigation', { name: 'Lugares' });
  const asked = page.getByRole('heading', { name: '¿En qué idioma quiere leer?' });
  await asked.or(places).waitFor();
  if (await asked.isVisible()) {
    await expectGood(page);
    await page.getByRole('button', { name: 'Español' }).click();
  }
  await expect(places.getByRole('link')).toHaveText([/Rondas/, /Mezclas/, /No mezclar/]);
  await expectGood(page);

  await finishRoundAt(page, 'Ottilie');
  await page.goto('/rounds');
  await page.getByRole('button', { name: 'Empezar la ronda de Ottilie' }).click();
  await expectGood(page);
  await arrive(page);
  const washed = page.getByRole('button', { name: /^(Lavado y enjuagado|Limpiado|Sin polvo)/ });
  await expect(washed).toBeVisible();
  await expectGood(page);
  const next = page.locator('.phone__next ol').getByRole('button').first();
  const applied = page.getByRole('button', { name: /^Aplicado/ });
  const take = page.getByRole('button', { name: /^Tome la botella/ });
  // On to the first surface that is kept wet.
  await expect(async () => {
    await washed.click();
    if (!(await take.isVisible())) await next.click();
    await expect(take).toBeVisible({ timeout: 500 });
  }).toPass();
  await take.click();
  await expectGood(page);
  await page.locator('.bottle', { hasText: 'Peróxido 3 %' }).first().click();
  await applied.click();
  await expect(page.getByRole('timer')).toBeVisible();
  await expectGood(page);
  await page.getByRole('button', { name: 'Ya volví a mojar' }).click();
  await expect(page.getByText('2 capas hasta ahora')).toBeVisible();

  await takeBottle(page, /Vinagre 5 %/);
  await expect(page.locator('.stop__bar')).toContainText(
    'Estos dos no se deben juntar. El peróxido y el ácido hacen un perácido',
  );
  await expectGood(page);
  await page.getByRole('button', { name: /Ya está otra vez en la canasta/ }).click();
  await page.getByRole('button', { name: /^Paño a los/ }).click();
  await expect(page.getByRole('dialog')).toContainText('se registra como no cumplido');
  await page.getByRole('button', { name: 'Pasar el paño, no cumplido' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'No cumplido' })).toBeVisible();
  await expectGood(page);
  await page.getByRole('button', { name: 'Terminar la ronda' }).click();
  await expectGood(page);
  await page.getByRole('button', { name: 'Terminarla' }).click();
  await expect(page.getByRole('heading', { name: 'Rondas' })).toBeVisible();

  await page.goto('/keep-apart?happened=yes');
  await expect(page.getByText('Deténgase. Salga del cuarto.')).toBeVisible();
  await expectNothingCutOff(page);
  await page.goto('/bench/jars');
  await expect(page.getByRole('heading', { name: 'Paños limpios' })).toBeVisible();
  await expectGood(page);
  await page.getByRole('button', { name: 'Baño nuevo' }).click();
  await expect(page.getByLabel('Dónde está')).toBeVisible();
  await expectGood(page);
});

test('a supervisor surveys a home and approves its protocol in Spanish', async ({ page }, {
  project,
}) => {
  const name = `Casa ${project.name}`;
  await signIn(page, 'maren');
  const english = page.getByRole('navigation', { name: 'Places' });
  const places = page.getByRole('navigation', { name: 'Lugares' });
  await english.or(places).waitFor();
  // Her own choice is English: it comes before that of the device, and is changed on her own page.
  await page.getByRole('button', { name: 'Maren' }).click();
  await page.getByRole('link', { name: 'Your page' }).click();
  await page.getByRole('radio', { name: 'Español' }).click();
  await expect(places).toBeVisible();
  await expectGood(page);
  try {
    await page.goto('/homes');
    await page.getByRole('button', { name: /^Agregar una casa/ }).click();
    await page.getByLabel('Cliente, por su nombre').fill(name);
    await page.getByLabel('Lugar', { exact: true }).fill('Calle Uno 1');
    await expectGood(page);
    await page.getByRole('button', { name: 'Agregar e inspeccionar' }).click();
    await page.getByRole('button', { name: 'Agregar un cuarto' }).first().click();
    await page.getByLabel('Cuarto', { exact: true }).fill('Baño');
    await page.getByLabel('Área del piso, m²').fill('4');
    await page.getByLabel('Altura, m').fill('2.4');
    await page.getByRole('radio', { name: 'ventana', exact: true }).click();
    await choose(page, /^¿Hay algo en este cuarto/, /^no$/);
    await expectGood(page);
    await page.getByRole('button', { name: 'Agregar el cuarto' }).click();
    await page.getByRole('button', { name: /^Agregar una superficie a/ }).click();
    await page.getByLabel('Nombre', { exact: true }).fill('Lavabo');
    await page.getByRole('combobox', { name: 'Material' }).fill('Porcelana');
    await page.getByRole('option', { name: 'Porcelana' }).first().click();
    await page.getByLabel('Área, m²').fill('0.4');
    await page.getByRole('radio', { name: 'mucho' }).click();
    await expectGood(page);
    await page.getByRole('button', { name: 'Agregar la superficie' }).click();
    await expect(page.locator('.descent__stop', { hasText: 'Lavabo' })).toBeVisible();
    await expectNothingCutOff(page);

    await page.getByRole('link', { name: 'Protocolo', exact: true }).click();
    await page.locator('.descent__stop', { hasText: 'Lavabo' }).click();
    await page
      .getByRole('group', { name: 'Debe' })
      .getByRole('button', { name: 'desinfectarse' })
      .click();
    await expect(page.getByRole('article', { name: 'Vinagre' })).toContainText(
      'limpia y quita el sarro. No está registrado',
    );
    await expectNothingCutOff(page);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Poner peróxido' }).first().click();
    await expect(page.getByText('Puesto aquí')).toBeVisible();
    await page.getByRole('button', { name: 'Revisar y aprobar' }).click();
    await expect(page.getByText('Antes de aprobar')).toBeVisible();
    await expectNothingCutOff(page);
    await page.getByRole('button', { name: 'Aprobar la versión 1' }).click();
    await expect(page.getByText('La versión 1 sigue como se aprobó')).toBeVisible();
    await expectAccessible(page);
  } finally {
    const back = await page.request.put('/api/me/language', { data: { language: 'en' } });
    expect(back.ok()).toBe(true);
  }
});
