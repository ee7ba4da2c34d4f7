import { useMemo, useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { StandingNote, WentWrong } from '../../ui/parts.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { KeepApartHead } from '../book/KeepApartHead.tsx';
import { useMishapsQuery } from './api.ts';
import { Counts } from './Counts.tsx';
import { followUpsOf, isMishap } from './counts.ts';
import { MishapForm } from './MishapForm.tsx';
import { MishapList } from './MishapList.tsx';
import { MishapSheet } from './MishapSheet.tsx';

/** What went wrong, and which of it is looked at. */
const useMishaps = () => {
  const { data = [], error } = useMishapsQuery();
  const [chosenId, choose] = useState<string>();
  const rows = useMemo(() => data.filter(isMishap), [data]);
  const chosen = rows.find(({ factId }) => factId === chosenId) ?? rows[0];
  return { data, error, rows, chosen, choose };
};

const Exports = () => (
  <p className="flex gap-4">
    <a className="btn btn--quiet" href="/api/mishaps.csv" download>
      {w.name('apart', 'exportCsv')}
    </a>
    <a className="btn btn--quiet" href="/api/mishaps.json" download>
      {w.name('apart', 'exportJson')}
    </a>
  </p>
);

interface LeafProps {
  of: ReturnType<typeof useMishaps>;
  supervisor: boolean;
  onWrite: () => void;
}

const Leaf = ({ of: { data, rows, chosen, choose, error }, supervisor, onWrite }: LeafProps) => (
  <section className="leaf" aria-label={w.name('apart', 'whatHasGoneWrong')}>
    <KeepApartHead title={w.name('apart', 'log')}>{supervisor && <Exports />}</KeepApartHead>
    <p className="mb-3">
      <button className="btn" onClick={onWrite}>
        {rich('apart.writeDownANearMiss', { soft: (text) => <span className="key">{text}</span> })}
      </button>
    </p>
    <WentWrong error={error} />
    <MishapList data={data} rows={rows} chosen={chosen} onChoose={choose} />
    {rows.length > 0 && <Counts rows={rows} />}
  </section>
);

/** What went wrong anyway, or nearly: looked through, followed up, counted. */
const Log = () => {
  const mishaps = useMishaps();
  const { data, rows, chosen, choose } = mishaps;
  const { data: me } = useMeQuery();
  const [writing, write] = useState(false);
  const supervisor = me?.person.role === 'supervisor';
  const ids = rows.map(({ factId }) => factId);
  useKeys({ n: () => write(true), ...walkKeys(ids, chosen?.factId, choose) });
  const close = () => write(false);
  return (
    <main className="leaves">
      <Leaf of={mishaps} supervisor={supervisor} onWrite={() => write(true)} />
      <section className="sheet" aria-label={w.name('apart', 'oneOfThem')}>
        {chosen && (
          <MishapSheet
            key={chosen.factId}
            row={chosen}
            followUps={followUpsOf(data, chosen.factId)}
            supervisor={supervisor}
          />
        )}
        <StandingNote />
      </section>
      <Window open={writing} title={w.name('apart', 'writeDownANearMiss2')} onClose={close}>
        {writing && <MishapForm kind="near-miss" onDone={close} />}
      </Window>
    </main>
  );
};
export default Log;
