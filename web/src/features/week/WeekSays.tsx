import { forbids, paidInAll, strangeVisits, visitOf, waysOut, type Misfit } from '@zymostat/core';
import { duration } from '@zymostat/words';
import { Verdict } from '../../ui/parts.tsx';
import { listOf } from '../../words/list.ts';
import { w } from '../../words/words.ts';
import { onTheRoad } from './Crew.tsx';
import { wayCalled, wayCosts } from './Misfits.tsx';
import { misfitAbout, misfitSays } from './misfitSays.ts';
import type { Shown } from './useWeek.ts';
import { withWay } from './withWay.ts';
import { WorkOut } from './WorkOut.tsx';

/** The misfit that most asks for a word: what nobody may do, then the rest. */
const worstOf = (misfits: readonly Misfit[]): Misfit | undefined =>
  misfits.find(forbids) ?? misfits.find((one) => one.code !== 'road-unknown');

const standing = ({ week, judged }: Shown): string => {
  const count = judged.problem.visits.length;
  if (count === 0) return w.name('week', 'none');
  const broken = new Set(judged.checked.misfits.map(visitOf).filter(Boolean));
  const fits = week.visits.filter(({ id }) => !broken.has(id)).length;
  return fits === count
    ? w.say('week.allStand', { count })
    : w.say('week.someStand', { fits, count });
};

/** What the week comes to in a sentence, and the best way out of what does not fit. */
export const WeekSays = ({ shown }: { shown: Shown }) => {
  const { week, judged } = shown;
  const { checked, problem } = judged;
  const worst = worstOf(checked.misfits);
  const visit = worst && visitOf(worst);
  const [way] = visit === undefined ? [] : waysOut(problem, visit);
  const strange = new Set(
    problem.visits
      .filter((one) => strangeVisits({ ...problem, visits: [one] }) > 0)
      .map(({ homeId }) => week.homes.find(({ id }) => id === homeId)!.name),
  );
  const paid = w.say('week.paidInAll', {
    paid: duration(w, paidInAll(checked)),
    road: duration(w, onTheRoad(judged)),
  });
  const why = [
    week.visits.length === 0 ? w.name('week', 'noneWhy') : paid,
    way ? wayCosts(way) : '',
    strange.size > 0 ? w.say('week.familiar', { homes: listOf([...strange]) }) : '',
  ];
  const about = worst ? `${misfitAbout(week, worst)} ${misfitSays(week, worst)}` : '';
  return (
    <Verdict say={`${standing(shown)} ${about}`.trim()} why={why.filter(Boolean).join(' ')}>
      {way && (
        <button
          className="btn btn--main mb-3"
          disabled={shown.keeping}
          onClick={() => void shown.save(withWay(week.visits, way))}
        >
          {wayCalled(shown, way)}
        </button>
      )}
      {!way && <WorkOut shown={shown} />}
    </Verdict>
  );
};
