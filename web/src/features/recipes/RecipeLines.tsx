import { problemInWords, questionInWords, percent, unreadInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  alcoholOf,
  ingredientName,
  ingredientOf,
  inMillilitres,
  type Ingredients,
  type Item,
  type Line,
  type LineReading,
  type Portion,
  type Problem,
  writeItems,
} from '@zymostat/core';
import { useRef, type ClipboardEvent, type KeyboardEvent } from 'react';

const small = (ml: number) => (ml < 10 ? ml.toFixed(1) : ml.toFixed(0));

/** What one ingredient was read as, in a few words, with all that was only assumed. */
const itemWords = (item: Item, portion: Portion | undefined): string => {
  const { strength, role } = ingredientOf(item.ingredient);
  const at = item.strength ?? strength?.usual;
  const alcohol = strength && alcoholOf(strength.of);
  const pure =
    portion && alcohol && at !== undefined
      ? w.say('bench.mlOfItPure', { volume: small(inMillilitres(portion.volume) * at) })
      : '';
  const name = alcohol ? w.name('active', alcohol) : ingredientName(item.ingredient);
  const usual = item.strength === undefined ? w.name('bench', 'takenAsUsual') : '';
  return `${name}${at === undefined ? '' : ` ${percent(w, at)}${usual}`}${pure}${role === 'scent' ? w.name('bench', 'scentOnly') : ''}`;
};

/** A reading that says in full what was only taken as usual, so that it can be changed. */
const inFull = ({ items }: LineReading): string =>
  writeItems(
    items.map((item) => ({
      ...item,
      strength: item.strength ?? ingredientOf(item.ingredient).strength?.usual,
    })),
  );

const assumesOf = ({ items }: LineReading): string[] =>
  items.flatMap(({ assumed }) => (assumed === undefined ? [] : [assumed]));

const amountOf = (line: Line, portions: readonly Portion[]): string => {
  if (line.kind === 'size') {
    return line.volume === undefined
      ? `${(line.mass! * 1000).toFixed(0)} g`
      : w.say('bench.ml2', { volume: small(inMillilitres(line.volume)) });
  }
  if (line.kind !== 'ingredients') return '';
  const items = line.readings[0].items;
  return portions
    .map((portion, i) => {
      const amount = items[i]?.amount;
      const byWeight =
        amount?.kind === 'mass' || (amount?.kind === 'share' && amount.by === 'weight');
      return byWeight
        ? `${(portion.mass * 1000).toFixed(1)} g`
        : w.say('bench.ml2', { volume: small(inMillilitres(portion.volume)) });
    })
    .join(' + ');
};

interface PieceProps {
  line: Line;
  portions: readonly Portion[];
  onTake: (line: Line, text: string) => void;
}

/** The readings of a line as buttons: each puts its own words in the place of what was typed. */
const Readings = ({ line, onTake }: { line: Ingredients; onTake: PieceProps['onTake'] }) => (
  <span className="recipe__ways">
    {line.readings.map((reading) => (
      <button
        key={reading.text}
        type="button"
        className="btn btn--quiet small"
        onClick={() => onTake(line, inFull(reading))}
      >
        {inFull(reading)}
      </button>
    ))}
  </span>
);

/** What one piece of a line was read as, or what it is asked, or why it is not read. */
const Piece = ({ line, portions, onTake }: PieceProps) => {
  if (line.kind === 'size')
    return (
      <>
        {line.volume === undefined
          ? w.name('bench', 'theSizeOfTheBatch')
          : w.name('bench', 'theSizeOfTheBottle')}
      </>
    );
  if (line.kind === 'aside') return <>{w.name('bench', 'nothingGoesInByThis')}</>;
  if (line.kind === 'unread') {
    return (
      <span className="recipe__unread">
        {unreadInWords(w, line)}
        {line.offers.length > 0 && (
          <span className="recipe__ways">
            {line.offers.map((offer) => (
              <button
                key={offer}
                type="button"
                className="btn btn--quiet small"
                onClick={() => onTake(line, line.text.replace(line.found, offer))}
              >
                {offer}
              </button>
            ))}
          </span>
        )}
      </span>
    );
  }
  if (line.asks) {
    return (
      <span className="recipe__unread">
        {w.say('bench.untilThenTheWorstOf', {
          found: questionInWords(w, line.asks.code, line.asks.found),
        })}
        <Readings line={line} onTake={onTake} />
      </span>
    );
  }
  const [first] = line.readings;
  const assumed = assumesOf(first);
  const isUsual = first.items.some(
    ({ ingredient, strength }) =>
      strength === undefined && ingredientOf(ingredient).strength !== undefined,
  );
  return (
    <>
      {first.items.map((item, i) => itemWords(item, portions[i])).join(' + ')}
      {line.readings.length > 1 &&
        w.say('bench.fromToTheWorseEnd', {
          first: inFull(first),
          at: inFull(line.readings.at(-1)!),
        })}
      {assumed.length > 0 &&
        w.say('bench.takenAs', {
          assumed: assumed.map((word) => `“${word}”`).join(', '),
          text: first.text,
        })}
      {(assumed.length > 0 || isUsual) && (
        <button
          type="button"
          className="btn btn--quiet small block"
          onClick={() => onTake(line, inFull(first))}
        >
          {w.name('bench', 'changeWhatWasTaken')}
        </button>
      )}
    </>
  );
};

interface Props {
  rows: string[];
  lines: readonly Line[];
  portions: readonly Portion[];
  problems: readonly Problem[];
  onChange: (rows: string[]) => void;
}

/**
 * A recipe as it is typed, a line an ingredient, and beside each what it was read as. What was
 * typed stays as it was typed.
 */
export const RecipeLines = ({ rows, lines, portions, problems, onChange }: Props) => {
  const list = useRef<HTMLOListElement>(null);
  const focus = (row: number) =>
    requestAnimationFrame(() => list.current?.querySelectorAll('input')[row]?.focus());
  const shown = rows.at(-1) === '' ? rows : [...rows, ''];
  const put = (row: number, text: string) =>
    onChange(shown.map((one, i) => (i === row ? text : one)));
  const take = ({ row, column, text }: Line, instead: string) => {
    const typed = shown[row]!;
    put(row, `${typed.slice(0, column)}${instead}${typed.slice(column + text.length)}`);
    focus(row);
  };

  const paste = (row: number) => (event: ClipboardEvent<HTMLInputElement>) => {
    const text = event.clipboardData.getData('text');
    if (!/[\r\n]/.test(text)) return;
    event.preventDefault();
    const pasted = text.split(/\r\n|\r|\n/).filter((one) => one.trim() !== '');
    const before = shown[row]!.trim() ? [shown[row]!] : [];
    onChange([...shown.slice(0, row), ...before, ...pasted, ...shown.slice(row + 1)]);
    focus(row + pasted.length);
  };
  const press = (row: number) => (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      if (row < shown.length - 1)
        onChange([...shown.slice(0, row + 1), '', ...shown.slice(row + 1)]);
      focus(row + 1);
    } else if (
      event.key === 'Backspace' &&
      shown[row] === '' &&
      row > 0 &&
      row < shown.length - 1
    ) {
      event.preventDefault();
      onChange(shown.filter((_, i) => i !== row));
      focus(row - 1);
    } else if (event.key === 'ArrowDown') focus(row + 1);
    else if (event.key === 'ArrowUp') focus(row - 1);
  };
  return (
    <ol
      className="recipe recipe__lines"
      ref={list}
      aria-label={w.name('bench', 'recipeAsTyped')}
      tabIndex={-1}
    >
      {shown.map((text, row) => {
        const own = lines.filter((line) => line.row === row);
        const portionsOf = (line: Line) =>
          portions.filter((portion) => portion.row === row && portion.text === line.text);
        const unread = own.some(({ kind }) => kind === 'unread');
        // What is not read is said by its own piece; the rest are about how the amounts go
        // together.
        const wrong = unread ? [] : problems.filter((problem) => problem.row === row);
        return (
          <li key={row}>
            <span className="recipe__no fig" aria-hidden="true">
              {row + 1}
            </span>
            <input
              className="recipe__typed"
              aria-label={w.say('bench.line2', { row: row + 1 })}
              aria-describedby={`read-${row}`}
              value={text}
              placeholder={row === shown.length - 1 ? w.name('bench', 'typeOrPasteAsYou') : ''}
              onChange={(event) => put(row, event.target.value)}
              onPaste={paste(row)}
              onKeyDown={press(row)}
            />
            <span className="fig">
              {own
                .map((line) => amountOf(line, portionsOf(line)))
                .filter(Boolean)
                .join(' + ')}
            </span>
            <span id={`read-${row}`} className="recipe__read">
              {own.map((line, i) => (
                <span key={line.column} className="block">
                  {i > 0 && <span aria-hidden="true">+ </span>}
                  <Piece line={line} portions={portionsOf(line)} onTake={take} />
                </span>
              ))}
              {wrong.map(({ code, found }) => (
                <span key={code} className="recipe__unread block">
                  {problemInWords(w, code, found)}
                </span>
              ))}
            </span>
          </li>
        );
      })}
    </ol>
  );
};
