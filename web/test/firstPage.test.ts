import { first } from '@zymostat/words/en/first';
import { existsSync, readFileSync } from 'node:fs';
import { dirname, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../../', import.meta.url));
const words = `${root}words/src/`;

/** What a file brings along at once; what it fetches later or uses as a type only is left out. */
const broughtBy = (file: string): string[] => {
  const text = readFileSync(file, 'utf8');
  return [...text.matchAll(/^(?:import|export) (?!type )[^;]*?from '(\.[^']+)';/gms)]
    .map((found) => resolve(dirname(file), found[1]!))
    .filter((path) => existsSync(path) && !path.endsWith('.css'));
};
const closure = (files: string[]): Set<string> => {
  const all = new Set<string>();
  const visit = (file: string): void => {
    if (all.has(file)) return;
    all.add(file);
    broughtBy(file).forEach(visit);
  };
  files.forEach(visit);
  return all;
};

/** The tellers that a file of the page names. */
const tellersOf = (text: string): string[] => {
  const named = [...text.matchAll(/^import \{([^}]*)\} from '@zymostat\/words';/gms)].flatMap(
    (found) => found[1]!.split(',').map((one) => one.trim().replace(/^type .*/, '')),
  );
  return named.filter((one) => /(InWords|Note)$/.test(one));
};
const topicsIn = (text: string): string[] =>
  [...text.matchAll(/\b(?:say|name|table|tell|rich)\(\s*['`](\w+)/g)].map((found) => found[1]!);

const page = closure([`${root}web/src/shell/start.tsx`, `${root}web/src/features/board/Homes.tsx`]);
const texts = [...page].map((file) => readFileSync(file, 'utf8'));

test('the page that is drawn first says nothing that is fetched later', () => {
  expect(page.size).toBeGreaterThan(20);
  const asked = new Set(texts.flatMap(topicsIn));
  expect(asked.size).toBeGreaterThan(10);
  expect([...asked].filter((topic) => !(topic in first))).toEqual([]);
});

test('nor do the tellers that it uses', () => {
  const tellers = new Set(texts.flatMap(tellersOf));
  expect(tellers.size).toBeGreaterThan(1);
  const index = readFileSync(`${words}index.ts`, 'utf8');
  const homes = [...index.matchAll(/export (?:\{([^}]*)\}|\*) from '\.\/(tell\/[^']+)'/gs)];
  const files = homes
    .filter(([, named, path]) => {
      const text = named ?? readFileSync(`${words}${path!}`, 'utf8');
      return [...tellers].some((teller) => new RegExp(`\\b${teller}\\b`).test(text));
    })
    .map((found) => `${words}${found[2]!}`);
  expect(files.length).toBeGreaterThan(0);
  const asked = [...closure(files)].flatMap((file) => topicsIn(readFileSync(file, 'utf8')));
  expect([...new Set(asked)].filter((topic) => !(topic in first))).toEqual([]);
});
