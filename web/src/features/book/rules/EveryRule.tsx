import { posterLines } from '@zymostat/words';
import { useBook } from '../../../api/useBook.ts';
import { Severity, StandingNote } from '../../../ui/parts.tsx';
import { w } from '../../../words/words.ts';

type Line = ReturnType<typeof posterLines>[number];

const Row = ({ line: { pair, severity, by, happens, remedy, source, own } }: { line: Line }) => (
  <tr>
    <td>
      <Severity is={severity} word={w.name('severity', severity)} />
    </td>
    <td>
      <b className="font-semibold">{pair}</b>
      <span className="small soft block">{own ? w.say('apart.ourOwn', { by }) : by}</span>
    </td>
    <td>
      {happens} <span className="small soft">{source}</span>
    </td>
    <td>{remedy}</td>
  </tr>
);

/** Every rule in plain words, the company's own among them. */
export const EveryRule = () => {
  const lines = posterLines(w, useBook());
  return (
    <div className="sheet" role="region" aria-label={w.name('apart', 'everyRule')} tabIndex={0}>
      <p className="verdict__say my-2">{w.name('apart', 'whatMustNotMeet')}</p>
      <table className="ledger">
        <thead>
          <tr>
            <th>{w.name('apart', 'howBad')}</th>
            <th>{w.name('apart', 'whichTwoByWhichRoutes')}</th>
            <th>{w.name('apart', 'whatHappens')}</th>
            <th>{w.name('apart', 'whatToDo')}</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <Row key={`${line.pair} ${line.by} ${line.happens}`} line={line} />
          ))}
        </tbody>
      </table>
      <StandingNote />
    </div>
  );
};
