import { cautiousRules, type Judging } from '@zymostat/core';
import { useMeQuery } from './me.ts';
import { useBook } from './useBook.ts';

/** What a judgement on the page rests on; as long as the company is not there, the cautious rules. */
export const useJudging = (now: number): Judging => {
  const { data: me } = useMeQuery();
  const book = useBook();
  return { rules: me?.company.houseRules ?? cautiousRules, book, now };
};
