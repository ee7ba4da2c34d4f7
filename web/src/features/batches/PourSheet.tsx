import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type BatchRow, type StockRow } from '@zymostat/contract';
import { lower, percent, nameOfBatch, strengthOf, reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  dilute,
  disinfectingSpan,
  inMillilitres,
  isGeneric,
  judgeBatchTarget,
  parseStrength,
  parseVolume,
  shelfLife,
  usualStrength,
  type Purpose,
} from '@zymostat/core';
import { useState } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { usePourBatchMutation } from './api.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBook } from '../../api/useBook.ts';
import { useAppSelector } from '../../store/store.ts';
import { aStrength, aVolume } from '../../ui/checks.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Severity, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { dateOf, momentOf } from '../../ui/times.ts';
import { PourSteps, type How, type Weighed } from './PourSteps.tsx';
import { PourTable } from './PourTable.tsx';

/** Stock, purpose, strength and amount in; what to pour and what it is out. */
const PourForm = ({
  stocks,
  from,
  onPoured,
}: {
  stocks: StockRow[];
  from: PourFrom;
  onPoured: (batch: BatchRow) => void;
}) => {
  const { data: me } = useMeQuery();
  const book = useBook();
  const units = useAppSelector((state) => state.units);
  const [stockId, setStockId] = useState(
    stocks.find(
      (one) => one.active === from.active && Math.abs(one.strength - (from.stock ?? 0)) < 1e-6,
    )?.id ?? stocks[0]!.id,
  );
  const stock = stocks.find((one) => one.id === stockId) ?? stocks[0]!;
  const { basis, family } = activeFacts[stock.active];
  const [purpose, setPurpose] = useState<Purpose>('disinfect');
  const [target, setTarget] = useState(percent(w, from.strength ?? usualStrength(stock)));
  const [amount, setAmount] = useState(
    from.volume
      ? w.say('bench.ml3', { round: Math.round(inMillilitres(from.volume)) })
      : units === 'us'
        ? w.name('bench', 'n2Cups')
        : w.name('bench', 'n500Ml'),
  );
  const [how, setHow] = useState<How | null>(null);
  const [pourBatch, { error, isLoading }] = usePourBatchMutation();
  const [now] = useState(Date.now);
  if (!me) return null;

  const rules = me.company.houseRules;
  const strength = parseStrength(target, basis);
  const volume = parseVolume(amount);
  const verdict = strength.ok
    ? judgeBatchTarget(stock, strength.value.value, purpose, { rules, now, book })
    : undefined;
  const possible = strength.ok && strength.value.value <= stock.strength;
  // No amounts are shown of what is not poured at all; of what is only too weak they show what it
  // would be.
  const notFromThis = verdict?.reasons.some(
    ({ code }) => code === 'stock-expired' || code === 'not-with-water',
  );
  const pour =
    possible && !notFromThis && volume.ok
      ? dilute(stock.active, stock.strength, strength.value.value, volume.value)
      : undefined;
  const keeping =
    pour && strength.ok ? shelfLife(family, strength.value.value, pour.water > 0) : undefined;
  const discardAfter = keeping && Math.min(now + keeping.seconds * 1000, stock.expiresAt);

  const chooseStock = (id: string) => {
    const next = stocks.find((one) => one.id === id)!;
    setStockId(id);
    setTarget(percent(w, usualStrength(next)));
    if (!disinfectingSpan(next.active, 'everyday', rules)) setPurpose('clean');
  };
  const record = async (weighed?: Weighed) => {
    if (!strength.ok || !volume.ok) return;
    const result = await pourBatch({
      stockId,
      strength: strength.value.value,
      purpose,
      volume: volume.value,
      ...(weighed ? { weighed } : {}),
    });
    if (result.data) onPoured(result.data);
  };

  const called = strength.ok ? nameOfBatch(w, stock.active, strength.value.value, rules) : '';
  const what = strength.ok
    ? `${strengthOf(w, stock.active, strength.value.value)} ${w.name('active', stock.active)}`
    : '';
  const refused = verdict?.outcome === 'never';
  const sayRefused = !possible
    ? w.say('bench.cannotBeMadeFromThis', { what })
    : notFromThis
      ? w.say('bench.isNotPouredFromThis', { what })
      : w.say('bench.notToIs', { purpose, what, called });
  const say = !strength.ok
    ? w.name('bench', 'sayHowStrongItIs')
    : refused
      ? sayRefused
      : `${what}: ${called}.`;
  return (
    <>
      <Verdict
        say={say}
        why={
          refused
            ? undefined
            : discardAfter &&
              w.say('bench.discardAfter2', {
                discardAfter:
                  discardAfter - now < 172_800_000 ? momentOf(discardAfter) : dateOf(discardAfter),
              })
        }
      >
        <button
          className={`btn ${how ? '' : 'btn--main'}`}
          disabled={!pour || refused || isLoading || how !== null}
          onClick={() => void record()}
        >
          {w.name('bench', 'recordTheBatch')}
        </button>
      </Verdict>
      {refused && (
        <p className="bar-never mb-3">
          {rich('bench.never', {
            soft: (text: ReactNode) => <span>{text}</span>,
            reasons: verdict.reasons
              .filter(({ outcome }) => outcome === 'never')
              .map((one) => reasonInWords(w, one))
              .join(' '),
          })}
        </p>
      )}
      <div className="my-3 grid max-w-[640px] grid-cols-1 gap-4 sm:grid-cols-2">
        <Choice
          label={w.name('bench', 'stock')}
          value={stock.id}
          onChange={chooseStock}
          options={stocks.map((one) => ({ value: one.id, name: `${one.name}, ${one.code}` }))}
        />
        <Segments
          label={w.name('bench', 'to')}
          value={purpose}
          onChange={setPurpose}
          options={[
            { value: 'disinfect', name: lower(w.name('goal', 'disinfect')) },
            { value: 'clean', name: lower(w.name('goal', 'clean')) },
          ]}
        />
        {!isGeneric(stock.active) ? (
          <p className="small soft self-end pb-2">{w.name('bench', 'usedAsSoldByIts')}</p>
        ) : (
          <TextField
            label={w.say('bench.strength2', { basis })}
            value={target}
            onChange={setTarget}
            check={aStrength(basis)}
            figure
          />
        )}
        <TextField
          label={w.name('bench', 'howMuch')}
          value={amount}
          onChange={setAmount}
          check={aVolume}
          figure
          hint={w.name('bench', 'asYouWouldSayIt')}
        />
      </div>
      {isGeneric(stock.active) && (
        <div className="max-w-[480px] pt-2">
          <StrengthRule
            family={family}
            stock={stock.strength}
            span={
              purpose === 'clean'
                ? { floor: 0, top: 1 }
                : disinfectingSpan(stock.active, 'everyday', rules)
            }
            batch={strength.ok ? strength.value.value : undefined}
            otherwise={called}
          />
        </div>
      )}
      {pour && <PourTable stock={stock.name} pour={pour} active={stock.active} />}
      {pour && refused && (
        <p className="small soft mt-2">
          <Severity is="never" />{' '}
          <span className="ml-2">{w.say('bench.whatTheseAmountsWouldMake', { called })}</span>
        </p>
      )}
      {pour && !refused && !how && isGeneric(stock.active) && (
        <p className="mt-4 flex flex-wrap gap-3">
          <button className="btn" onClick={() => setHow('measure')}>
            {w.name('bench', 'pourStepByStep')}
          </button>
          <button className="btn" onClick={() => setHow('scale')}>
            {w.name('bench', 'weighItOnTheScale')}
          </button>
        </p>
      )}
      <WentWrong error={error} />
      {pour && !refused && how && strength.ok && isGeneric(stock.active) && (
        <PourSteps
          key={`${how} ${stockId} ${target} ${amount}`}
          how={how}
          stock={{ ...stock, active: stock.active }}
          target={strength.value.value}
          purpose={purpose}
          span={disinfectingSpan(stock.active, 'everyday', rules) ?? { floor: 0, top: 1 }}
          pour={pour}
          onDone={(weighed) => void record(weighed)}
          onLeave={() => setHow(null)}
        />
      )}
    </>
  );
};

/** What to begin with: from a mended recipe, or nothing. */
export interface PourFrom {
  active?: string;
  stock?: number;
  strength?: number;
  volume?: number;
}

export const PourSheet = ({
  from,
  onPoured,
}: {
  from: PourFrom;
  onPoured: (batch: BatchRow) => void;
}) => {
  const { data: stocks } = useStockQuery();
  if (!stocks) return <Waiting what={w.name('bench', 'theStock')} />;
  if (stocks.length === 0)
    return <p className="soft py-6">{w.name('bench', 'thereIsNoStockTo')}</p>;
  return <PourForm stocks={stocks} from={from} onPoured={onPoured} />;
};
