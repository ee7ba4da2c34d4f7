/** Accents are often left out; a word is the same with and without. */
export const bare = (text: string): string => text.normalize('NFD').replace(/\p{Mn}/gu, '');

export const escaped = (words: string): string =>
  words.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replace(/[- ]/g, '[- ]');
export const spaced = (words: string): string => words.replace(/-/g, ' ');

interface Known<T> {
  /** Without hyphens: most words are ruled out by it at once. */
  plain: string;
  whole: RegExp;
  is: T;
  /** 0 is the longest. */
  rank: number;
}

/** What is looked for in a name, by the first word of each: the others cannot stand in a text. */
export type Names<T> = ReadonlyMap<string, readonly Known<T>[]>;

const WORDS = /\p{L}+/gu;
const wordsOf = (text: string): string[] => text.match(WORDS) ?? [];

/** Words of every language together, and what each stands for. */
export const namesOf = <T>(entries: readonly [string, T][]): Names<T> => {
  const known = entries
    .map(([words, is]) => ({ words: bare(words), is }))
    .sort((a, b) => b.words.length - a.words.length)
    .map(({ words, is }, rank) => ({
      plain: spaced(words),
      whole: new RegExp(`(^|[^\\p{L}])${escaped(words)}([^\\p{L}]|$)`, 'u'),
      is,
      rank,
    }));
  const names = new Map<string, Known<T>[]>();
  for (const one of known) {
    const first = wordsOf(one.plain)[0] ?? '';
    names.set(first, [...(names.get(first) ?? []), one]);
  }
  return names;
};

/** The longest that stands in a text, in small letters without accents, as whole words. */
export const firstIn = <T>(names: Names<T>, text: string): T | undefined => {
  const plainText = spaced(text);
  let longest: Known<T> | undefined;
  for (const word of wordsOf(text))
    for (const known of names.get(word) ?? []) {
      if (longest && longest.rank <= known.rank) break;
      if (plainText.includes(known.plain) && known.whole.test(text)) longest = known;
    }
  return longest?.is;
};
