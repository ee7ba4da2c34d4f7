import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type RecipeRow } from '@zymostat/contract';
import { reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  claims,
  ingredientName,
  inMillilitres,
  weighOut,
  type Change,
  type Claim,
} from '@zymostat/core';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { useMeQuery } from '../../api/me.ts';
import { useAddRecipeMutation, useRecipesQuery, useSaveRecipeMutation } from './api.ts';
import { useStockQuery } from '../stock/api.ts';
import { useBook } from '../../api/useBook.ts';
import { useKeys } from '../../ui/useKeys.ts';
import { Choice, Segments } from '../../ui/Choice.tsx';
import { TextField } from '../../ui/Field.tsx';
import { Form } from '../../ui/Form.tsx';
import { written } from '../../ui/checks.ts';
import { Severity, StandingNote, Verdict, Waiting, WentWrong } from '../../ui/parts.tsx';
import { dateOf } from '../../ui/times.ts';
import { Window } from '../../ui/Window.tsx';
import { analyse, type Analysis, type Made } from './analysis.ts';
import { BenchHead } from '../batches/BenchHead.tsx';
import { Changes } from './Changes.tsx';
import { Composition, FormulaSheet, spoilt } from './FormulaSheet.tsx';
import { exportJson, exportText, importRecipe } from './recipeFiles.ts';
import { RecipeLines } from './RecipeLines.tsx';

const scales = [0.001, 0.0001, 0.00001];

/** What was poured and what stands in the bottle. */
const Sums = ({ made }: { made: Made }) => {
  const { formula } = made;
  const less = formula.pouredVolume - formula.volume;
  return (
    <ol className="recipe" aria-label={w.name('bench', 'inAll')}>
      <li className="recipe__sum">
        <span />
        <span>{w.name('bench', 'pouredTogether')}</span>
        <span className="fig">
          {w.say('bench.ml', { pouredVolume: inMillilitres(formula.pouredVolume).toFixed(0) })}
        </span>
        <span className="recipe__read">
          {formula.contraction > 0.0005
            ? w.say('bench.theAlcoholAndWaterClose', { less: inMillilitres(less).toFixed(0) })
            : ''}
          {made.assumedSize ? w.name('bench', 'theSizeIsTakenAs') : ''}
        </span>
      </li>
      <li className="recipe__sum recipe__sum--total">
        <span />
        <span>{w.name('bench', 'inTheBottle')}</span>
        <span className="fig">
          {w.say('bench.ml2', { volume: inMillilitres(formula.volume).toFixed(0) })}
        </span>
        <span className="recipe__read">
          {w.say('bench.weighsG', { mass: (formula.mass * 1000).toFixed(0) })}
        </span>
      </li>
    </ol>
  );
};

/** No order is given for what must not be made, splits, or is not understood. */
const mayBePoured = ({ name, reasons }: Analysis['verdict']) =>
  name !== 'dangerous' && name !== 'not known yet' && !reasons.some(({ code }) => spoilt.has(code));

/** Why it comes then: what it waits for, or what waits for it. */
const whyThen = (order: Made['order'], at: number): string => {
  if (!order.ok) return '';
  const waits = order.arrows.findLast(({ after }) => after === at);
  const waited = order.arrows.find(({ before }) => before === at);
  return waits
    ? w.name('pouredAfter', waits.because)
    : waited
      ? w.name('pouredBefore', waited.because)
      : w.name('bench', 'asItComes');
};

const Order = ({ made, verdict }: { made: Made; verdict: Analysis['verdict'] }) => (
  <section className="mt-4" aria-label={w.name('bench', 'orderOfPouring')}>
    <div className="mb-1 flex items-baseline justify-between">
      <h2>{w.name('bench', 'orderOfPouring')}</h2>
      <span className="small soft">
        {mayBePoured(verdict)
          ? w.name('bench', 'soThatItNeitherFoams')
          : w.name('bench', 'noneNotToBeMade')}
      </span>
    </div>
    {mayBePoured(verdict) && made.order.ok && (
      <ol className="pour">
        {made.order.steps.map((at, i) => {
          const portion = made.portions[at]!;
          return (
            <li key={at}>
              <b className="fig">{i + 1}</b>
              <span>{ingredientName(portion.ingredient)}</span>
              <span className="fig">
                {rich('bench.g', {
                  mass: (portion.mass * 1000).toFixed(portion.mass < 0.01 ? 1 : 0),
                })}
              </span>
              <span className="soft">{whyThen(made.order, at)}</span>
            </li>
          );
        })}
      </ol>
    )}
  </section>
);

/** A recipe by weight on a scale: which portions it cannot show. */
const ByWeight = ({ made, shares }: { made: Made; shares: number[] }) => {
  const [resolution, setResolution] = useState(0.001);
  const batch = made.formula.pouredMass;
  const out = weighOut(shares, batch, resolution);
  if (!out.ok) return null;
  return (
    <div className="mt-4 flex items-end gap-3">
      <Choice
        className="w-40"
        label={w.name('bench', 'onAScaleOf')}
        value={resolution}
        onChange={setResolution}
        options={scales.map((one) => ({ value: one, name: `${one * 1000} g` }))}
      />
      <p className="small pb-2">
        {out.tooFine.length === 0
          ? w.name('bench', 'itShowsEveryPortionTo')
          : w.say('bench.tooFineForItA', {
              tooFine: out.tooFine
                .map((i) => w.say('bench.line', { row: made.portions[i]!.row + 1 }))
                .join(', '),
              batch: (
                batch * Math.max(...out.tooFine.map((i) => out.portions[i]!.error / 0.02))
              ).toFixed(1),
            })}
      </p>
    </div>
  );
};

/** What is found in a recipe that cannot be measured out yet. */
const Found = ({ verdict }: { verdict: Analysis['verdict'] }) => (
  <ul className="facts-only">
    {verdict.reasons.map((reason, i) => (
      <li key={i}>
        <Severity is={reason.outcome === 'never' ? 'never' : 'care'} /> {reasonInWords(w, reason)}
      </li>
    ))}
  </ul>
);

/**
 * The sentence that a recipe's sheet begins with: danger first, then what is not known, then what
 * it spoils.
 */
const sayOf = ({ verdict, made }: Analysis): string => {
  const is = w.name('mixture', verdict.name);
  if (verdict.name === 'dangerous') return w.name('bench', 'thisMustNeverBeMixed');
  if (!made) return w.name('bench', 'notAllOfItCan');
  if (verdict.name === 'not known yet') return w.name('bench', 'whatItMakesIsNot');
  const bad = verdict.reasons.find(({ code, outcome }) => spoilt.has(code) && outcome !== 'use');
  if (bad) return w.say('bench.whatIsLeftIs', { bad: reasonInWords(w, bad), is });
  if (verdict.name === 'disinfecting')
    return verdict.outcome === 'never'
      ? w.name('bench', 'thisIsNotMadeLike')
      : w.say('bench.thisIs', { is });
  const burns = made.label.classes.some((one) => one.startsWith('flammable'));
  return w.say('bench.thisMakes', {
    is,
    burns: burns ? w.name('bench', 'andOneThatStillCatches') : '',
  });
};

const blank = {
  id: undefined as string | undefined,
  name: '',
  claim: 'disinfect' as Claim,
  text: '',
};

/** Any recipe as people write it, and what it really makes. */
const Analyse = () => {
  const { data: me } = useMeQuery();
  const { data: stocks } = useStockQuery();
  const { data: book, error } = useRecipesQuery();
  const [addRecipe, adding] = useAddRecipeMutation();
  const [saveRecipe, saving] = useSaveRecipeMutation();
  const [draft, setDraft] = useState(blank);
  const [naming, setNaming] = useState(false);
  const [wrongFile, setWrongFile] = useState<string>();
  const [accepted, setAccepted] = useState<Change>();
  const file = useRef<HTMLInputElement>(null);
  const navigate = useNavigate();
  const late = useDeferredValue(draft.text);
  const rules = me?.company.houseRules;
  const apart = useBook();
  const analysis = useMemo(
    () =>
      rules && stocks ? analyse(late, draft.claim, { rules, book: apart }, stocks) : undefined,
    [late, draft.claim, rules, stocks, apart],
  );
  useKeys({ n: () => open(undefined) });
  if (!me || !rules || !stocks || !analysis)
    return (
      <main className="px-6">
        <Waiting what={w.name('bench', 'theBench')} />
      </main>
    );

  const { recipe, problems, made, verdict } = analysis;
  const kept = book?.find(({ id }) => id === draft.id);
  const changed =
    kept !== undefined &&
    (kept.versions[0]!.text !== draft.text || kept.versions[0]!.claim !== draft.claim);
  const change = (to: Partial<typeof blank>) => {
    setDraft({ ...draft, ...to });
    setAccepted(undefined);
  };
  const open = (one: RecipeRow | undefined, version = one?.versions[0]) => {
    setDraft(
      one && version
        ? { id: one.id, name: one.name, claim: version.claim, text: version.text }
        : blank,
    );
    setAccepted(undefined);
  };
  const save = async () => {
    const fields = { name: draft.name.trim(), claim: draft.claim, text: draft.text };
    const result =
      kept && kept.name === fields.name
        ? await saveRecipe({ id: kept.id, body: fields })
        : await addRecipe(fields);
    if (!result.data) return;
    setDraft({ ...draft, id: result.data.id, name: result.data.name });
    setNaming(false);
  };
  const take = async (list: FileList | null) => {
    if (!list?.[0]) return;
    const read = await importRecipe(list[0]);
    setWrongFile(read.ok ? undefined : read.why);
    if (read.ok) change({ id: undefined, ...read.recipe });
    if (file.current) file.current.value = '';
  };
  const accept = (one: Change) => {
    setDraft({ ...draft, text: one.text });
    setAccepted(one);
  };
  const shares = recipe.lines.flatMap((line) =>
    (line.kind === 'ingredients' ? line.readings[0].items : []).flatMap(({ amount }) =>
      amount.kind === 'share' && amount.by === 'weight' ? [amount.value] : [],
    ),
  );
  const first = made?.mending.changes[0];
  const empty = draft.text.trim() === '';
  const say = empty ? w.name('bench', 'writeDownARecipeAs') : sayOf(analysis);
  const pour = accepted?.pour;
  return (
    <main className="leaves">
      <section className="leaf" aria-label={w.name('bench', 'theRecipe')}>
        <BenchHead title={draft.name || w.name('bench', 'aRecipe')} />
        <WentWrong error={error} />
        <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
          <Choice
            className="min-w-0 grow"
            label={w.name('bench', 'fromTheBook')}
            value={draft.id ?? null}
            onChange={(id) => open(book?.find((one) => one.id === id))}
            options={[
              { value: null, name: w.name('bench', 'aNewRecipe') },
              ...(book ?? []).map(({ id, name }) => ({ value: id, name })),
            ]}
          />
          <Segments
            label={w.name('bench', 'itIsMeantTo')}
            value={draft.claim}
            onChange={(claim) => change({ claim })}
            options={claims.map((one) => ({ value: one, name: w.name('claim', one) }))}
          />
        </div>
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
        <p className="mt-4 flex flex-wrap gap-x-4 gap-y-2">
          <button
            className="btn"
            disabled={empty}
            onClick={() => (changed ? void save() : setNaming(true))}
          >
            {changed
              ? w.say('bench.saveVersion', { versionsCount: kept.versions.length + 1 })
              : kept
                ? w.name('bench', 'saveUnderAnotherName')
                : w.name('bench', 'saveIt')}
          </button>
          <button
            className="btn btn--quiet"
            disabled={empty}
            onClick={() =>
              exportJson({
                name: draft.name || w.name('bench', 'recipe'),
                claim: draft.claim,
                text: draft.text,
              })
            }
          >
            {w.name('bench', 'exportJson')}
          </button>
          <button
            className="btn btn--quiet"
            disabled={empty}
            onClick={() =>
              exportText({ name: draft.name || w.name('bench', 'recipe'), text: draft.text })
            }
          >
            {w.name('bench', 'exportText')}
          </button>
          <button className="btn btn--quiet" onClick={() => file.current?.click()}>
            {w.name('bench', 'import')}
          </button>
          <input
            ref={file}
            className="sr-only"
            type="file"
            accept=".json,.txt,application/json,text/plain"
            aria-label={w.name('bench', 'aRecipeFile')}
            tabIndex={-1}
            onChange={(event) => void take(event.target.files)}
          />
        </p>
        {wrongFile && (
          <p role="alert" className="notice mt-2">
            <b>{w.name('bench', 'notImported')}</b> {wrongFile}
          </p>
        )}
        <WentWrong error={saving.error ?? (naming ? undefined : adding.error)} />
        {kept && kept.versions.length > 1 && (
          <p className="small soft mt-3 flex flex-wrap gap-x-3">
            {kept.versions.map((version) => (
              <button
                key={version.number}
                className="btn btn--quiet small"
                aria-pressed={version.text === draft.text}
                onClick={() => open(kept, version)}
              >
                {w.say('bench.version', {
                  number: version.number,
                  savedBy: version.savedBy,
                  savedAt: dateOf(version.savedAt),
                })}
              </button>
            ))}
          </p>
        )}
      </section>
      <section className="sheet" aria-label={w.name('bench', 'whatItMakes')}>
        {verdict.name === 'dangerous' && (
          <p className="bar-never -mx-4 -mt-4 mb-3 px-4 md:-mx-6 md:px-6">
            {rich('bench.neverNobodyCanOverrideThis', {
              soft: (text: ReactNode) => <span>{text}</span>,
            })}
          </p>
        )}
        <Verdict
          say={say}
          why={
            empty
              ? w.name('bench', 'cupsSpoonsMillilitresPartsDrops')
              : verdict.name === 'not known yet'
                ? w.name('bench', 'whatIsInTheWay')
                : accepted
                  ? w.name('bench', 'mendedPourItOrSave')
                  : undefined
          }
        >
          {pour ? (
            <button
              className="btn btn--main"
              onClick={() =>
                void navigate('/bench', {
                  state: {
                    active: pour.active,
                    stock: pour.stock,
                    strength: pour.strength,
                    volume: pour.volume,
                  },
                })
              }
            >
              {w.name('bench', 'pourThis')}
            </button>
          ) : (
            first && (
              <button
                className="btn btn--main"
                onClick={() => accept(made.mending.changes.find((one) => one.pour) ?? first)}
              >
                {w.name('bench', 'useTheMendedRecipe')}
              </button>
            )
          )}
        </Verdict>
        {!empty && !made && <Found verdict={verdict} />}
        {made && (
          <FormulaSheet
            made={made}
            verdict={verdict}
            claim={draft.claim}
            name={draft.name}
            company={me.company.name}
            rules={rules}
            stocks={stocks}
          />
        )}
        {made && <Changes mending={made.mending} rules={rules} onAccept={accept} />}
        {made && <Composition made={made} />}
        <StandingNote />
      </section>
      <Window
        open={naming}
        title={w.name('bench', 'saveTheRecipe')}
        onClose={() => setNaming(false)}
      >
        <Form
          onSubmit={() => {
            if (!written(draft.name)) void save();
          }}
        >
          <TextField
            label={w.name('bench', 'nameInTheCompanyS')}
            value={draft.name}
            onChange={(name) => setDraft({ ...draft, name })}
            check={written}
            autoFocus
          />
          <WentWrong error={adding.error} />
          <p className="flex gap-3">
            <button className="btn btn--main">{w.name('bench', 'saveIt')}</button>
            <button type="button" className="btn" onClick={() => setNaming(false)}>
              {w.name('bench', 'leaveIt')}
            </button>
          </p>
        </Form>
      </Window>
    </main>
  );
};
export default Analyse;
