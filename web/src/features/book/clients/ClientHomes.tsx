import { type HomeRow } from '@zymostat/contract';
import { bowlOf } from '@zymostat/core';
import { useState } from 'react';
import { StandingNote } from '../../../ui/parts.tsx';
import { useKeys } from '../../../ui/useKeys.ts';
import { walkKeys } from '../../../ui/walk.ts';
import { w } from '../../../words/words.ts';
import { useHomesQuery } from '../../homes/api.ts';
import { KeepApartHead } from '../KeepApartHead.tsx';
import { ClientHome } from './ClientHome.tsx';
import { ListRow } from '../../../ui/ListRow.tsx';

/** Something there must never meet anything of ours: in the bowl, or in a bottle nobody knows. */
const hasNever = ({ clientKeeps }: HomeRow): boolean =>
  bowlOf(clientKeeps).length > 0 || clientKeeps.includes('unlabelled-bottle');

interface RowProps {
  home: HomeRow;
  chosen: boolean;
  onChoose: () => void;
}

const Row = ({ home, chosen, onChoose }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="flex justify-between gap-3">
      <b className="font-semibold">
        {home.name}, {home.place}
      </b>
      {hasNever(home) && (
        <span className="small">
          {w.say('apart.inThere', { value: w.name('severity', 'never') })}
        </span>
      )}
    </span>
    <span className="small soft">
      {home.clientKeeps.length > 0
        ? home.clientKeeps.map((id) => w.name('product', id)).join(', ')
        : w.name('apart', 'nothingWrittenDown')}
    </span>
  </ListRow>
);

/** What clients keep, home by home, against the protocols there. */
const ClientHomes = () => {
  const { data: homes = [] } = useHomesQuery();
  const [chosenId, choose] = useState<string>();
  const chosen =
    homes.find(({ id }) => id === chosenId) ??
    homes.find(({ clientKeeps }) => clientKeeps.length > 0) ??
    homes[0];
  const ids = homes.map(({ id }) => id);
  useKeys(walkKeys(ids, chosen?.id, choose));
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('apart', 'atClients')}>
        <KeepApartHead title={w.name('apart', 'atClients')} />
        <ol className="list">
          {homes.map((home) => (
            <Row
              key={home.id}
              home={home}
              chosen={home === chosen}
              onChoose={() => choose(home.id)}
            />
          ))}
        </ol>
      </section>
      <section className="sheet" aria-label={w.name('apart', 'theHome2')}>
        {chosen && <ClientHome key={chosen.id} homeId={chosen.id} />}
        <StandingNote />
      </section>
    </main>
  );
};
export default ClientHomes;
