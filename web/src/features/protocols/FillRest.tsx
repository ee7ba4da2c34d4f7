import {
  fillWords,
  goalNames,
  stepNames,
  strengthShort,
  type HomeDetail,
  type StockRow,
} from '@zymostat/contract';
import { activeFacts, fillRest, isUnset, materialOf, type HouseRules } from '@zymostat/core';
import { useMemo, useState } from 'react';
import { api } from '../../app/api.ts';
import { useBook } from '../../app/useBook.ts';
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
  const [setMany, saving] = api.useSetManyMutation();
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
        Fill the rest, {unset.length} not set
      </button>
      <Window open={open} wide title="Fill the rest" onClose={() => setOpen(false)}>
        <p className="mb-3">
          Proposed for what nobody has set, with as few bottles as can be. Nothing is approved by
          it, and what you have set stays.
        </p>
        <div
          className="max-h-[50vh] overflow-auto"
          tabIndex={0}
          role="region"
          aria-label="Proposed"
        >
          <table className="ledger">
            <thead>
              <tr>
                <th>Surface</th>
                <th>Goal</th>
                <th>With</th>
                <th>Because</th>
              </tr>
            </thead>
            <tbody>
              {rows.map(({ surfaceId, room, surface, setting, stock, because }) => (
                <tr key={surfaceId}>
                  <td>
                    {surface.name} <span className="soft">{room.name}</span>
                  </td>
                  <td>{goalNames[setting.goal]}</td>
                  <td>
                    {stock ? (
                      <span className="flex items-center gap-2">
                        <i
                          className="stub stub--row fill"
                          data-family={activeFacts[stock.active].family}
                        />
                        {stock.name}, {strengthShort(stock.active, setting.use!.strength)}
                      </span>
                    ) : (
                      <span className="flex items-center gap-2">
                        <i className="stub stub--row" data-family="soap" />
                        {stepNames[materialOf(surface.material).cleaned]}
                      </span>
                    )}
                  </td>
                  <td className="soft">
                    {fillWords[because]}
                    {setting.lifts && ' The client’s tablet is taken out first.'}
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
            {changing.length === 0 ? 'Cleaning is enough' : `Set these ${changing.length}`}
          </button>
          <button className="btn" onClick={() => setOpen(false)}>
            Leave it
          </button>
        </p>
      </Window>
    </>
  );
};
