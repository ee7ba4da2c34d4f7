import { bookWith, cautiousRules, type Book, type CompanyRule } from '@zymostat/core';
import { useMemo } from 'react';
import { useMeQuery } from './me.ts';

/** The rules of what must not meet: those that hold everywhere, and the company's own. */
export const useBook = (): Book => {
  const { data: me } = useMeQuery();
  const own = me?.company.ownRules;
  const rules = me?.company.houseRules;
  return useMemo(
    () => bookWith((own ?? []) as CompanyRule[], rules ?? cautiousRules),
    [own, rules],
  );
};
