import { type HomeDetail, type StockRow } from '@zymostat/contract';
import { strengthShort } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { activeFacts, fillRest, isUnset, materialOf, type HouseRules } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { useSetManyMutation } from '../homes/api.ts';
import { useBook } from '../../api/useBook.ts';
import { ChangedMeanwhile } from '../../ui/ChangedMeanwhile.tsx';
import { Window } from '../../ui/Window.tsx';

/**
 * Proposes a setting for everything that nobody has set, and says why; a person takes it, and
 * nothing is approved by that.
 */
export const FillRest = ({
  home,
  stocks,
  rules,
  now,
}: {
  home: HomeDetail;
  stocks: StockRow[];
  rules: HouseRules;
  now: number;
}) => {
  const [open, setOpen] = useState(false);
  const book = useBook();
  const [setMany, saving] = useSetManyMutation();
  const unset = home.rooms.flatMap((room) => room.surfaces.filter(isUnset));
  const proposed = useMemo(
    () => (open ? fillRest(home, stocks, { rules, now, book }) : []),
    [open, home, stocks, rules, now, book],
  );
  const rows = home.rooms.flatMap((room) =>
    room.surfaces.flatMap((surface) => {
      const one = proposed.find(({ surfaceId }) => surfaceId === surface.id);
      return one
        ? [
            {
              ...one,
              room,
              surface,
              stock: stocks.find(({ id }) => id === one.setting.use?.stockId),
            },
          ]
        : [];
    }),
  );
  const changing = rows.filter(
    ({ surface, setting }) => setting.use !== null || setting.goal !== surface.setting.goal,
  );
  const take = async (seen?: number) => {
    const result = await setMany({
      id: home.id,
      homeId: home.id,
      body: { settings: changing.map(({ surfaceId, setting }) => ({ surfaceId, setting })) },
      ...(seen === undefined ? {} : { seen }),
    });
    if (!result.error) setOpen(false);
  };
  if (unset.length === 0) return null;
  return (
    <>
      <button className="btn btn--quiet" onClick={() => setOpen(true)}>
        {w.say('protocol.fillTheRestNotSet', { unsetCount: unset.length })}
      </button>
      <Window
        open={open}
        wide
        title={w.name('protocol', 'fillTheRest')}
        onClose={() => setOpen(false)}
      >
        <p className="mb-3">{w.name('protocol', 'proposedForWhatNobodyHas')}</p>
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
              {rows.map(({ surfaceId, room, surface, setting, stock, because }) => (
                <tr key={surfaceId}>
                  <td>
                    {surface.name} <span className="soft">{room.name}</span>
                  </td>
                  <td>{w.name('goal', setting.goal)}</td>
                  <td>
                    {stock ? (
                      <span className="flex items-center gap-2">
                        <i
                          className="stub stub--row fill"
                          data-family={activeFacts[stock.active].family}
                        />
                        {stock.name}, {strengthShort(w, stock.active, setting.use!.strength)}
                      </span>
                    ) : (
                      <span className="flex items-center gap-2">
                        <i className="stub stub--row" data-family="soap" />
                        {w.name('step', materialOf(surface.material).cleaned)}
                      </span>
                    )}
                  </td>
                  <td className="soft">
                    {w.name('fill', because)}
                    {setting.lifts && w.name('protocol', 'theClientSTabletIs')}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
        <ChangedMeanwhile
          error={saving.error}
          onMine={(seen) => void take(seen)}
          onTheirs={() => setOpen(false)}
        />
        <p className="mt-4 flex gap-3">
          <button
            className="btn btn--main"
            disabled={changing.length === 0 || saving.isLoading}
            onClick={() => void take()}
          >
            {changing.length === 0
              ? w.name('protocol', 'cleaningIsEnough')
              : w.say('protocol.setThese', { changingCount: changing.length })}
          </button>
          <button className="btn" onClick={() => setOpen(false)}>
            {w.name('protocol', 'leaveIt')}
          </button>
        </p>
      </Window>
    </>
  );
};
