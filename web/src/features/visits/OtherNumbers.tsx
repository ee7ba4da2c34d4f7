import { duration } from '@zymostat/words';
import { w } from '../../words/words.ts';
import type { Planner } from './usePlanner.ts';

/** What the visit would take with one to four people. */
export const OtherNumbers = ({ planner }: { planner: Planner }) => (
  <div className="my-3">
    <button className="btn btn--quiet" onClick={planner.withPeople}>
      {w.name('visitPlan', 'people')}
    </button>
    {planner.people && (
      <table className="ledger mt-2">
        <tbody>
          {planner.people.map(({ people, done, paid }) => (
            <tr key={people}>
              <th scope="row">{w.say('visitPlan.peopleRow', { count: people })}</th>
              <td className="fig">
                {done === undefined ? w.name('visitPlan', 'noPlan') : duration(w, done)}
              </td>
              <td className="fig">{paid === undefined ? '' : duration(w, paid)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    )}
  </div>
);
