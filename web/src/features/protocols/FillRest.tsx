import { type HomeDetail, type RoomRow, type StockRow, type SurfaceRow } from '@zymostat/contract';
import { activeFacts, fillRest, isUnset, materialOf, type Judging } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { Window } from '../../ui/Window.tsx';
import { w } from '../../words/words.ts';
import { useSetManyMutation } from '../homes/surveyApi.ts';
import { nameOfBottle } from './words.ts';

interface Props {
  home: HomeDetail;
  stocks: StockRow[];
  judging: Judging;
}
type Proposal = ReturnType<typeof fillRest>[number];
interface Proposed extends Proposal {
  room: RoomRow;
  surface: SurfaceRow;
}

/** What is proposed for each surface that nobody has set. */
const useProposed = ({ home, stocks, judging }: Props): Proposed[] => {
  const { rules, now, book } = judging;
  return useMemo(() => {
    const proposals = fillRest(home, stocks, { rules, now, book });
    return home.rooms.flatMap((room) =>
      room.surfaces.flatMap((surface) => {
        const one = proposals.find(({ surfaceId }) => surfaceId === surface.id);
        return one ? [{ ...one, room, surface }] : [];
      }),
    );
  }, [home, stocks, rules, now, book]);
};

const With = ({ proposed, stocks }: { proposed: Proposed; stocks: StockRow[] }) => {
  const { use } = proposed.setting;
  const stock = stocks.find(({ id }) => id === use?.stockId);
  return stock && use ? (
    <span className="flex items-center gap-2">
      <i className="stub stub--row fill" data-family={activeFacts[stock.active].family} />
      {nameOfBottle(stock, use.strength)}
    </span>
  ) : (
    <span className="flex items-center gap-2">
      <i className="stub stub--row" data-family="soap" />
      {w.name('step', materialOf(proposed.surface.material).cleaned)}
    </span>
  );
};

const Row = ({ proposed, stocks }: { proposed: Proposed; stocks: StockRow[] }) => {
  const { surface, room, setting, because } = proposed;
  return (
    <tr>
      <td>
        {surface.name} <span className="soft">{room.name}</span>
      </td>
      <td>{w.name('goal', setting.goal)}</td>
      <td>
        <With proposed={proposed} stocks={stocks} />
      </td>
      <td className="soft">
        {w.name('fill', because)} {setting.lifts && w.name('protocol', 'theClientSTabletIs')}
      </td>
    </tr>
  );
};

const Table = ({ proposed, stocks }: { proposed: Proposed[]; stocks: StockRow[] }) => (
  <div
    className="max-h-[50vh] overflow-auto"
    tabIndex={0}
    role="region"
    aria-label={w.name('protocol', 'proposed')}
  >
    <table className="ledger">
      <thead>
        <tr>
          <th>{w.name('protocol', 'surface')}</th>
          <th>{w.name('protocol', 'goal')}</th>
          <th>{w.name('protocol', 'with')}</th>
          <th>{w.name('protocol', 'because')}</th>
        </tr>
      </thead>
      <tbody>
        {proposed.map((one) => (
          <Row key={one.surfaceId} proposed={one} stocks={stocks} />
        ))}
      </tbody>
    </table>
  </div>
);

/** Sets what was proposed and changes something. */
const useTake = (home: HomeDetail, proposed: Proposed[], onDone: () => void) => {
  const [setMany, saving] = useSetManyMutation();
  const settings = proposed
    .filter(({ surface, setting }) => setting.use || setting.goal !== surface.setting.goal)
    .map(({ surfaceId, setting }) => ({ surfaceId, setting }));
  const take = async (seen?: number) => {
    const of = { id: home.id, homeId: home.id, body: { settings } };
    const result = await setMany(seen === undefined ? of : { ...of, seen });
    if (!result.error) onDone();
  };
  return { take, count: settings.length, saving };
};

const Proposals = ({ onDone, ...props }: Props & { onDone: () => void }) => {
  const proposed = useProposed(props);
  const { take, count, saving } = useTake(props.home, proposed, onDone);
  return (
    <>
      <p className="mb-3">{w.name('protocol', 'proposedForWhatNobodyHas')}</p>
      <Table proposed={proposed} stocks={props.stocks} />
      <ChangedMeanwhile error={saving.error} onMine={(seen) => void take(seen)} onTheirs={onDone} />
      <p className="mt-4 flex gap-3">
        <button
          className="btn btn--main"
          disabled={count === 0 || saving.isLoading}
          onClick={() => void take()}
        >
          {count === 0
            ? w.name('protocol', 'cleaningIsEnough')
            : w.say('protocol.setThese', { changingCount: count })}
        </button>
        <button className="btn" onClick={onDone}>
          {w.name('protocol', 'leaveIt')}
        </button>
      </p>
    </>
  );
};

/**
 * Proposes a setting for everything that nobody has set, and says why; a person takes it, and
 * nothing is approved by that.
 */
export const FillRest = (props: Props) => {
  const [open, setOpen] = useState(false);
  const close = () => setOpen(false);
  const unset = props.home.rooms.flatMap((room) => room.surfaces.filter(isUnset));
  if (unset.length === 0) return null;
  return (
    <>
      <button className="btn btn--quiet" onClick={() => setOpen(true)}>
        {w.say('protocol.fillTheRestNotSet', { unsetCount: unset.length })}
      </button>
      <Window open={open} wide title={w.name('protocol', 'fillTheRest')} onClose={close}>
        <Proposals {...props} onDone={close} />
      </Window>
    </>
  );
};
