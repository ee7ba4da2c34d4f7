import type { HomeDetail } from '@zymostat/contract';
import { costOfMinutes, parseFigure } from '@zymostat/core';
import { duration, upper } from '@zymostat/words';
import { useState } from 'react';
import { TextField } from '../../ui/form/Field.tsx';
import { money } from '../../ui/money.ts';
import { w } from '../../words/words.ts';
import type { WayPlanned } from '../../workers/planner.worker.ts';
import { useOtherSolutions } from './useOtherSolutions.ts';
import type { Visit } from './useVisit.ts';

interface RowProps {
  way: WayPlanned;
  wage: number | undefined;
  currency: string | null | undefined;
}

const called = ({ change }: WayPlanned): string =>
  change
    ? w.say('visitPlan.solutionsRow', {
        to: upper(w.name('family', change.to)),
        of: w.name('family', change.of),
        count: change.surfaces,
      })
    : w.name('visitPlan', 'solutionsAsSet');

const Row = ({ way, wage, currency }: RowProps) => {
  const { planned, liquid } = way;
  const { done, paid } = planned ?? {};
  const wages =
    paid === undefined || wage === undefined ? undefined : costOfMinutes(paid / 60, wage);
  return (
    <tr>
      <td>{called(way)}</td>
      <td className="num">{done === undefined ? '' : duration(w, done)}</td>
      <td className="num">{paid === undefined ? '' : duration(w, paid)}</td>
      <td className="num">
        {liquid === null ? w.name('cost', 'noPrice') : money(liquid, currency)}
      </td>
      <td className="num">
        {wages !== undefined && liquid !== null && money(wages + liquid, currency)}
      </td>
    </tr>
  );
};

const columns = [
  'solutionsColumn',
  'outColumn',
  'paidColumn',
  'liquidColumn',
  'inAllColumn',
] as const;

/** What the visit would take, and cost, with other solutions. */
export const OtherSolutions = ({ home, visit }: { home: HomeDetail; visit: Visit }) => {
  const { ways, currency, tryThem } = useOtherSolutions(home, visit);
  const [typed, setTyped] = useState('');
  const wage = typed.trim() === '' ? undefined : parseFigure(typed);
  return (
    <div className="my-3">
      <button className="btn btn--quiet" onClick={tryThem}>
        {w.name('visitPlan', 'solutions')}
      </button>
      {ways?.length === 1 && <p className="soft mt-2">{w.name('visitPlan', 'noOtherSolution')}</p>}
      {ways && ways.length > 1 && (
        <>
          {ways.some(({ planned }) => !planned) && (
            <p role="status">{w.name('visitPlan', 'tryingSolutions')}</p>
          )}
          <table className="ledger mt-2">
            <thead>
              <tr>
                {columns.map((one, k) => (
                  <th key={one} scope="col" className={k > 0 ? 'num' : ''}>
                    {w.name('visitPlan', one)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {ways.map((way) => (
                <Row key={called(way)} way={way} wage={wage} currency={currency} />
              ))}
            </tbody>
          </table>
          <TextField
            className="mt-2 w-44"
            label={w.say('visitPlan.wage', { currency: currency ?? '' })}
            figure
            value={typed}
            onChange={setTyped}
          />
        </>
      )}
    </div>
  );
};
