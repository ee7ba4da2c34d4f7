import type { StockRow } from '@zymostat/contract';
import { costOf, ingredientName, parseFigure } from '@zymostat/core';
import { useState } from 'react';
import { figureBetween } from '../../../ui/form/checks.ts';
import { TextField } from '../../../ui/form/Field.tsx';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { Made } from '../analysis.ts';

const pricesOf = (stocks: StockRow[]) =>
  stocks.flatMap(({ active, strength, pricePerLitre }) =>
    pricePerLitre === null ? [] : [{ of: active, strength, perLitre: pricePerLitre }],
  );

const aPrice = (text: string): string | null =>
  text.trim() === '' ? null : figureBetween(0, 1000, w.name('bench', 'aLitre'))(text);

/** What a bought one would cost, beside it. */
const Bought = ({ perLitre, allPriced }: { perLitre: number; allPriced: boolean }) => {
  const [bought, setBought] = useState('');
  const other = parseFigure(bought) ?? 0;
  const saving =
    other > perLitre
      ? w.say('bench.mixingSavesALitre', { other: (other - perLitre).toFixed(2) })
      : w.say('bench.buyingSavesALitre', { perLitre: (perLitre - other).toFixed(2) });
  return (
    <span className="mt-1 flex items-end gap-3">
      <TextField
        className="w-44"
        label={w.name('bench', 'aBoughtOneALitre')}
        value={bought}
        onChange={setBought}
        check={aPrice}
        figure
      />
      {other > 0 && allPriced && <span className="pb-2">{saving}</span>}
    </span>
  );
};

/** What it costs by the prices of the stock, and what has no price. */
export const Costs = ({ made, stocks }: { made: Made; stocks: StockRow[] }) => {
  const { total, perLitre, unpriced } = costOf(
    made.portions,
    made.formula.volume,
    pricesOf(stocks),
  );
  const names = unpriced.map((id) => ingredientName(id, w.language)).join(', ');
  const nothingPriced = total === 0 && unpriced.length > 0;
  return (
    <>
      {!nothingPriced &&
        rich('bench.aLitreThisBottle', {
          b: (text) => <b className="fig">{text}</b>,
          perLitre: perLitre.toFixed(2),
          total: total.toFixed(2),
        })}{' '}
      {names && w.say('bench.notPriced', { names })}
      <Bought perLitre={perLitre} allPriced={unpriced.length === 0} />
    </>
  );
};
