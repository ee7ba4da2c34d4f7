import type { Family, Span } from '@zymostat/core';
import { percent } from '@zymostat/words';
import type { CSSProperties } from 'react';
import { rich } from '../words/rich.tsx';
import { w } from '../words/words.ts';

interface Props {
  family: Family;
  /** Fractions in one named basis. */
  stock: number;
  span?: Span;
  batch?: number;
  /** What the batch is when it is not in strength. */
  otherwise?: string;
}

/** Per cent between the ticks of a rule that goes up to such a stock. */
const ticks = [
  { above: 0.3, tick: 10 },
  { above: 0.08, tick: 2 },
  { above: 0.02, tick: 0.5 },
];
const tickOf = (stock: number) => ticks.find(({ above }) => stock > above)?.tick ?? 0.25;

/** A hair is no strength: what came from a figure and back is taken for the figure. */
const HAIR = 1e-9;

/** The part of a span that can be made of a stock at all. */
const permittedOf = ({ span, stock }: Props): Span | undefined => {
  if (!span) return undefined;
  const top = Math.min(span.top, stock);
  return span.floor <= top ? { floor: span.floor, top } : undefined;
};

const isWithin = (batch: number, { floor, top }: Span) =>
  batch >= floor * (1 - HAIR) && batch <= top * (1 + HAIR);

const inWords = ({ stock, batch }: Props, permitted: Span | undefined): string =>
  w.say('common.strength', {
    stock: percent(w, stock),
    permitted: permitted ? 'yes' : 'no',
    floor: percent(w, permitted?.floor ?? 0),
    top: percent(w, permitted?.top ?? 0),
    batch: batch === undefined ? 'none' : percent(w, batch),
  });

const styleOf = ({ stock, span, batch }: Props): CSSProperties =>
  ({
    '--stock': stock * 100,
    '--tick': tickOf(stock),
    '--floor': (span?.floor ?? 0) * 100,
    '--top': Math.min(span?.top ?? 0, stock) * 100,
    '--batch': Math.min(batch ?? 0, stock) * 100,
  }) as CSSProperties;

const Permitted = ({ floor, stock }: { floor: number; stock: number }) => (
  <>
    <i className="strength-rule__span" />
    {floor > 0 && (
      <span
        className={`strength-rule__floor ${floor / stock > 0.5 ? 'strength-rule__floor--left' : ''}`}
      >
        {rich('common.floor', {
          soft: (text) => <span className="fig">{text}</span>,
          floor: Number((floor * 100).toFixed(2)),
        })}
      </span>
    )}
  </>
);

const Batch = ({ batch, what }: { batch: number; what: string | undefined }) => (
  <span className="strength-rule__batch">
    <b>
      {Number((batch * 100).toFixed(batch >= 0.1 ? 1 : 2))}
      {what && <span className="strength-rule__what">{what}</span>}
    </b>
  </span>
);

/**
 * From 0 to the stock's strength: the thick stretch is permitted, the batch bears on it, or hangs
 * below where it may not.
 */
export const StrengthRule = (props: Props) => {
  const { family, stock, batch, otherwise } = props;
  const permitted = permittedOf(props);
  const hangs = batch !== undefined && !(permitted && isWithin(batch, permitted));
  return (
    <span
      className={`strength-rule ${hangs ? 'strength-rule--hangs' : ''} ${permitted ? '' : 'strength-rule--empty'}`}
      data-family={family}
      style={styleOf(props)}
      role="img"
      aria-label={inWords(props, permitted)}
    >
      <i className="strength-rule__line" />
      {permitted && <Permitted floor={permitted.floor} stock={stock} />}
      <span className="strength-rule__end">0</span>
      <span className="strength-rule__end strength-rule__end--stock">{percent(w, stock)}</span>
      {batch !== undefined && <Batch batch={batch} what={hangs ? otherwise : undefined} />}
    </span>
  );
};
