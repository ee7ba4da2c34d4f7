import type { Me, StockRow } from '@zymostat/contract';
import { claims } from '@zymostat/core';
import { useDeferredValue, useMemo } from 'react';
import { useMeQuery } from '../../api/me.ts';
import { useBook } from '../../api/useBook.ts';
import { Choice, Segments } from '../../ui/form/Choice.tsx';
import { Waiting, WentWrong } from '../../ui/parts.tsx';
import { RefusedJob } from '../../ui/RefusedJob.tsx';
import { useKeys } from '../../ui/useKeys.ts';
import { w } from '../../words/words.ts';
import { BenchHead } from '../batches/BenchHead.tsx';
import { useStockQuery } from '../stock/api.ts';
import { analyse, type Analysis } from './analysis.ts';
import { ByWeight, sharesByWeight } from './made/ByWeight.tsx';
import { Order } from './made/Order.tsx';
import { Sums } from './made/Sums.tsx';
import { SaveRecipe } from './SaveRecipe.tsx';
import { RecipeLines } from './typed/RecipeLines.tsx';
import { useDraft, type Drafting } from './useDraft.ts';
import { WhatItMakes } from './WhatItMakes.tsx';

const FromTheBook = ({ drafting: { draft, book, open, change } }: { drafting: Drafting }) => (
  <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
    <Choice
      className="min-w-0 grow"
      label={w.name('bench', 'fromTheBook')}
      value={draft.id ?? null}
      onChange={(id) => open(book.find((one) => one.id === id))}
      options={[
        { value: null, name: w.name('bench', 'aNewRecipe') },
        ...book.map(({ id, name }) => ({ value: id, name })),
      ]}
    />
    <Segments
      label={w.name('bench', 'itIsMeantTo')}
      value={draft.claim}
      onChange={(claim) => change({ claim })}
      options={claims.map((one) => ({ value: one, name: w.name('claim', one) }))}
    />
  </div>
);

/** The recipe as it is typed, and how it is poured. */
const Typed = ({ analysis, drafting }: { analysis: Analysis; drafting: Drafting }) => {
  const { recipe, problems, made, verdict } = analysis;
  const { draft, empty, change } = drafting;
  const shares = sharesByWeight(recipe.lines);
  return (
    <>
      <RecipeLines
        rows={draft.text === '' ? [''] : draft.text.split('\n')}
        lines={recipe.lines}
        portions={made?.portions ?? []}
        problems={empty ? [] : problems}
        onChange={(rows) => change({ text: rows.join('\n').replace(/\n+$/, '') })}
      />
      {made && <Sums made={made} />}
      {made && <Order made={made} verdict={verdict} />}
      {made && shares.length > 1 && <ByWeight made={made} shares={shares} />}
    </>
  );
};

const Analysed = ({ me, stocks }: { me: Me; stocks: StockRow[] }) => {
  const drafting = useDraft();
  const { draft, error, open } = drafting;
  const apart = useBook();
  const late = useDeferredValue(draft.text);
  const rules = me.company.houseRules;
  const analysis = useMemo(
    () =>
      analyse(late, draft.claim, { rules, book: apart }, { shelf: stocks, language: w.language }),
    [late, draft.claim, rules, stocks, apart],
  );
  useKeys({ n: () => open(undefined) });
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('bench', 'theRecipe')}>
        <BenchHead title={draft.name || w.name('bench', 'aRecipe')} />
        <WentWrong error={error} />
        <RefusedJob text={`${draft.name} ${late}`} />
        <FromTheBook drafting={drafting} />
        <Typed analysis={analysis} drafting={drafting} />
        <SaveRecipe drafting={drafting} />
      </section>
      <WhatItMakes analysis={analysis} drafting={drafting} me={me} stocks={stocks} />
    </main>
  );
};

/** Any recipe as people write it, and what it really makes. */
const Analyse = () => {
  const { data: me } = useMeQuery();
  const { data: stocks } = useStockQuery();
  if (me && stocks) return <Analysed me={me} stocks={stocks} />;
  return (
    <main className="px-6">
      <Waiting what={w.name('bench', 'theBench')} />
    </main>
  );
};
export default Analyse;
