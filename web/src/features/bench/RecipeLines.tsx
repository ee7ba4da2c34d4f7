import { activeNames, ingredientName, percent } from '@zymostat/contract';
import { alcoholOf, ingredientOf, inMillilitres, type Line, type Portion, type Problem } from '@zymostat/core';
import { useRef, type ClipboardEvent, type KeyboardEvent } from 'react';

const small = (ml: number) => (ml < 10 ? ml.toFixed(1) : ml.toFixed(0));

/** What one line was read as, in a few words. */
const readingOf = (line: Extract<Line, { kind: 'ingredient' }>, portion: Portion | undefined): string => {
  const { strength } = ingredientOf(line.ingredient);
  const at = line.strength ?? strength?.usual;
  const alcohol = strength && alcoholOf(strength.of);
  const pure = portion && alcohol && at !== undefined ? `, ${small(inMillilitres(portion.volume) * at)} ml of it pure` : '';
  const name = alcohol ? activeNames[alcohol] : ingredientName(line.ingredient);
  const range = portion?.from === undefined ? '' : `, taken by the middle of ${small(inMillilitres(portion.from))} to ${small(inMillilitres(portion.to!))} ml`;
  return `${name}${at === undefined ? '' : ` ${percent(at)}${line.strength === undefined ? ', taken as usual' : ''}`}${pure}${range}${ingredientOf(line.ingredient).role === 'scent' ? ', scent only' : ''}${line.unread.length ? `; not read: ${line.unread.join(' ')}` : ''}`;
};

const amountOf = (line: Line, portion: Portion | undefined): string => {
  if (line.kind === 'bottle') return `${small(inMillilitres(line.volume))} ml`;
  if (line.kind === 'batch') return `${(line.mass * 1000).toFixed(0)} g`;
  if (!portion) return '';
  return line.kind === 'ingredient' && (line.amount.kind === 'mass' || line.amount.kind === 'share') ? `${(portion.mass * 1000).toFixed(1)} g` : `${small(inMillilitres(portion.volume))} ml`;
};

interface Props {
  rows: string[];
  lines: Line[];
  portions: readonly Portion[];
  problems: readonly Problem[];
  onChange: (rows: string[]) => void;
}

/** A recipe as it is typed, a line an ingredient, and beside each what it was read as. What was typed stays as it was typed. */
export const RecipeLines = ({ rows, lines, portions, problems, onChange }: Props) => {
  const list = useRef<HTMLOListElement>(null);
  const focus = (row: number) => requestAnimationFrame(() => list.current?.querySelectorAll('input')[row]?.focus());
  const shown = rows.at(-1) === '' ? rows : [...rows, ''];
  const put = (row: number, text: string) => onChange(shown.map((one, i) => (i === row ? text : one)));

  const paste = (row: number) => (event: ClipboardEvent<HTMLInputElement>) => {
    const text = event.clipboardData.getData('text');
    if (!/[\r\n]/.test(text)) return;
    event.preventDefault();
    const pasted = text.split(/\r\n|\r|\n/).filter((one) => one.trim() !== '');
    onChange([...shown.slice(0, row), ...(shown[row]!.trim() ? [shown[row]!] : []), ...pasted, ...shown.slice(row + 1)]);
    focus(row + pasted.length);
  };
  const press = (row: number) => (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      event.preventDefault();
      if (row < shown.length - 1) onChange([...shown.slice(0, row + 1), '', ...shown.slice(row + 1)]);
      focus(row + 1);
    } else if (event.key === 'Backspace' && shown[row] === '' && row > 0 && row < shown.length - 1) {
      event.preventDefault();
      onChange(shown.filter((_, i) => i !== row));
      focus(row - 1);
    } else if (event.key === 'ArrowDown') focus(row + 1);
    else if (event.key === 'ArrowUp') focus(row - 1);
  };
  return (
    <ol className="recipe recipe__lines" ref={list} aria-label="Recipe as typed" tabIndex={-1}>
      {shown.map((text, row) => {
        const own = lines.filter((line) => line.row === row);
        const wrong = problems.find((problem) => problem.row === row) ?? own.find((line) => line.kind === 'unread');
        const of = own.map((line) => ({ line, portion: portions.find((portion) => portion.row === row && portion.text === line.text) }));
        const read = wrong ? `Found “${wrong.found}”. Expected: ${wrong.expected}.` : of.flatMap(({ line, portion }) => (line.kind === 'ingredient' ? readingOf(line, portion) : line.kind === 'bottle' ? 'the size of the bottle' : line.kind === 'batch' ? 'the size of the batch' : [])).join(' · ');
        return (
          <li key={row}>
            <span className="recipe__no fig" aria-hidden="true">{row + 1}</span>
            <input className="recipe__typed" aria-label={`Line ${row + 1}`} aria-describedby={`read-${row}`} value={text} placeholder={row === shown.length - 1 ? 'type or paste, as you would say it' : ''}
              onChange={(event) => put(row, event.target.value)} onPaste={paste(row)} onKeyDown={press(row)} />
            <span className="fig">{of.map(({ line, portion }) => amountOf(line, portion)).filter(Boolean).join(' + ')}</span>
            <span id={`read-${row}`} className={`recipe__read ${wrong ? 'recipe__read--unread' : ''}`}>{read}</span>
          </li>
        );
      })}
    </ol>
  );
};
