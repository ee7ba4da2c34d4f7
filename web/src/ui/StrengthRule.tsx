import type { ReactNode } from 'react';
import { rich } from '../words/rich.tsx';
import { percent } from '@zymostat/words';
import { w } from '../words/words.ts';
import type { Family, Span } from '@zymostat/core';
import type { CSSProperties } from 'react';

interface Props {
  family: Family;
  /** Fractions in one named basis. */
  stock: number;
  span?: Span;
  batch?: number;
  /** What the batch is when it is not in strength. */
  otherwise?: string;
}

const tickOf = (stock: number) => (stock > 0.3 ? 10 : stock > 0.08 ? 2 : stock > 0.02 ? 0.5 : 0.25);

/**
 * From 0 to the stock's strength: the thick stretch is permitted, the batch bears on it, or hangs
 * below where it may not.
 */
export const StrengthRule = ({ family, stock, span, batch, otherwise }: Props) => {
  const top = span && Math.min(span.top, stock);
  const permitted =
    span && top !== undefined && span.floor <= top ? { floor: span.floor, top } : undefined;
  const inStrength =
    permitted &&
    batch !== undefined &&
    batch >= permitted.floor * (1 - 1e-9) &&
    batch <= permitted.top * (1 + 1e-9);
  const hangs = batch !== undefined && !inStrength;
  const style = {
    '--stock': stock * 100,
    '--tick': tickOf(stock),
    '--floor': (span?.floor ?? 0) * 100,
    '--top': (top ?? 0) * 100,
    '--batch': Math.min(batch ?? 0, stock) * 100,
  } as CSSProperties;
  const says = [
    w.say('common.stock', { stock: percent(w, stock) }),
    permitted
      ? w.say('common.permittedTo', {
          floor: percent(w, permitted.floor),
          top: percent(w, permitted.top),
        })
      : w.name('common', 'nothingPermitted'),
    batch === undefined ? '' : w.say('common.inUse', { batch: percent(w, batch) }),
  ]
    .filter(Boolean)
    .join(', ');
  return (
    <span
      className={`strength-rule ${hangs ? 'strength-rule--hangs' : ''} ${permitted ? '' : 'strength-rule--empty'}`}
      data-family={family}
      style={style}
      role="img"
      aria-label={w.say('common.strength', { says })}
    >
      <i className="strength-rule__line" />
      {permitted && <i className="strength-rule__span" />}
      {permitted && permitted.floor > 0 && (
        <span
          className={`strength-rule__floor ${permitted.floor / stock > 0.5 ? 'strength-rule__floor--left' : ''}`}
        >
          {rich('common.floor', {
            soft: (text: ReactNode) => <span className="fig">{text}</span>,
            floor: Number((permitted.floor * 100).toFixed(2)),
          })}
        </span>
      )}
      <span className="strength-rule__end">0</span>
      <span className="strength-rule__end strength-rule__end--stock">{percent(w, stock)}</span>
      {batch !== undefined && (
        <span className="strength-rule__batch">
          <b>
            {Number((batch * 100).toFixed(batch >= 0.1 ? 1 : 2))}
            {hangs && otherwise && <span className="strength-rule__what">{otherwise}</span>}
          </b>
        </span>
      )}
    </span>
  );
};
