import type { Entry, Lexicon } from './words/lexicon.ts';

/**
 * A figure as it is written: its value, or the ends of a range, or the two things "1,000" may mean.
 */
export interface Figure {
  kind: 'number';
  /** Low before high for a range; the likelier first for a doubtful one. */
  values: readonly number[];
  range?: true;
  doubtful?: true;
  guess?: true;
  negative?: true;
}

/** One piece of a line: what it is, and where it stands in the line. */
export type Token = { text: string; at: number } & (
  | Exclude<Entry, { kind: 'number' }>
  | Figure
  | { kind: 'ratio'; parts: readonly number[] }
  | { kind: 'comma' | 'open' | 'close' | 'dash' | 'colon' | 'stop' }
  | { kind: 'unknown' }
);
export type TokenKind = Token['kind'];

const GLYPHS: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅕': 1 / 5,
  '⅖': 2 / 5,
  '⅗': 3 / 5,
  '⅘': 4 / 5,
  '⅙': 1 / 6,
  '⅚': 5 / 6,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};
const glyph = `[${Object.keys(GLYPHS).join('')}]`;

const divisor = (a: number, b: number): number => (b === 0 ? Math.max(1, a) : divisor(b, a % b));

/**
 * Figures, the longest way of writing them first; each gives its token or nothing where it is none
 * after all.
 */
const figures: readonly {
  pattern: RegExp;
  read: (m: RegExpExecArray) => Omit<Figure, 'kind'> | number[] | undefined;
}[] = [
  {
    pattern: /(\d+)\s*(?:-|–|\s-\s|\s+and\s+|\s*&\s*|\s)\s*(\d+)\s*[/⁄]\s*(\d+)/y,
    read: ([, whole, over, under]) =>
      Number(over) < Number(under)
        ? { values: [Number(whole) + Number(over) / Number(under)] }
        : undefined,
  },
  {
    pattern: new RegExp(`(\\d+)?\\s*(${glyph})`, 'y'),
    read: ([, whole, part]) => ({ values: [Number(whole ?? 0) + GLYPHS[part!]!] }),
  },
  {
    pattern: /\d+(?:\.\d+)?(?:\s*:\s*\d+(?:\.\d+)?)+(?![\d.])/y,
    read: ([all]) => all.split(':').map(Number),
  },
  {
    pattern: /(\d+)\s*[/⁄]\s*(\d+)(?!\s*[/⁄]?\d)/y,
    read: ([, over, under]) => {
      const value = Number(over) / Number(under);
      const common = divisor(Number(over), Number(under));
      return value < 1 ? { values: [value] } : [Number(over) / common, Number(under) / common];
    },
  },
  {
    // One group of three may be thousands or a decimal mark, and nobody can tell which.
    pattern: /(\d{1,3})([.,\s'’])(\d{3})(?![\d])(?![.,]\d)/y,
    read: ([, whole, mark, rest]) => {
      if (whole!.startsWith('0'))
        return mark === ' ' ? undefined : { values: [Number(`${whole}.${rest}`)] };
      const small = mark === ' ' ? Number(whole) : Number(`${whole}.${rest}`);
      return { values: [Number(`${whole}${rest}`), small], doubtful: true };
    },
  },
  {
    pattern: /\d{1,3}(?:([.,'’])\d{3})(?:\1\d{3})*(?:[.,]\d+)?(?![\d])/y,
    read: ([all, mark]) => ({ values: [Number(all.split(mark!).join('').replace(',', '.'))] }),
  },
  {
    pattern: /\d*[.,]\d+(?:e[+-]?\d+)?|\d+(?:e[+-]?\d+)?/y,
    read: ([all]) => ({ values: [Number(all.replace(',', '.'))] }),
  },
];

const marks: Readonly<Record<string, TokenKind>> = {
  ',': 'comma',
  ';': 'comma',
  '(': 'open',
  '[': 'open',
  ')': 'close',
  ']': 'close',
  '-': 'dash',
  '–': 'dash',
  '—': 'dash',
  ':': 'colon',
  '=': 'colon',
  '→': 'colon',
};
/** What a table says of a word; words such as “constructor” are in none. */
const own = <T>(table: Readonly<Record<string, T>>, key: string): T | undefined =>
  Object.hasOwn(table, key) ? table[key] : undefined;

/** Signs that say nothing of what goes in. */
const SILENT = /["“”„«»'’`*•·!?~_|#…]/;

interface Raw {
  text: string;
  at: number;
  kind: 'word' | 'figure' | 'mark';
  token?: Token;
}

const figureAt = (line: string, at: number): Raw | undefined => {
  for (const { pattern, read } of figures) {
    pattern.lastIndex = at;
    const match = pattern.exec(line);
    if (!match) continue;
    const found = read(match);
    if (!found) continue;
    const here = { text: match[0], at };
    const token: Token = Array.isArray(found)
      ? { ...here, kind: 'ratio', parts: found }
      : { ...here, kind: 'number', ...found };
    return { ...here, kind: 'figure', token };
  }
  return undefined;
};

const WORD = /[vw]\/[vw](?![a-z])|°\s?[cf](?![a-z])|\p{L}[\p{L}\p{M}’']*/uy;

/**
 * Cuts a line into words, figures and marks; every character that is not silent ends in one of
 * them.
 */
const cut = (line: string, { withFigures }: Lexicon): Raw[] => {
  const raws: Raw[] = [];
  const lower = line.toLowerCase();
  const isWordPart = (at: number) => at >= 0 && at < line.length && /[\p{L}\d]/u.test(line[at]!);
  for (let at = 0; at < line.length;) {
    const name = withFigures.find(
      (one) => lower.startsWith(one, at) && !isWordPart(at - 1) && !isWordPart(at + one.length),
    );
    WORD.lastIndex = at;
    const word = name ?? WORD.exec(lower)?.[0];
    const figure =
      word === undefined && /[\d.½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/.test(line[at]!) ? figureAt(line, at) : undefined;
    const raw: Raw =
      word !== undefined
        ? { text: line.slice(at, at + word.length), at, kind: 'word' }
        : (figure ?? { text: String.fromCodePoint(line.codePointAt(at)!), at, kind: 'mark' });
    if (raw.kind !== 'mark' || !(/\s/.test(raw.text) || SILENT.test(raw.text))) raws.push(raw);
    at += raw.text.length;
  }
  return raws;
};

/** The words of a phrase may be joined by hyphens, which then say nothing. */
const isHyphen = (raws: readonly Raw[], i: number, line: string): boolean => {
  const raw = raws[i];
  if (raw?.text !== '-' || i === 0) return false;
  return !/\s/.test(line[raw.at - 1] ?? ' ') && !/\s/.test(line[raw.at + 1] ?? ' ');
};

/** The longest phrase of the lexicon that begins at `i`, and how many raws it takes. */
const phraseAt = (
  raws: readonly Raw[],
  i: number,
  line: string,
  lexicon: Lexicon,
): { entry: Entry; size: number } | undefined => {
  const { phrases, longest, vocabulary } = lexicon;
  const words: string[] = [];
  let best: { entry: Entry; size: number } | undefined;
  for (let j = i; j < raws.length && words.length < longest; j += 1) {
    if (isHyphen(raws, j, line)) continue;
    // A full stop behind a short measure belongs to it: "fl. oz.".
    if (raws[j]!.text === '.' && words.length > 0) continue;
    if (raws[j]!.kind === 'figure') break;
    words.push(
      raws[j]!.text.toLowerCase()
        .replace(/[’]/g, "'")
        .replace(/^(\d)-/, '$1 ')
        .replace(/-/g, ' '),
    );
    const stem = words.slice(0, -1).join(' ');
    for (const last of vocabulary.singulars(words.at(-1)!)) {
      const entry = phrases.get(stem === '' ? last : `${stem} ${last}`);
      if (entry) {
        best = { entry, size: j - i + 1 };
        break;
      }
    }
  }
  return best;
};

const tokenOf = (entry: Entry, text: string, at: number): Token =>
  entry.kind === 'number'
    ? { kind: 'number', values: [entry.value], text, at, ...(entry.guess ? { guess: true } : {}) }
    : { ...entry, text, at };

/** "20-30", "1 to 2", "60 or 70": two figures that stand for a range. */
const withRanges = (tokens: readonly Token[]): Token[] => {
  const out: Token[] = [];
  for (let i = 0; i < tokens.length; i += 1) {
    const [first, between, second] = [tokens[i]!, tokens[i + 1], tokens[i + 2]];
    const joins = between?.kind === 'dash' || between?.kind === 'to' || between?.kind === 'or';
    if (first.kind === 'number' && joins && second?.kind === 'number' && !first.guess) {
      const text = `${first.text}${between.text}${second.text}`;
      out.push({
        kind: 'number',
        values: [first.values[0]!, second.values[0]!],
        range: true,
        text,
        at: first.at,
      });
      i += 2;
    } else out.push(first);
  }
  return out;
};

/**
 * A line as tokens of what its words are in that language. Nothing is dropped but spaces, quotation
 * marks and the like: a word that no table has is `unknown`.
 */
export const tokensOf = (line: string, lexicon: Lexicon): Token[] => {
  const raws = cut(line, lexicon);
  const tokens: Token[] = [];
  for (let i = 0; i < raws.length;) {
    const raw = raws[i]!;
    const { text, at } = raw;
    const cased = own(lexicon.vocabulary.casedUnits, text);
    const phrase = phraseAt(raws, i, line, lexicon);
    const mark = own(marks, text);
    const before = tokens.at(-1);
    if (raw.token) tokens.push(raw.token);
    else if (cased && before?.kind === 'number')
      tokens.push({ kind: 'unit', unit: cased, text, at });
    else if (phrase) {
      const last = raws[i + phrase.size - 1]!;
      tokens.push(tokenOf(phrase.entry, line.slice(at, last.at + last.text.length), at));
      i += phrase.size;
      continue;
    } else if (mark === 'dash' && isHyphen(raws, i, line) && before?.kind !== 'number') {
      // A hyphen inside a word that no table has.
    } else if (mark) tokens.push({ kind: mark, text, at } as Token);
    else if (text === '.') {
      if (before && before.kind !== 'unit') tokens.push({ kind: 'stop', text, at });
    } else tokens.push({ kind: 'unknown', text, at });
    i += 1;
  }
  return withRanges(tokens);
};
