import type { HomeDetail } from '@zymostat/contract';
import { save } from '../../ui/saveFile.ts';
import { w } from '../../words/words.ts';
import type { Visit } from './useVisit.ts';

/** What can be taken along: a page for each person, the calendar, the problem as a file. */
export const Papers = ({ home, visit }: { home: HomeDetail; visit: Visit }) => (
  <p className="flex flex-wrap gap-x-4 gap-y-1">
    {visit.given?.people.map(({ id, name }) => (
      <a key={id} className="link" href={`/api/homes/${home.id}/visit-sheet.pdf?person=${id}`}>
        {w.say('visitPlan.sheet', { who: name })}
      </a>
    ))}
    {visit.given && (
      <a className="link" href={`/api/homes/${home.id}/visit.ics`} download="visit.ics">
        {w.name('visitPlan', 'calendar')}
      </a>
    )}
    <button
      className="link"
      onClick={() => save('visit.json', 'application/json', JSON.stringify(visit.problem, null, 1))}
    >
      {w.name('visitPlan', 'saveProblem')}
    </button>
  </p>
);
