import type { HomeDetail } from '@zymostat/contract';
import { w } from '../../words/words.ts';

/** The sentence that a home's sheet begins with. */
export const standingOf = (home: HomeDetail): string => {
  const [newest] = home.versions;
  if (home.rooms.every((room) => room.surfaces.length === 0))
    return w.name('homes', 'notSurveyedYetAddIts');
  if (home.objections.length > 0)
    return w.say('homes.before', {
      count: home.objections.length,
      next: newest ? 'version' : 'approval',
    });
  if (newest && home.flags.length > 0)
    return w.say('homes.versionIsToBeReviewed', { number: newest.number });
  if (!newest || home.changedSinceApproval) return w.name('homes', 'nothingStandsBeforeApproval');
  return w.say('homes.versionStandsAsApproved', { number: newest.number });
};
