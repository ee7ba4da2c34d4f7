import { judgeScent, OIL_KEEPS, scentIn, type Situation } from '@zymostat/core';
import { millilitres, percent } from '@zymostat/words';
import { useState } from 'react';
import { Choice } from '../../../ui/form/Choice.tsx';
import { Switches } from '../../../ui/form/Switches.tsx';
import { ReasonList } from '../../../ui/ReasonList.tsx';
import { w } from '../../../words/words.ts';
import { useHomesQuery } from '../../homes/api.ts';
import type { Made } from '../analysis.ts';

type Opened = 'year' | 'longer';

/** Scent in a recipe: how much, whether it stays clear, for whom, and how old the oil is. */
export const Scent = ({ made: { formula } }: { made: Made }) => {
  const [opened, setOpened] = useState<Opened>('longer');
  const [homeId, setHome] = useState<string | null>(null);
  const { data: homes = [] } = useHomesQuery();
  const scented = scentIn(formula.portions, formula.strengths.alcohol);
  if (!scented) return null;
  const situations: readonly Situation[] = homes.find(({ id }) => id === homeId)?.situations ?? [];
  const openedFor = opened === 'year' ? OIL_KEEPS : null;
  const { share, wanted, reasons } = judgeScent({ ...scented, openedFor, situations });
  return (
    <section className="mt-4" aria-label={w.name('bench', 'scent')}>
      <h2>{w.name('bench', 'scent')}</h2>
      <p className="mb-2">
        {w.say('bench.scentShare', {
          share: percent(w, share),
          wanted: wanted > 0 ? millilitres(w, wanted) : 'none',
        })}
      </p>
      <div className="mb-3 flex flex-wrap items-end gap-x-6 gap-y-3">
        <Switches
          label={w.name('bench', 'oilOpened')}
          value={opened}
          onChange={setOpened}
          options={[
            { value: 'year', name: w.name('bench', 'withinAYear') },
            { value: 'longer', name: w.name('bench', 'longerOrNobodyKnows') },
          ]}
        />
        <Choice
          className="w-56"
          label={w.name('bench', 'forWhichHome')}
          value={homeId}
          onChange={setHome}
          options={[
            { value: null, name: w.name('bench', 'noHomeYet') },
            ...homes.map(({ id, name }) => ({ value: id, name })),
          ]}
        />
      </div>
      <ReasonList of={reasons} />
    </section>
  );
};
