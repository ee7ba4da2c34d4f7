import type { StockRow, StockUse } from '@zymostat/contract';
import type { ComponentType } from 'react';
import { Waiting, WentWrong } from '../../ui/parts.tsx';
import { w } from '../../words/words.ts';
import { useStockQuery, useStockUseQuery } from '../stock/api.ts';

export interface LastWeeksProps {
  stocks: StockRow[];
  use: StockUse;
}

/** Shows a page of what the last weeks took, once that is known. */
export const LastWeeks = ({ page: Page }: { page: ComponentType<LastWeeksProps> }) => {
  const { data: stocks, error } = useStockQuery();
  const { data: use, error: failed } = useStockUseQuery();
  if (stocks && use) return <Page stocks={stocks} use={use} />;
  return (
    <main className="px-6">
      <WentWrong error={error ?? failed} />
      <Waiting what={w.name('shell', 'thePage')} />
    </main>
  );
};
