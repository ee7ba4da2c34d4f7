import { type BatchRow, type StockRow } from '@zymostat/contract';
import { isGeneric, type HouseRules, type Pour } from '@zymostat/core';
import { nameOfBatch, strengthOf } from '@zymostat/words';
import { useMeQuery } from '../../api/me.ts';
import { Severity, Verdict } from '../../ui/parts.tsx';
import { dateOf, momentOf } from '../../ui/times.ts';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBottlesQuery } from './api.ts';
import { BatchRule } from './BatchRule.tsx';
import { CheckForm } from './check/CheckForm.tsx';
import { filledFrom } from './filledFrom.ts';
import { LabelPreview } from './LabelPreview.tsx';
import { PourTable } from './pour/PourTable.tsx';
import { SetAside } from './SetAside.tsx';
import { checkStanding, isOver, isPastItsTime } from './standing.ts';

interface Props {
  batch: BatchRow;
  title: string;
  now: number;
}

const checkable = ({ purpose, active }: BatchRow) => purpose === 'disinfect' && isGeneric(active);

const sayOf = ({ batch, title, now }: Props, rules: HouseRules): string => {
  if (isPastItsTime(batch, now)) return w.say('bench.pastItsTimePourIt', { title });
  if (batch.status === 'set-aside') return w.say('bench.outOfStrengthSetAside', { title });
  return w.say('bench.batchIs', {
    title,
    called: nameOfBatch(w, batch.active, batch.strength, rules),
    check: checkable(batch) ? checkStanding(batch) : 'none',
  });
};

const recordOf = ({ discardAfter, purpose, weighed, measured, active }: BatchRow): string => {
  const recorded = w.say('bench.discardAfterRecordedTo', {
    discardAfter: momentOf(discardAfter),
    on: dateOf(discardAfter),
    purpose,
    weighed: weighed ? 'yes' : 'no',
  });
  if (measured === null) return recorded;
  const strength = strengthOf(w, active, Math.round(measured * 1000) / 1000);
  return `${recorded} ${w.say('bench.measured', { strength })}`;
};

const pourOf = ({ stockVolume, waterVolume, volume }: BatchRow): Pour => ({
  stock: stockVolume,
  water: waterVolume,
  total: volume,
  contraction: 1 - volume / (stockVolume + waterVolume),
});

const Refused = () => (
  <p className="mb-2">
    <Severity is="never" />{' '}
    <span className="ml-2">{w.name('bench', 'thePhoneRefusesThisBottle')}</span>
  </p>
);

interface NextProps {
  batch: BatchRow;
  stock: StockRow | undefined;
  bottled: boolean;
  now: number;
}

/** What may be done with it now: checked, put right, labelled. */
const Next = ({ batch, stock, bottled, now }: NextProps) => {
  if (isPastItsTime(batch, now)) return null;
  const setAside = batch.status === 'set-aside';
  return (
    <>
      {setAside && <SetAside batch={batch} stock={stock} bottled={bottled} />}
      {!(setAside && bottled) && <CheckForm key={batch.id} batch={batch} />}
      {!setAside && <LabelPreview batch={batch} />}
    </>
  );
};

/** A batch as it was recorded. */
export const BatchSheet = (props: Props) => {
  const { batch, now } = props;
  const { data: me } = useMeQuery();
  const { data: stocks } = useStockQuery();
  const { data: bottles } = useBottlesQuery();
  if (!me || !bottles) return null;
  const rules = me.company.houseRules;
  const { active, strength, purpose } = batch;
  const stock = stocks?.find((one) => one.id === batch.stockId);
  return (
    <>
      <p className="crumb">
        {rich('bench.pouredBy', {
          b: (text) => <b className="fig">{text}</b>,
          code: batch.code,
          madeAt: momentOf(batch.madeAt),
          madeBy: batch.madeBy,
        })}
      </p>
      <Verdict say={sayOf(props, rules)} why={recordOf(batch)} />
      {isOver(batch, now) && <Refused />}
      <BatchRule
        active={active}
        stock={stock?.strength ?? strength}
        strength={strength}
        purpose={purpose}
        rules={rules}
        called={nameOfBatch(w, active, strength, rules)}
      />
      <PourTable stock={stock?.name ?? batch.stockCode} pour={pourOf(batch)} active={active} />
      <Next
        batch={batch}
        stock={stock}
        bottled={filledFrom(bottles, batch.code).length > 0}
        now={now}
      />
    </>
  );
};
