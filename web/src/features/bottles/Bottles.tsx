import type { BottleRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { useState } from 'react';
import { TextField } from '../../ui/form/Field.tsx';
import { StandingNote, Verdict, WentWrong } from '../../ui/parts.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { walkKeys } from '../../ui/walk.ts';
import { Window } from '../../ui/Window.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useBottlesQuery } from '../batches/api.ts';
import { BenchHead } from '../batches/BenchHead.tsx';
import { BottleSheet } from './BottleSheet.tsx';
import { holds, vesselOf } from './holds.ts';
import { NewBottle } from './NewBottle.tsx';
import { ListRow } from '../../ui/ListRow.tsx';

interface RowProps {
  bottle: BottleRow;
  chosen: boolean;
  onChoose: () => void;
}

const Row = ({ bottle, chosen, onChoose }: RowProps) => (
  <ListRow chosen={chosen} onChoose={onChoose}>
    <span className="flex items-baseline gap-3">
      <span className="fig">{bottle.code}</span>
      {bottle.heldSinceWash && (
        <i
          className="stub stub--row fill self-center"
          data-family={activeFacts[bottle.heldSinceWash.active].family}
        />
      )}
      <b className="font-semibold">{holds(bottle)}</b>
    </span>
    <span className="small soft block">{vesselOf(bottle)}</span>
  </ListRow>
);

/** The bottles whose code is sought, and which of them is looked at. */
const useBottles = () => {
  const { data: bottles, error } = useBottlesQuery();
  const [chosenId, choose] = useState<string>();
  const [sought, seek] = useState('');
  const wanted = sought.trim().toLowerCase();
  const shown = bottles?.filter(({ code }) => code.toLowerCase().includes(wanted)) ?? [];
  const chosen = shown.find(({ id }) => id === chosenId) ?? shown[0];
  const none = bottles?.length === 0;
  return { shown, none, loaded: bottles !== undefined, chosen, choose, sought, seek, error };
};

const NoneShown = ({ none, sought }: { none: boolean; sought: string }) => (
  <p className="soft">
    {none
      ? w.name('bench', 'noBottleYetAddThe')
      : w.say('bench.noBottleIsCalled', { sought: sought.trim() })}
  </p>
);

const List = ({ of, onAdd }: { of: ReturnType<typeof useBottles>; onAdd: () => void }) => (
  <section className="leaf" aria-label={w.name('bench', 'bottles')}>
    <BenchHead>
      <button className="btn" onClick={onAdd}>
        {rich('bench.addABottleN', { soft: (text) => <span className="key">{text}</span> })}
      </button>
    </BenchHead>
    <WentWrong error={of.error} />
    <div className="mb-3">
      <TextField
        label={w.name('bench', 'codeOnTheBottle')}
        value={of.sought}
        onChange={of.seek}
        figure
        hint={w.name('bench', 'scanItOrTypeIt')}
      />
    </div>
    {of.loaded && of.shown.length === 0 && <NoneShown none={of.none} sought={of.sought} />}
    <ul className="list">
      {of.shown.map((bottle) => (
        <Row
          key={bottle.id}
          bottle={bottle}
          chosen={bottle.id === of.chosen?.id}
          onChoose={() => of.choose(bottle.id)}
        />
      ))}
    </ul>
  </section>
);

/** Every bottle with its code, what it holds, and what it has held. */
const Bottles = () => {
  const bottles = useBottles();
  const { shown, chosen, choose, seek } = bottles;
  const [adding, setAdding] = useState(false);
  const ids = shown.map(({ id }) => id);
  useKeys({ n: () => setAdding(true), ...walkKeys(ids, chosen?.id, choose) });
  const added = (id?: string) => {
    setAdding(false);
    if (!id) return;
    seek('');
    choose(id);
  };
  return (
    <main className="leaves">
      <List of={bottles} onAdd={() => setAdding(true)} />
      <section className="sheet" aria-label={chosen?.code ?? w.name('bench', 'theBottle')}>
        {chosen ? (
          <BottleSheet bottle={chosen} />
        ) : (
          <Verdict say={w.name('bench', 'chooseABottle')} />
        )}
        <StandingNote />
      </section>
      <Window open={adding} title={w.name('bench', 'addABottle')} onClose={() => added()}>
        <NewBottle onDone={added} />
      </Window>
    </main>
  );
};
export default Bottles;
