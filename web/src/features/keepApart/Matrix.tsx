import { routeNames, severityNames } from '@zymostat/contract';
import { judgeCombination, routes, worstOf, type Book, type Route, type Severity } from '@zymostat/core';
import { memo, useMemo, useRef, type KeyboardEvent } from 'react';
import type { Pickable } from './pickables.ts';

interface RowProps {
  lines: readonly Pickable[];
  row: number;
  severities: readonly Severity[];
  /** The chosen column in this row, and the one that the keyboard reaches. */
  chosen: number;
  reachable: number;
  picked: boolean;
  onPick: (row: number, column: number) => void;
}

/** One product against those above it. Drawn anew only where something in it changes. */
const Row = memo(({ lines, row, severities, chosen, reachable, picked, onPick }: RowProps) => (
  <div role="row" className="triangle__row">
    {severities.map((severity, column) => (
      <button key={column} role="gridcell" className={`pair pair--${severity}`} tabIndex={column === reachable ? 0 : -1} aria-selected={column === chosen} data-cell={`${row} ${column}`} aria-label={`${lines[row]!.name} with ${lines[column]!.name}: ${severityNames[severity]}`} onClick={() => onPick(row, column)}><i /></button>
    ))}
    <span role="rowheader" className={`triangle__name ${picked ? 'triangle__name--pick' : ''} ${lines[row]!.own ? 'triangle__name--own' : ''}`}>{lines[row]!.name}</span>
  </div>
));

interface Props {
  lines: readonly Pickable[];
  book: Book;
  route: Route | 'any';
  a: string;
  b: string;
  onPick: (a: string, b: string) => void;
}

/** Everything against everything, by one route or the worst of all; walked by arrow keys, opened by choosing. */
export const Matrix = ({ lines, book, route, a, b, onPick }: Props) => {
  const frame = useRef<HTMLDivElement>(null);
  const severities = useMemo(() => {
    const asked = route === 'any' ? routes : [route];
    const rulesBy = new Map(asked.map((one) => [one, book.filter((rule) => rule.by[one])]));
    return lines.map((one, row) => lines.slice(0, row).map((other) => worstOf(asked.map((by) => judgeCombination(one.product, other.product, by, {}, rulesBy.get(by)).severity))));
  }, [lines, book, route]);
  const [at, beside] = [lines.findIndex(({ key }) => key === a), lines.findIndex(({ key }) => key === b)];
  const [row, column] = [Math.max(at, beside), Math.min(at, beside)];
  const pick = useMemo(() => (r: number, c: number) => onPick(lines[c]!.key, lines[r]!.key), [lines, onPick]);
  const walk = (event: KeyboardEvent) => {
    const step = ({ ArrowUp: [-1, 0], ArrowDown: [1, 0], ArrowLeft: [0, -1], ArrowRight: [0, 1] } as Record<string, [number, number]>)[event.key];
    const cell = (event.target as HTMLElement).dataset.cell;
    if (!step || !cell) return;
    event.preventDefault();
    event.stopPropagation();
    const [r, c] = cell.split(' ').map(Number) as [number, number];
    const next = frame.current!.querySelector<HTMLElement>(`[data-cell="${r + step[0]} ${c + step[1]}"]`);
    next?.focus();
    next?.click();
  };
  return (
    <div ref={frame} role="grid" aria-label={route === 'any' ? 'Pairs, the worst of every route' : `Pairs by ${routeNames[route]}`} className="triangle" onKeyDown={walk}>
      {lines.map((line, r) => (
        <Row key={line.key} lines={lines} row={r} severities={severities[r]!} chosen={r === row ? column : -1} reachable={r === row ? column : row < 0 && r === 1 ? 0 : -1} picked={r === at || r === beside} onPick={pick} />
      ))}
    </div>
  );
};
