import { en } from '../src/en/index.ts';
import { es } from '../src/es/index.ts';

/** What the trade's things are not called, from glossary.md: each would promise or confuse. */
const notSaid = {
  en: [/\bdwell/i, /contact time/i, /sterili[sz]/i, /99[.,]9/, /incompatible/i, /prohibited/i],
  es: [
    /higieniz/i,
    /concentración/i,
    /habitación/i,
    /tiempo de contacto/i,
    /esteriliz/i,
    /incompatib/i,
    /prohibid/i,
    /99[.,]9/,
  ],
};

test.each([
  ['en', en],
  ['es', es],
] as const)('%s keeps to the glossary', (language, catalogue) => {
  const found = Object.entries(catalogue).flatMap(([topic, messages]) =>
    Object.entries(messages).flatMap(([key, message]) =>
      notSaid[language].some((word) => word.test(message)) ? [`${topic}.${key}: ${message}`] : [],
    ),
  );
  expect(found).toEqual([]);
});

test('nothing is said to be safe: at most that no rule speaks against it', () => {
  const said = Object.values({ ...en }).flatMap((messages) => Object.values(messages));
  expect(said.filter((message) => /\bis safe\b|\bare safe\b/i.test(message))).toEqual([]);
});
