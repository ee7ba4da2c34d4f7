import { w } from '../../words/words.ts';
import {
  judgeCombination,
  routes,
  worstOf,
  type Book,
  type Route,
  type Severity,
} from '@zymostat/core';
import { memo, useEffect, useMemo, useState, type KeyboardEvent } from 'react';
import type { Pickable } from './pickables.ts';

export type AskedRoute = Route | 'any';

/** One product against those above it, by one route or the worst of all. */
const severitiesOf = (
  lines: readonly Pickable[],
  row: number,
  route: AskedRoute,
  book: Book,
): Severity[] => {
  const asked = route === 'any' ? routes : [route];
  return lines
    .slice(0, row)
    .map((other) =>
      worstOf(
        asked.map(
          (by) =>
            judgeCombination(lines[row]!.product, other.product, { route: by }, book).severity,
        ),
      ),
    );
};

interface RowProps {
  lines: readonly Pickable[];
  row: number;
  route: AskedRoute;
  book: Book;
  /** The chosen column in this row, and the one that the keyboard reaches. */
  chosen: number;
  reachable: number;
  picked: boolean;
  onPick: (row: number, column: number, pointed: boolean) => void;
}

/** Drawn anew only where something in it changes. */
const Row = memo(({ lines, row, route, book, chosen, reachable, picked, onPick }: RowProps) => {
  const severities = useMemo(
    () => severitiesOf(lines, row, route, book),
    [lines, row, route, book],
  );
  return (
    <div role="row" className="triangle__row">
      {severities.map((severity, column) => (
        <button
          key={column}
          role="gridcell"
          className={`pair pair--${severity}`}
          tabIndex={column === reachable ? 0 : -1}
          aria-selected={column === chosen}
          data-cell={`${row} ${column}`}
          aria-label={w.say('apart.with', {
            name: lines[row]!.name,
            name2: lines[column]!.name,
            severity: w.name('severity', severity),
          })}
          onClick={({ detail }) => onPick(row, column, detail > 0)}
        >
          <i />
        </button>
      ))}
      <span
        role="rowheader"
        className={`triangle__name ${picked ? 'triangle__name--pick' : ''} ${lines[row]!.own ? 'triangle__name--own' : ''}`}
      >
        {lines[row]!.name}
      </span>
    </div>
  );
});

const CELLS_AT_ONCE = 120;

/** So many more rows that a turn draws no more cells than the page can take without a stutter. */
const further = (rows: number): number => {
  let next = rows;
  for (let cells = 0; cells < CELLS_AT_ONCE; next += 1) cells += next;
  return next;
};

/**
 * Which rows show the asked route already; those further down still show the one before, or nothing
 * yet.
 */
const useTurnByTurn = (route: AskedRoute, total: number): ((row: number) => AskedRoute | null) => {
  const [turn, setTurn] = useState<{ route: AskedRoute; before: AskedRoute | null; rows: number }>({
    route,
    before: null,
    rows: 0,
  });
  if (turn.route !== route)
    setTurn({ route, before: turn.rows < total ? null : turn.route, rows: 0 });
  useEffect(() => {
    if (turn.rows >= total) return;
    const timer = setTimeout(() => setTurn((now) => ({ ...now, rows: further(now.rows) })));
    return () => clearTimeout(timer);
  }, [turn, total]);
  return (row) => (row < turn.rows ? turn.route : turn.before);
};

interface Props {
  lines: readonly Pickable[];
  book: Book;
  route: AskedRoute;
  a: string;
  b: string;
  /** `pointed` by finger or mouse, not walked to by keys. */
  onPick: (a: string, b: string, pointed: boolean) => void;
}

const steps: Record<string, [number, number]> = {
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
};

/** Arrow keys walk the cells; each that is reached is picked. */
const walk = (event: KeyboardEvent<HTMLDivElement>) => {
  const step = steps[event.key];
  const cell = (event.target as HTMLElement).dataset.cell;
  if (!step || !cell) return;
  event.preventDefault();
  event.stopPropagation();
  const [r, c] = cell.split(' ').map(Number) as [number, number];
  const next = event.currentTarget.querySelector<HTMLElement>(
    `[data-cell="${r + step[0]} ${c + step[1]}"]`,
  );
  next?.focus();
  next?.click();
};

/** Where the picked pair stands; before anything is picked, Tab reaches the first cell. */
const placeOf = (lines: readonly Pickable[], a: string, b: string) => {
  const [at, beside] = [a, b].map((key) => lines.findIndex((line) => line.key === key)) as [
    number,
    number,
  ];
  const [row, column] = [Math.max(at, beside), Math.min(at, beside)];
  const reachable = row < 0 ? { row: 1, column: 0 } : { row, column };
  return { row, column, reachable, picked: [at, beside] };
};

const labelOf = (route: AskedRoute): string =>
  route === 'any'
    ? w.name('apart', 'pairsTheWorstOfEvery')
    : w.say('apart.pairsBy', { route: w.name('route', route) });

/**
 * Everything against everything, by one route or the worst of all; walked by arrow keys, opened by
 * choosing.
 */
export const Matrix = ({ lines, book, route, a, b, onPick }: Props) => {
  const routeIn = useTurnByTurn(route, lines.length);
  const { row, column, reachable, picked } = placeOf(lines, a, b);
  const pick = useMemo(
    () => (r: number, c: number, pointed: boolean) => onPick(lines[c]!.key, lines[r]!.key, pointed),
    [lines, onPick],
  );
  return (
    <div
      role="grid"
      tabIndex={-1}
      aria-label={labelOf(route)}
      className="triangle"
      onKeyDown={walk}
    >
      {lines.map((line, r) => {
        const shown = routeIn(r);
        return (
          shown && (
            <Row
              key={line.key}
              lines={lines}
              row={r}
              route={shown}
              book={book}
              chosen={r === row ? column : -1}
              reachable={r === reachable.row ? reachable.column : -1}
              picked={picked.includes(r)}
              onPick={pick}
            />
          )
        );
      })}
    </div>
  );
};
