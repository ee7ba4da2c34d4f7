import { first } from '@zymostat/words/en/first';
import { round } from '@zymostat/words/en/round';
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
  return named.filter(Boolean);
};
const topicsIn = (text: string): string[] =>
  [...text.matchAll(/\b(?:say|name|table|tell|rich)\(\s*['`](\w+)/g)].map((found) => found[1]!);

const index = readFileSync(`${words}index.ts`, 'utf8');
/** The files in which these tellers are. */
const homesOf = (tellers: ReadonlySet<string>): string[] =>
  [...index.matchAll(/export \* from '\.\/(tell\/[^']+)'/g)]
    .map((found) => `${words}${found[1]!}`)
    .filter((path) => {
      const made = [...readFileSync(path, 'utf8').matchAll(/^export const (\w+)/gm)];
      return made.some((found) => tellers.has(found[1]!));
    });

const shell = 'web/src/shell/start.tsx';
const board = [shell, 'web/src/features/board/Homes.tsx'];
const phone = [
  shell,
  'web/src/features/rounds/Rounds.tsx',
  'web/src/features/rounds/RoundPage.tsx',
  'web/src/features/emergency/Emergency.tsx',
  'web/src/features/rounds/RoomAir.tsx',
  'web/src/ui/Scan.tsx',
  'web/src/ui/DialogWindow.tsx',
];
describe.each([
  ['the page that is drawn first', board, { ...first }],
  ['a round', phone, { ...first, ...round }],
])('%s', (_, files, spoken) => {
  const brought = closure(files.map((file) => root + file));
  const texts = [...brought].map((file) => readFileSync(file, 'utf8'));

  test('says nothing that is fetched later', () => {
    expect(brought.size).toBeGreaterThan(20);
    const asked = new Set(texts.flatMap(topicsIn));
    expect(asked.size).toBeGreaterThan(10);
    expect([...asked].filter((topic) => !(topic in spoken))).toEqual([]);
  });

  test('nor do the tellers that it uses', () => {
    const tellers = homesOf(new Set(texts.flatMap(tellersOf)));
    expect(tellers.length).toBeGreaterThan(0);
    const asked = [...closure(tellers)].flatMap((file) => topicsIn(readFileSync(file, 'utf8')));
    expect([...new Set(asked)].filter((topic) => !(topic in spoken))).toEqual([]);
  });
});
