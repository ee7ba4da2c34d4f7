import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type BatchRow, type StockRow } from '@zymostat/contract';
import { nameOfBatch, strengthOf } from '@zymostat/words';
import { w } from '../../words/words.ts';
import { activeFacts, disinfectingSpan, inMillilitres, isGeneric, putRight } from '@zymostat/core';
import { useMeQuery } from '../../api/me.ts';
import { useBottlesQuery } from '../batches/api.ts';
import { useStockQuery } from '../stock/api.ts';
import { Severity, Verdict } from '../../ui/parts.tsx';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { dateOf, momentOf } from '../../ui/times.ts';
import { CheckForm } from './CheckForm.tsx';
import { filledFrom } from './filledFrom.ts';
import { LabelPreview } from './LabelPreview.tsx';
import { PourTable } from './PourTable.tsx';

/**
 * What would put a batch right that was found out of strength: it is checked again before anybody
 * uses it.
 */
const SetAside = ({
  batch,
  stock,
  bottled,
}: {
  batch: BatchRow;
  stock: StockRow | undefined;
  bottled: boolean;
}) => {
  if (bottled) return <p className="mb-2">{w.name('bench', 'bottlesWereFilledFromIt')}</p>;
  const right =
    stock && batch.measured !== null
      ? putRight({
          active: batch.active,
          stock: stock.strength,
          measured: batch.measured,
          meant: batch.strength,
          volume: batch.volume,
        })
      : null;
  if (!right || !stock) return <p className="mb-2">{w.name('bench', 'nothingAtHandPutsIt')}</p>;
  return (
    <p className="mb-2">
      {rich('bench.addMlOfToAll', {
        b: (text: ReactNode) => <b className="fig">{text}</b>,
        volume: inMillilitres(right.volume).toFixed(0),
        add: right.add === 'stock' ? `${stock.name}, ${stock.code}` : w.name('component', 'water'),
        volume2: inMillilitres(batch.volume).toFixed(0),
      })}
    </p>
  );
};

/** A batch as it was recorded. */
export const BatchSheet = ({
  batch,
  title,
  now,
}: {
  batch: BatchRow;
  title: string;
  now: number;
}) => {
  const { data: me } = useMeQuery();
  const { data: stocks } = useStockQuery();
  const { data: bottles } = useBottlesQuery();
  if (!me || !bottles) return null;
  const bottled = filledFrom(bottles, batch.code).length > 0;
  const rules = me.company.houseRules;
  const { family } = activeFacts[batch.active];
  const stock = stocks?.find((one) => one.id === batch.stockId);
  const over = batch.discardAfter <= now;
  const pour = {
    stock: batch.stockVolume,
    water: batch.waterVolume,
    total: batch.volume,
    contraction: 1 - batch.volume / (batch.stockVolume + batch.waterVolume),
  };
  return (
    <>
      <p className="crumb">
        {rich('bench.pouredBy', {
          b: (text: ReactNode) => <b className="fig">{text}</b>,
          code: batch.code,
          madeAt: momentOf(batch.madeAt),
          madeBy: batch.madeBy,
        })}
      </p>
      <Verdict
        say={
          over
            ? w.say('bench.pastItsTimePourIt', { title })
            : batch.status === 'set-aside'
              ? w.say('bench.outOfStrengthSetAside', { title })
              : `${title}: ${nameOfBatch(w, batch.active, batch.strength, rules)}${batch.purpose === 'clean' || !isGeneric(batch.active) ? '' : batch.status === 'verified' ? w.name('bench', 'andVerified') : w.name('bench', 'notCheckedYet')}.`
        }
        why={w.say('bench.discardAfterRecordedTo', {
          discardAfter: momentOf(batch.discardAfter),
          discardAfter2: dateOf(batch.discardAfter),
          purpose: w.name('goal', batch.purpose).toLowerCase(),
          weighed: batch.weighed ? w.name('bench', 'weighed') : '',
          measured:
            batch.measured === null
              ? ''
              : w.say('bench.measured', {
                  round: strengthOf(w, batch.active, Math.round(batch.measured * 1000) / 1000),
                }),
        })}
      />
      {(over || batch.status === 'set-aside') && (
        <p className="mb-2">
          <Severity is="never" />{' '}
          <span className="ml-2">{w.name('bench', 'thePhoneRefusesThisBottle')}</span>
        </p>
      )}
      {!over && batch.status === 'set-aside' && (
        <SetAside batch={batch} stock={stock} bottled={bottled} />
      )}
      {isGeneric(batch.active) && (
        <div className="max-w-[480px] pt-3">
          <StrengthRule
            family={family}
            stock={stock?.strength ?? batch.strength}
            span={
              batch.purpose === 'clean'
                ? { floor: 0, top: 1 }
                : disinfectingSpan(batch.active, 'everyday', rules)
            }
            batch={batch.strength}
            otherwise={nameOfBatch(w, batch.active, batch.strength, rules)}
          />
        </div>
      )}
      <PourTable stock={stock?.name ?? batch.stockCode} pour={pour} active={batch.active} />
      {!over && !(batch.status === 'set-aside' && bottled) && (
        <CheckForm key={batch.id} batch={batch} />
      )}
      {!over && batch.status !== 'set-aside' && <LabelPreview batch={batch} />}
    </>
  );
};
