import { weighOut, type Line } from '@zymostat/core';
import { useState } from 'react';
import { Choice } from '../../../ui/form/Choice.tsx';
import { w } from '../../../words/words.ts';
import type { Made } from '../analysis.ts';

/** kg: what scales for sale show. */
const scales = [0.001, 0.0001, 0.00001];
/** A portion is shown well enough if it is right to so much of itself. */
const WELL_ENOUGH = 0.02;

/** The shares by weight that a recipe is written in. */
export const sharesByWeight = (lines: readonly Line[]): number[] =>
  lines.flatMap((line) =>
    (line.kind === 'ingredients' ? line.readings[0].items : []).flatMap(({ amount }) =>
      amount.kind === 'share' && amount.by === 'weight' ? [amount.value] : [],
    ),
  );

type Out = Extract<ReturnType<typeof weighOut>, { ok: true }>;

const sayOf = ({ tooFine, portions }: Out, made: Made): string => {
  if (tooFine.length === 0) return w.name('bench', 'itShowsEveryPortionTo');
  const times = Math.max(...tooFine.map((i) => portions[i]!.error / WELL_ENOUGH));
  return w.say('bench.tooFineForItA', {
    tooFine: tooFine.map((i) => w.say('bench.line', { row: made.portions[i]!.row + 1 })).join(', '),
    batch: (made.formula.pouredMass * times).toFixed(1),
  });
};

/** A recipe by weight on a scale: which portions it cannot show. */
export const ByWeight = ({ made, shares }: { made: Made; shares: number[] }) => {
  const [resolution, setResolution] = useState(scales[0]!);
  const out = weighOut(shares, made.formula.pouredMass, resolution);
  if (!out.ok) return null;
  return (
    <div className="mt-4 flex items-end gap-3">
      <Choice
        className="w-40"
        label={w.name('bench', 'onAScaleOf')}
        value={resolution}
        onChange={setResolution}
        options={scales.map((one) => ({
          value: one,
          name: w.say('bench.g', { mass: one * 1000 }),
        }))}
      />
      <p className="small pb-2">{sayOf(out, made)}</p>
    </div>
  );
};
