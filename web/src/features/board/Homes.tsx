import { skipToken } from '@reduxjs/toolkit/query';
import { Suspense, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { useGoOn } from '../../ui/useGoOn.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useHomesQuery } from '../homes/api.ts';
import { useRuleEffectsQuery } from '../protocols/api.ts';
import { HomeForm } from './homeFormLater.ts';
import { HomeList } from './HomeList.tsx';
import { HomeSheet } from './HomeSheet.tsx';

/** Homes whose approved version no longer holds by the house rules. */
const useToReview = (): Set<string> => {
  const { data: me } = useMeQuery();
  // Judged after the list is there: what is approved and no longer holds is named at its home.
  const { data: untrue = [] } = useRuleEffectsQuery(me ? me.company.houseRules : skipToken);
  return new Set(untrue.map(({ homeId }) => homeId));
};

/** The homes, and which of them is looked at. */
const useHomes = () => {
  const { data: homes = [], isSuccess, error } = useHomesQuery();
  const [search, setSearch] = useSearchParams();
  const there = homes.filter(({ archivedAt }) => archivedAt === null);
  const archived = homes.filter(({ archivedAt }) => archivedAt !== null);
  const chosen = search.get('home') ?? there[0]?.id;
  const choose = (id: string) => setSearch({ home: id }, { replace: true });
  return { homes, there, archived, none: isSuccess && homes.length === 0, error, chosen, choose };
};

const AddHome = ({ open, onDone }: { open: boolean; onDone: (id?: string) => void }) => (
  <Window open={open} title={w.name('homes', 'addAHome')} onClose={() => onDone()}>
    <Suspense>
      <HomeForm onDone={onDone} />
    </Suspense>
  </Window>
);

const Homes = () => {
  const { homes, there, archived, none, error, chosen, choose } = useHomes();
  const toReview = useToReview();
  const [adding, add] = useState(false);
  const navigate = useNavigate();
  const goOn = useGoOn();
  const added = (id?: string) => {
    add(false);
    if (id) goOn(`/homes/${id}/survey`);
  };
  const ids = there.map((home) => home.id);
  useKeys({
    n: () => add(true),
    Enter: chosen ? () => void navigate(`/homes/${chosen}/protocol`) : undefined,
    ...walkKeys(ids, chosen, choose),
  });
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('homes', 'homes2')}>
        <div className="headline">
          <h1>{w.name('homes', 'homes2')}</h1>
          <button className="btn" onClick={() => add(true)}>
            {rich('homes.addAHomeN', { soft: (text) => <span className="key">{text}</span> })}
          </button>
        </div>
        <WentWrong error={error} />
        {none && <p className="soft">{w.name('homes', 'noHomeYetAddThe')}</p>}
        <HomeList homes={there} chosen={chosen} toReview={toReview} onChoose={choose} />
        {archived.length > 0 && (
          <details className="mt-3" open={archived.some(({ id }) => id === chosen)}>
            <summary className="soft min-h-8 cursor-pointer">
              {w.say('homes.archivedHomes', { count: archived.length })}
            </summary>
            <HomeList homes={archived} chosen={chosen} toReview={toReview} onChoose={choose} />
          </details>
        )}
        <AddHome open={adding} onDone={added} />
      </section>
      <section className="sheet" aria-label={w.name('homes', 'theHome2')}>
        {chosen ? (
          <HomeSheet
            homeId={chosen}
            archivedAt={homes.find(({ id }) => id === chosen)?.archivedAt ?? null}
          />
        ) : (
          <p className="soft py-6">{w.name('homes', 'aHomeSProtocolBegins')}</p>
        )}
        <StandingNote />
      </section>
    </main>
  );
};
export default Homes;
