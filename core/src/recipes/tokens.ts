import { figureAt } from './figures.ts';
import type { Raw, Token, TokenKind } from './token.ts';
import { bare, type Entry, type Lexicon } from './words/lexicon.ts';

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
  const { phrases, longest, singulars } = lexicon;
  const words: string[] = [];
  let best: { entry: Entry; size: number } | undefined;
  for (let j = i; j < raws.length && words.length < longest; j += 1) {
    if (isHyphen(raws, j, line)) continue;
    // A full stop behind a short measure belongs to it: "fl. oz.".
    if (raws[j]!.text === '.' && words.length > 0) continue;
    if (raws[j]!.kind === 'figure') break;
    words.push(
      bare(raws[j]!.text.toLowerCase())
        .replace(/[’]/g, "'")
        .replace(/^(\d)-/, '$1 ')
        .replace(/-/g, ' '),
    );
    const stem = words.slice(0, -1).join(' ');
    for (const last of singulars(words.at(-1)!)) {
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
    const cased = own(lexicon.casedUnits, text);
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
