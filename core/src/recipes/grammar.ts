import type { Token, TokenKind } from './token.ts';

/**
 * One letter a kind of token, so that a rule over kinds is a regular expression over a line's
 * letters.
 */
const letters: Readonly<Record<TokenKind, string>> = {
  number: 'n',
  article: 'a',
  fraction: 'f',
  ratio: 'r',
  percent: '%',
  proof: 'P',
  volumes: 'V',
  basis: 'b',
  unit: 'u',
  qualifier: 'q',
  vague: 'v',
  piece: 'p',
  ingredient: 'i',
  strong: 's',
  vessel: 'B',
  cloth: 'c',
  verb: 'd',
  handling: 'h',
  fill: 'F',
  rest: 'R',
  brim: 'T',
  to: 't',
  per: 'e',
  each: 'E',
  equal: '=',
  makes: 'm',
  or: 'o',
  and: '&',
  plus: '+',
  with: 'w',
  of: 'O',
  times: 'x',
  juice: 'j',
  full: 'L',
  liquid: 'l',
  temperature: 'C',
  plain: '_',
  comma: ',',
  open: '(',
  close: ')',
  dash: '-',
  colon: ':',
  stop: '.',
  unknown: '?',
};
const USED = '#';

/**
 * A rule such as "number percent basis?": kinds by name with the signs of a regular expression
 * between them.
 */
export type Rule = RegExp;
export const rule = (text: string): Rule =>
  new RegExp(
    text
      .replace(/[a-z]+/g, (kind) => {
        const letter = letters[kind as TokenKind];
        if (letter === undefined) throw new RangeError(`no kind of token is called ${kind}`);
        return letter.replace(/[.+?()|]/g, '\\$&');
      })
      .replace(/ /g, ''),
  );

/** What is left of a line while its parts are taken out of it. */
export class Remaining {
  private letters: string;
  readonly tokens: readonly Token[];

  constructor(tokens: readonly Token[]) {
    this.tokens = tokens;
    this.letters = tokens.map(({ kind }) => letters[kind]).join('');
  }

  /** The first place where the rule fits what is left, taken out; nothing where it fits nowhere. */
  take(one: Rule): Token[] | undefined {
    const match = one.exec(this.letters);
    if (!match || match[0] === '') return undefined;
    const taken = this.tokens.slice(match.index, match.index + match[0].length);
    this.letters =
      this.letters.slice(0, match.index) +
      USED.repeat(match[0].length) +
      this.letters.slice(match.index + match[0].length);
    return taken;
  }

  takeAll(one: Rule): Token[][] {
    const all: Token[][] = [];
    for (let taken = this.take(one); taken; taken = this.take(one)) all.push(taken);
    return all;
  }

  has(one: Rule): boolean {
    return one.test(this.letters);
  }

  /** What nobody has taken yet. */
  rest(): Token[] {
    return this.tokens.filter((_, i) => this.letters[i] !== USED);
  }
}

type Of<K extends TokenKind> = Extract<Token, { kind: K }>;
/** The first token of a kind among some. */
export const firstOf = <K extends TokenKind>(
  tokens: readonly Token[],
  kind: K,
): Of<K> | undefined => tokens.find((token): token is Of<K> => token.kind === kind);
export const allOf = <K extends TokenKind>(tokens: readonly Token[], kind: K): Of<K>[] =>
  tokens.filter((token): token is Of<K> => token.kind === kind);
