import type { Figure, Raw, Token } from './token.ts';

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

export const figureAt = (line: string, at: number): Raw | undefined => {
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
