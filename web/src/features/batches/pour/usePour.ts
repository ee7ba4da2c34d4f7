import type { BatchRow, StockRow } from '@zymostat/contract';
import {
  activeFacts,
  dilute,
  disinfectingSpan,
  inMillilitres,
  judgeBatchTarget,
  parseStrength,
  parseVolume,
  shelfLife,
  usualStrength,
  type Judging,
  type Purpose,
} from '@zymostat/core';
import { percent } from '@zymostat/words';
import { useAppSelector } from '../../../store/store.ts';
import { dropDraft } from '../../../ui/drafts.ts';
import { useKept } from '../../../ui/useKept.ts';
import { w } from '../../../words/words.ts';
import { usePourBatchMutation } from '../api.ts';

/** What to begin with: from a mended recipe, or nothing. */
export interface PourFrom {
  active?: string;
  stock?: number;
  strength?: number;
  volume?: number;
}

/** What is asked before anything is poured: figures as typed. */
export interface Asked {
  stock: StockRow;
  purpose: Purpose;
  target: string;
  amount: string;
}

type Kept = Omit<Asked, 'stock'> & { stockId: string };

/** What is being poured, and how far it is: kept until it is recorded or left. */
const POUR_DRAFT = 'pour';
export const POURED_DRAFT = 'poured';

const isFrom = (from: PourFrom) => (one: StockRow) =>
  one.active === from.active && Math.abs(one.strength - (from.stock ?? 0)) < 1e-6;

/** Stock, purpose, strength and amount, as somebody fills them in. */
export const useAsked = (stocks: StockRow[], from: PourFrom, { rules }: Judging) => {
  const units = useAppSelector((state) => state.units);
  const began = (): Kept => {
    const stock = stocks.find(isFrom(from)) ?? stocks[0]!;
    const usual = units === 'us' ? w.name('bench', 'n2Cups') : w.name('bench', 'n500Ml');
    return {
      stockId: stock.id,
      purpose: 'disinfect',
      target: percent(w, from.strength ?? usualStrength(stock)),
      amount: from.volume
        ? w.say('bench.ml3', { round: Math.round(inMillilitres(from.volume)) })
        : usual,
    };
  };
  // What somebody was sent here to pour is poured, whatever was left half-way.
  const [kept, setKept] = useKept<Kept>(from.active ? null : POUR_DRAFT, began);
  // As the stock is now, not as it was when it was chosen.
  const stock = stocks.find((one) => one.id === kept.stockId) ?? stocks[0]!;
  const ask = (to: Partial<Kept>) => setKept({ ...kept, ...to });
  const chooseStock = (id: string) => {
    const next = stocks.find((one) => one.id === id)!;
    const cleansOnly = !disinfectingSpan(next.active, 'everyday', rules);
    const target = percent(w, usualStrength(next));
    ask({ stockId: id, target, ...(cleansOnly ? { purpose: 'clean' } : {}) });
  };
  return { asked: { ...kept, stock }, ask, chooseStock };
};

/** Nothing at all is poured of a stock that one of these speaks against. */
const neverPoured = new Set(['stock-expired', 'not-with-water']);

/** What was asked as it is read, what is to be poured for it, and what speaks against it. */
export const pourOf = ({ stock, purpose, target, amount }: Asked, judging: Judging) => {
  const { basis, family } = activeFacts[stock.active];
  const read = parseStrength(target, basis);
  const volume = parseVolume(amount);
  const strength = read.ok ? read.value.value : undefined;
  const verdict =
    strength === undefined ? undefined : judgeBatchTarget(stock, strength, purpose, judging);
  const possible = strength !== undefined && strength <= stock.strength;
  // No amounts are shown of what is not poured at all; of what is only too weak they show what it
  // would be.
  const notFromThis = Boolean(verdict?.reasons.some(({ code }) => neverPoured.has(code)));
  const pour =
    possible && !notFromThis && volume.ok
      ? dilute(stock.active, stock.strength, strength, volume.value)
      : undefined;
  const keeping = pour && possible ? shelfLife(family, strength, pour.water > 0) : undefined;
  return {
    strength,
    volume: volume.ok ? volume.value : undefined,
    verdict,
    refused: verdict?.outcome === 'never',
    possible,
    notFromThis,
    pour,
    discardAfter: keeping && Math.min(judging.now + keeping.seconds * 1000, stock.expiresAt),
  };
};
export type ToPour = ReturnType<typeof pourOf>;

/** kg of what was weighed in. */
export interface Weighed {
  stock: number;
  water: number;
}

/** Records what was poured. */
export const useRecordBatch = (
  { stock, purpose }: Asked,
  { strength, volume }: ToPour,
  onPoured: (batch: BatchRow) => void,
) => {
  const [pourBatch, { error, isLoading }] = usePourBatchMutation();
  const record = async (weighed?: Weighed) => {
    if (strength === undefined || volume === undefined) return;
    const body = { stockId: stock.id, strength, purpose, volume };
    const result = await pourBatch(weighed ? { ...body, weighed } : body);
    if (!result.data) return;
    dropDraft(POUR_DRAFT);
    dropDraft(POURED_DRAFT);
    onPoured(result.data);
  };
  return { record, error, isLoading };
};
