import { clock, percent } from '@zymostat/words';
import type { CSSProperties, ReactNode } from 'react';
import { timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { share, type ChartProps } from './chartProps.ts';
import { marksOf, type ChartRow, type WetSpan } from './chartRows.ts';

export const Names = ({
  row,
  onFold,
  folds,
  onChoose,
}: { row: ChartRow } & Pick<ChartProps, 'onFold' | 'folds' | 'onChoose'>) => (
  <div className="visit-row__names">
    {row.first && folds ? (
      <button
        className="link truncate text-left font-semibold"
        aria-expanded={row.name !== undefined}
        aria-label={`${row.roomName}: ${w.name('visitPlan', row.name === undefined ? 'open' : 'fold')}`}
        onClick={() => onFold(row.room)}
      >
        {row.roomName}
      </button>
    ) : (
      <b>{row.first ? row.roomName : ''}</b>
    )}
    {row.name === undefined ? (
      <span />
    ) : (
      <button className="visit-row__name text-left" onClick={() => onChoose(row)}>
        {row.name}
      </button>
    )}
    <span>
      {row.name !== undefined && (
        <>
          <i
            className="stub stub--row fill mr-1.5 inline-block"
            data-family={row.family ?? 'soap'}
          />
          {row.strength === undefined ? w.name('visitPlan', 'detergent') : percent(w, row.strength)}
        </>
      )}
    </span>
    <span className="fig pr-2 text-right">{row.wet > 0 ? clock(row.wet) : ''}</span>
    <span className="small soft">
      {row.rewets > 0 && w.say('visitPlan.rewets', { count: row.rewets })}
    </span>
  </div>
);

export const Bands = ({ spans, axis }: { spans: WetSpan[]; axis: number }) =>
  spans.map(({ family, from, met, to }) => (
    <i
      key={from}
      className="visit-band fill"
      data-family={family}
      style={
        {
          left: share(from, axis),
          width: share(to - from, axis),
          '--met': (met - from) / Math.max(1, to - from),
        } as CSSProperties
      }
    />
  ));

export const Lane = ({
  name,
  says,
  children,
}: {
  name: string;
  says: string;
  children: ReactNode;
}) => (
  <div className="visit-row visit-row--lane">
    <div className="visit-row__names">
      <b>{name}</b>
      <span className="small soft">{says}</span>
    </div>
    <div className="visit-row__track">{children}</div>
  </div>
);

export const Axis = ({ axis, startsAt }: Pick<ChartProps, 'axis' | 'startsAt'>) => (
  <div className="visit-row visit-row--axis">
    <div className="visit-row__names">
      <span>{w.name('visitPlan', 'roomColumn')}</span>
      <span>{w.name('visitPlan', 'surfaceColumn')}</span>
      <span>{w.name('visitPlan', 'solution')}</span>
      <span className="pr-2 text-right">{w.name('visitPlan', 'wet')}</span>
    </div>
    <div className="visit-row__track">
      {marksOf(axis).map((mark) => (
        <span key={mark} className="visit-mark" style={{ left: share(mark, axis) }}>
          {timeOf(startsAt + mark * 1000)}
        </span>
      ))}
    </div>
  </div>
);
