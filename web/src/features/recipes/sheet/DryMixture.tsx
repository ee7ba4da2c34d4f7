import { dryMixture, isDryMixture, USUAL_LOAD, type Book } from '@zymostat/core';
import { number } from '@zymostat/words';
import { useState } from 'react';
import { Tick } from '../../../ui/form/Field.tsx';
import { ReasonList } from '../../../ui/ReasonList.tsx';
import { w } from '../../../words/words.ts';
import type { Made } from '../analysis.ts';

/** A dry mixture for the wash: how much a load takes, and what must not be in the drawer with it. */
export const DryMixture = ({ made: { formula }, book }: { made: Made; book: Book }) => {
  const [hard, setHard] = useState(false);
  const [bleach, setBleach] = useState(false);
  const ingredients = formula.portions.map(({ ingredient }) => ingredient);
  if (!isDryMixture(ingredients)) return null;
  const beside = bleach ? (['chlorine-bleach'] as const) : [];
  const asked = { ingredients, mass: formula.mass, load: USUAL_LOAD, hard, beside };
  const { dose, loads, dusty, reasons } = dryMixture(asked, book);
  return (
    <section className="mt-4" aria-label={w.name('bench', 'forTheWash')}>
      <h2>{w.name('bench', 'forTheWash')}</h2>
      <p className="mb-2">
        {w.say('bench.doseOf', {
          dose: number(w, dose * 1000, 0),
          loads,
          dusty: dusty ? 'yes' : 'no',
        })}
      </p>
      <p className="mb-2 flex flex-wrap gap-x-6 gap-y-2">
        <Tick label={w.name('bench', 'hardWater')} checked={hard} onChange={setHard} />
        <Tick label={w.name('bench', 'bleachInTheDrawer')} checked={bleach} onChange={setBleach} />
      </p>
      <ReasonList of={reasons} />
    </section>
  );
};
