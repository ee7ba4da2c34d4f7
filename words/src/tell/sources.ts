import type { Words } from '../words.ts';

/** A source as it is shown: publications by their own names, all else in words. */
export const sourceInWords = ({ table }: Words, source: string): string => {
  const grounds = table('ground') as Record<string, string>;
  const known = (text: string): string | undefined => grounds[text];
  const part = (text: string): string =>
    known(text) ??
    text
      .split(', ')
      .map((one) => known(one) ?? one)
      .join(', ');
  return known(source) ?? source.split('; ').map(part).join('; ');
};
