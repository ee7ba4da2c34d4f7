import type { Line, Portion, Problem } from '@zymostat/core';
import { problemInWords } from '@zymostat/words';
import { w } from '../../../words/words.ts';
import { Piece } from './Piece.tsx';
import { amountOf } from './readAs.ts';
import { useTyping } from './useTyping.ts';

interface Props {
  rows: string[];
  lines: readonly Line[];
  portions: readonly Portion[];
  problems: readonly Problem[];
  onChange: (rows: string[]) => void;
}

interface RowProps {
  row: number;
  text: string;
  isLast: boolean;
  read: Pick<Props, 'lines' | 'portions' | 'problems'>;
  typing: ReturnType<typeof useTyping>;
}

/** Everything that was read in one row. */
const ofRow = (row: number, { lines, portions, problems }: RowProps['read']) => {
  const own = lines
    .filter((line) => line.row === row)
    .map((line) => ({
      line,
      portions: portions.filter((portion) => portion.row === row && portion.text === line.text),
    }));
  const unread = own.some(({ line }) => line.kind === 'unread');
  // What is not read is said by its own piece; the rest are about how the amounts go together.
  return { own, wrong: unread ? [] : problems.filter((problem) => problem.row === row) };
};

const ReadAs = ({ row, read, typing }: Pick<RowProps, 'row' | 'read' | 'typing'>) => {
  const { own, wrong } = ofRow(row, read);
  return (
    <>
      <span className="fig">
        {own
          .map(({ line, portions }) => amountOf(line, portions))
          .filter(Boolean)
          .join(' + ')}
      </span>
      <span id={`read-${row}`} className="recipe__read">
        {own.map(({ line, portions }, i) => (
          <span key={line.column} className="block">
            {i > 0 && <span aria-hidden="true">+ </span>}
            <Piece line={line} portions={portions} onTake={typing.take} />
          </span>
        ))}
        {wrong.map(({ code, found }) => (
          <span key={code} className="recipe__unread block">
            {problemInWords(w, code, found)}
          </span>
        ))}
      </span>
    </>
  );
};

const Row = ({ row, text, isLast, read, typing }: RowProps) => (
  <li>
    <span className="recipe__no fig" aria-hidden="true">
      {row + 1}
    </span>
    <input
      className="recipe__typed"
      aria-label={w.say('bench.line2', { row: row + 1 })}
      aria-describedby={`read-${row}`}
      value={text}
      placeholder={isLast ? w.name('bench', 'typeOrPasteAsYou') : ''}
      onChange={(event) => typing.put(row, event.target.value)}
      onPaste={(event) => typing.paste(row, event)}
      onKeyDown={(event) => typing.press(row, event)}
    />
    <ReadAs row={row} read={read} typing={typing} />
  </li>
);

/**
 * A recipe as it is typed, a line an ingredient, and beside each what it was read as. What was
 * typed stays as it was typed.
 */
export const RecipeLines = ({ rows, onChange, ...read }: Props) => {
  const { list, ...typing } = useTyping(rows, onChange);
  return (
    <ol
      className="recipe recipe__lines"
      ref={list}
      aria-label={w.name('bench', 'recipeAsTyped')}
      tabIndex={-1}
    >
      {typing.shown.map((text, row) => (
        <Row
          key={row}
          row={row}
          text={text}
          isLast={row === typing.shown.length - 1}
          read={read}
          typing={{ list, ...typing }}
        />
      ))}
    </ol>
  );
};
