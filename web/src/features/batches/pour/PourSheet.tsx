import type { BatchRow, Me, StockRow } from '@zymostat/contract';
import { disinfectingSpan, isGeneric, type Judging, type Pour } from '@zymostat/core';
import { nameOfBatch } from '@zymostat/words';
import { useState } from 'react';
import { useMeQuery } from '../../../api/me.ts';
import { useBook } from '../../../api/useBook.ts';
import { Severity, Waiting, WentWrong } from '../../../ui/parts.tsx';
import { dropDraft } from '../../../ui/drafts.ts';
import { useKept } from '../../../ui/useKept.ts';
import { w } from '../../../words/words.ts';
import { useShelf } from '../../stock/useShelf.ts';
import { BatchRule } from '../BatchRule.tsx';
import { PourFields } from './PourFields.tsx';
import { PourSteps, type How } from './PourSteps.tsx';
import { PourTable } from './PourTable.tsx';
import { PourVerdict } from './PourVerdict.tsx';
import { TARED_DRAFT } from './useTaring.ts';
import {
  pourOf,
  POURED_DRAFT,
  useAsked,
  useRecordBatch,
  type Asked,
  type PourFrom,
  type ToPour,
  type Weighed,
} from './usePour.ts';

export type { PourFrom } from './usePour.ts';

interface OfPour {
  asked: Asked;
  toPour: ToPour;
  judging: Judging;
}

const calledOf = ({ asked: { stock }, toPour: { strength }, judging: { rules } }: OfPour) =>
  strength === undefined ? '' : nameOfBatch(w, stock.active, strength, rules);

/** The amounts, and what they would make where they are refused. */
const Amounts = (props: OfPour & { pour: Pour }) => {
  const { stock } = props.asked;
  return (
    <>
      <PourTable stock={stock.name} pour={props.pour} active={stock.active} />
      {props.toPour.refused && (
        <p className="small soft mt-2">
          <Severity is="never" />{' '}
          <span className="ml-2">
            {w.say('bench.whatTheseAmountsWouldMake', { called: calledOf(props) })}
          </span>
        </p>
      )}
    </>
  );
};

interface StepsProps extends OfPour {
  pour: Pour;
  how: How | null;
  onHow: (how: How | null) => void;
  onDone: (weighed?: Weighed) => void;
}

/** Pouring it step by step, by measure or by the scale; what is used as sold is not poured. */
const Steps = ({ asked, toPour, judging, pour, how, onHow, onDone }: StepsProps) => {
  const { stock, target, amount, purpose } = asked;
  const { active } = stock;
  if (!isGeneric(active) || toPour.refused || toPour.strength === undefined) return null;
  if (!how)
    return (
      <p className="mt-4 flex flex-wrap gap-3">
        <button className="btn" onClick={() => onHow('measure')}>
          {w.name('bench', 'pourStepByStep')}
        </button>
        <button className="btn" onClick={() => onHow('scale')}>
          {w.name('bench', 'weighItOnTheScale')}
        </button>
      </p>
    );
  const disinfecting = disinfectingSpan(active, 'everyday', judging.rules);
  return (
    <PourSteps
      key={`${how} ${stock.id} ${target} ${amount}`}
      how={how}
      stock={{ ...stock, active }}
      target={toPour.strength}
      span={(purpose === 'disinfect' && disinfecting) || { floor: 0, top: 1 }}
      pour={pour}
      onDone={onDone}
      onLeave={() => onHow(null)}
    />
  );
};

const HOW_DRAFT = 'pour/how';

interface FormProps {
  me: Me;
  stocks: StockRow[];
  from: PourFrom;
  onPoured: (batch: BatchRow) => void;
}

/** How it is poured, for as long as it is: a half-poured batch is gone on with. */
const useHow = () => {
  const [how, keep] = useKept<How | null>(HOW_DRAFT, () => null);
  const setHow = (next: How | null) => {
    keep(next);
    if (next !== null) return;
    dropDraft(POURED_DRAFT);
    dropDraft(TARED_DRAFT);
  };
  return [how, setHow] as const;
};

/** Stock, purpose, strength and amount in; what to pour and what it is out. */
const PourForm = ({ me, stocks, from, onPoured }: FormProps) => {
  const book = useBook();
  const [now] = useState(Date.now);
  const judging: Judging = { rules: me.company.houseRules, now, book };
  const { asked, ask, chooseStock } = useAsked(stocks, from, judging);
  const [how, setHow] = useHow();
  const toPour = pourOf(asked, judging);
  const { record, error, isLoading } = useRecordBatch(asked, toPour, (batch) => {
    setHow(null);
    onPoured(batch);
  });
  const ofPour = { asked, toPour, judging };
  const { stock, purpose } = asked;
  return (
    <>
      <PourVerdict
        asked={asked}
        toPour={toPour}
        rules={judging.rules}
        now={now}
        pouring={how !== null}
        busy={isLoading}
        onRecord={() => void record()}
      />
      <PourFields stocks={stocks} asked={asked} ask={ask} onStock={chooseStock} />
      <BatchRule
        active={stock.active}
        stock={stock.strength}
        strength={toPour.strength}
        purpose={purpose}
        rules={judging.rules}
        called={calledOf(ofPour)}
      />
      {toPour.pour && <Amounts {...ofPour} pour={toPour.pour} />}
      <WentWrong error={error} />
      {toPour.pour && (
        <Steps
          {...ofPour}
          pour={toPour.pour}
          how={how}
          onHow={setHow}
          onDone={(weighed) => void record(weighed)}
        />
      )}
    </>
  );
};

interface Props {
  from: PourFrom;
  onPoured: (batch: BatchRow) => void;
}

export const PourSheet = ({ from, onPoured }: Props) => {
  const { data: me } = useMeQuery();
  const stocks = useShelf();
  if (!stocks || !me) return <Waiting what={w.name('bench', 'theStock')} />;
  if (stocks.length === 0)
    return <p className="soft py-6">{w.name('bench', 'thereIsNoStockTo')}</p>;
  return <PourForm me={me} stocks={stocks} from={from} onPoured={onPoured} />;
};
