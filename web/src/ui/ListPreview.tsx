import { w } from '../words/words.ts';
import type { Becomes, Cell, WrongLine } from './csvLines.ts';

/** So many lines are drawn: of the rest it is said how many they are. */
const SHOWN = 200;

const Line = ({ line, cells }: { line: number; cells: readonly Cell[] }) => (
  <tr>
    <td className="fig soft">{line}</td>
    {cells.map(({ text, guessed }, i) => (
      <td key={i}>{guessed ? <span className="guess">{text}</span> : text}</td>
    ))}
  </tr>
);

/** What each line of a file becomes; what is guessed is dotted. */
export const ListPreview = ({ lines }: { lines: readonly Becomes[] }) => {
  const shown = lines.slice(0, SHOWN).map(({ line, cells }) => ({ line, cells: cells() }));
  return (
    <div className="preview" role="region" aria-label={w.name('lists', 'preview')} tabIndex={0}>
      <table>
        <tbody>
          {shown.map(({ line, cells }) => (
            <Line key={line} line={line} cells={cells} />
          ))}
        </tbody>
      </table>
      {lines.length > SHOWN && (
        <p className="small soft">{w.say('lists.more', { count: lines.length - SHOWN })}</p>
      )}
      {shown.some(({ cells }) => cells.some(({ guessed }) => guessed)) && (
        <p className="small soft">{w.name('lists', 'guesses')}</p>
      )}
    </div>
  );
};

/** Every line that cannot be taken, with why. */
export const WrongLines = ({ wrong }: { wrong: readonly WrongLine[] }) => (
  <div role="alert" className="notice">
    <b>{w.say('lists.wrongLines', { count: new Set(wrong.map(({ line }) => line)).size })}</b>
    <ul className="preview__wrong">
      {wrong.map(({ line, what }, i) => (
        <li key={i}>{w.say('survey.line', { lines: line, what })}</li>
      ))}
    </ul>
  </div>
);
