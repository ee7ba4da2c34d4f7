import '../../ui/jobSteps.css';
import './jars.css';
import type { BatchRow, VesselsNow } from '@zymostat/contract';
import { isGeneric, type Zone } from '@zymostat/core';
import { useState } from 'react';
import { useLocation } from 'react-router';
import { StandingNote, Waiting, WentWrong } from '../../ui/parts.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { useNow } from '../../ui/useNow.ts';
import { w } from '../../words/words.ts';
import { useBatchesQuery, useBottlesQuery } from '../batches/api.ts';
import { BenchHead } from '../batches/BenchHead.tsx';
import { byStanding } from '../batches/standing.ts';
import { useVesselsQuery } from './api.ts';
import { BathSheet } from './bath/BathSheet.tsx';
import { NewBath } from './bath/NewBath.tsx';
import { Cloths } from './cloths/Cloths.tsx';
import { ClothSheet } from './cloths/ClothSheet.tsx';
import { JarSheet } from './jar/JarSheet.tsx';
import { NewJar } from './jar/NewJar.tsx';
import type { FromRecipe } from './jar/jarLines.ts';
import { JarList } from './JarList.tsx';
import { Soaking } from './Soaking.tsx';

/** What the sheet shows. */
type Shown =
  | { is: 'new-jar' }
  | { is: 'new-bath' }
  | { is: 'jar' | 'bath'; id: string }
  | { is: 'cloths'; zone: Zone };

/** Batches that are there and may still be used. */
const useAtHand = (now: number): BatchRow[] | undefined => {
  const { data: batches } = useBatchesQuery();
  const { data: bottles } = useBottlesQuery();
  return batches && bottles && byStanding(batches, bottles, now).inUse;
};

interface SheetProps {
  vessels: VesselsNow;
  batches: readonly BatchRow[];
  shown: Shown;
  now: number;
  show: (shown: Shown) => void;
}

const Sheet = ({ vessels, batches, shown, now, show }: SheetProps) => {
  const { state } = useLocation();
  const recipe = (state as { recipe?: FromRecipe } | null)?.recipe;
  switch (shown.is) {
    case 'jar': {
      const jar = vessels.jars.find(({ id }) => id === shown.id);
      return jar ? <JarSheet key={jar.id} jar={jar} now={now} /> : null;
    }
    case 'bath': {
      const bath = vessels.baths.find(({ id }) => id === shown.id);
      return bath ? <BathSheet bath={bath} now={now} /> : null;
    }
    case 'cloths': {
      const clean = vessels.cloths.find(({ zone }) => zone === shown.zone)?.clean;
      return <ClothSheet key={shown.zone} zone={shown.zone} clean={clean} />;
    }
    case 'new-bath':
      return (
        <NewBath
          batches={batches.filter(({ active }) => isGeneric(active))}
          now={now}
          onBegun={({ id }) => show({ is: 'bath', id })}
        />
      );
    case 'new-jar':
      return (
        <NewJar
          batches={batches}
          recipe={recipe}
          now={now}
          onMade={({ id }) => show({ is: 'jar', id })}
        />
      );
  }
};

const New = ({ show }: { show: (shown: Shown) => void }) => (
  <p className="mb-4 flex flex-wrap gap-3">
    <button className="btn" onClick={() => show({ is: 'new-jar' })}>
      {w.name('jars', 'newJar')}
    </button>
    <button className="btn" onClick={() => show({ is: 'new-bath' })}>
      {w.name('jars', 'newBath')}
    </button>
  </p>
);

/** What stands in jars, pails and bags, and the clean cloths there are. */
const JarsPage = () => {
  const now = useNow();
  const { data: vessels, error } = useVesselsQuery(undefined, { pollingInterval: 60_000 });
  const batches = useAtHand(now);
  const { hash } = useLocation();
  const [shown, show] = useState<Shown>(() =>
    hash === '' ? { is: 'new-jar' } : { is: 'bath', id: hash.slice(1) },
  );
  useKeys({ n: () => show({ is: 'new-jar' }) });
  const chosenId = 'id' in shown ? shown.id : undefined;
  if (!vessels || !batches)
    return (
      <main className="px-6">
        {error ? <WentWrong error={error} /> : <Waiting what={w.name('jars', 'theJars')} />}
      </main>
    );
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('jars', 'jarsAndBaths')}>
        <BenchHead />
        <New show={show} />
        <Soaking
          baths={vessels.baths}
          now={now}
          chosenId={chosenId}
          onChoose={(id) => show({ is: 'bath', id })}
        />
        <JarList
          jars={vessels.jars}
          now={now}
          chosenId={chosenId}
          onChoose={(id) => show({ is: 'jar', id })}
        />
        <Cloths
          cloths={vessels.cloths}
          chosen={shown.is === 'cloths' ? shown.zone : undefined}
          onChoose={(zone) => show({ is: 'cloths', zone })}
        />
      </section>
      <section className="sheet" aria-label={w.name('jars', 'chosen')}>
        <Sheet vessels={vessels} batches={batches} shown={shown} now={now} show={show} />
        <StandingNote />
      </section>
    </main>
  );
};
export default JarsPage;
