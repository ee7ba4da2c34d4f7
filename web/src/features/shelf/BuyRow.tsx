import type { StockUse } from '@zymostat/contract';
import type { CSSProperties } from 'react';
import { inMetric } from '../../ui/amounts.ts';
import { money } from '../../ui/money.ts';
import { dayOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { priceOf, type Days, type Line } from './buyLines.ts';

const DAY_MS = 86_400_000;

const orderLine = ({ need: { orderBy, packs } }: Line, now: number): string => {
  if (orderBy === null || packs === 0) return w.name('buy', 'nothingToBuy');
  return orderBy <= now ? w.name('buy', 'today') : w.say('buy.by', { day: dayOf(orderBy) });
};

interface RowProps {
  line: Line;
  use: StockUse;
  days: Days;
  currency: string | null | undefined;
}

const AXIS_DAYS = 42;

/** How long one kind lasts, with the notch of a delivery, and what to order of it. */
export const BuyRow = ({ line, use, days, currency }: RowProps) => {
  const { kind, need } = line;
  const left = need.emptyAt === null ? AXIS_DAYS : (need.emptyAt - use.now) / DAY_MS;
  const price = priceOf(line);
  return (
    <li className="buy">
      <span>
        <b className="block font-semibold">{kind.name}</b>
        <span className="small soft">
          {need.perDay > 0
            ? w.say('buy.aDay', { amount: inMetric(need.perDay) })
            : w.name('buy', 'notUsed')}
        </span>
      </span>
      <span>
        {need.emptyAt !== null && (
          <span
            className="buy__days"
            style={
              { '--days': left, '--lead': days.leadDays, '--axis': AXIS_DAYS } as CSSProperties
            }
            role="img"
            aria-label={w.say('buy.lasts', { day: dayOf(need.emptyAt) })}
          >
            <i className="buy__left" />
          </span>
        )}
        <span className="small soft block">
          {need.emptyAt !== null && w.say('buy.lasts', { day: dayOf(need.emptyAt) })}
          {need.unused.length > 0 &&
            need.perDay > 0 &&
            ` ${w.say('buy.unused', {
              amount: inMetric(need.unused.reduce((sum, { volume }) => sum + volume, 0)),
            })}`}
        </span>
      </span>
      <span>
        <b className="block font-semibold">{orderLine(line, use.now)}</b>
        {need.packs > 0 && (
          <span className="small soft">
            {w.say('buy.packs', { packs: need.packs, pack: inMetric(kind.pack) })}
            {price !== null && `, ${money(price, currency)}`}
          </span>
        )}
      </span>
    </li>
  );
};
