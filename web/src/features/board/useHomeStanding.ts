import type { HomeDetail } from '@zymostat/contract';
import { enforce } from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBook } from '../../api/useBook.ts';
import { w } from '../../words/words.ts';
import { useHomeQuery } from '../homes/api.ts';
import { useStockQuery } from '../stock/api.ts';

type Objections = ReturnType<typeof enforce>;

/** A home, and what stands before the approval of its next version. */
export const useHomeStanding = (homeId: string) => {
  const { data: home, error } = useHomeQuery(homeId);
  const { data: stock } = useStockQuery();
  const { data: me } = useMeQuery();
  const book = useBook();
  const [now] = useState(Date.now);
  if (!home || home.id !== homeId || !stock || !me) return { error };
  const judging = { rules: me.company.houseRules, now, book };
  return { home, objections: enforce(home, stock, judging), error };
};

/** The sentence that a home's sheet begins with. */
export const standingOf = (home: HomeDetail, objections: Objections): string => {
  const [newest] = home.versions;
  if (home.rooms.every((room) => room.surfaces.length === 0))
    return w.name('homes', 'notSurveyedYetAddIts');
  if (objections.length > 0)
    return w.say('homes.before', {
      count: objections.length,
      next: newest ? 'version' : 'approval',
    });
  if (newest && home.flags.length > 0)
    return w.say('homes.versionIsToBeReviewed', { number: newest.number });
  if (!newest || home.changedSinceApproval) return w.name('homes', 'nothingStandsBeforeApproval');
  return w.say('homes.versionStandsAsApproved', { number: newest.number });
};
