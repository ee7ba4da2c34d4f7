import type { Answer, StockRow } from '@zymostat/contract';
import { alcoholOf, isGeneric, keptAs } from '@zymostat/core';
import { strengthOf } from '@zymostat/words';
import { serverNow } from '../../api/serverTime.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';
import { useReadMeterMutation, useReadStripMutation } from '../batches/api.ts';
import { useReadStockMutation, useStockStrengthQuery } from '../stock/api.ts';
import { Forecast } from './Forecast.tsx';

type ByNowOf = Answer<'stockStrength'>;

/** When it falls under what it is thrown away at. */
const crossing = ({ active }: StockRow, { floor, crosses }: ByNowOf): string => {
  const under = strengthOf(w, active, floor);
  if (!crosses) return w.say('shelf.holds', { floor: under });
  if (crosses.likely <= serverNow()) return w.say('shelf.under', { floor: under });
  return w.say('shelf.holdsUntil', {
    floor: under,
    earliest: dateOf(crosses.earliest),
    likely: dateOf(crosses.likely),
  });
};

/** Reads the instrument that fits what is in it, and puts that on record. */
const ReadNow = ({ of: { id, active } }: { of: StockRow }) => {
  const [readStrip, strip] = useReadStripMutation();
  const [readMeter, meter] = useReadMeterMutation();
  const [note, noting] = useReadStockMutation();
  const byStrip = async () => {
    const { data } = await readStrip();
    if (data) void note({ id, body: { by: 'strip', ...data } });
  };
  const byMeter = async () => {
    const { data } = await readMeter();
    if (data) void note({ id, body: { by: 'density', ...data } });
  };
  return (
    <>
      <p className="my-3">
        {active === 'hydrogen peroxide' && (
          <button className="btn" onClick={() => void byStrip()}>
            {w.name('shelf', 'readStrip')}
          </button>
        )}
        {isGeneric(active) && alcoholOf(active) && (
          <button className="btn" onClick={() => void byMeter()}>
            {w.name('shelf', 'readMeter')}
          </button>
        )}
      </p>
      <WentWrong error={strip.error ?? meter.error ?? noting.error} />
    </>
  );
};

/** How strong a container probably is by now, what that rests on, and reading it anew. */
export const ByNow = ({ of }: { of: StockRow }) => {
  // Of this container only: never the strength of the one that was looked at before.
  const { currentData: data, error } = useStockStrengthQuery(of.id);
  if (error) return <WentWrong error={error} />;
  if (!data) return null;
  return (
    <section className="my-4" aria-label={w.name('shelf', 'strengthByNow')}>
      <h2>{w.name('shelf', 'strengthByNow')}</h2>
      <p>
        {w.say('shelf.between', {
          low: strengthOf(w, of.active, data.low),
          high: strengthOf(w, of.active, data.high),
        })}
      </p>
      <p>{crossing(of, data)}</p>
      <Forecast of={of} byNow={data} />
      <p className="small soft">
        {of.storage
          ? w.say('shelf.keptAs', { kept: w.name('storedAs', keptAs(of.storage)) })
          : w.name('shelf', 'keptBadly')}
      </p>
      <p className="small soft">{w.say('shelf.fromReadings', { count: data.readings })}</p>
      {data.doubtful.length > 0 && (
        <p className="notice" role="status">
          {w.name('shelf', 'readAgain')}
        </p>
      )}
      <ReadNow of={of} />
    </section>
  );
};
