import type { Me, StockRow } from '@zymostat/contract';
import type { Change } from '@zymostat/core';
import { reasonInWords } from '@zymostat/words';
import { Link, useNavigate } from 'react-router';
import { useBook } from '../../api/useBook.ts';
import { Severity, StandingNote, Verdict } from '../../ui/parts.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import type { FromRecipe } from '../jars/jar/jarLines.ts';
import { spoilt, type Analysis, type Made } from './analysis.ts';
import { Changes } from './Changes.tsx';
import { Composition } from './sheet/Composition.tsx';
import { DryMixture } from './sheet/DryMixture.tsx';
import { FormulaSheet } from './sheet/FormulaSheet.tsx';
import { Scent } from './sheet/Scent.tsx';
import type { Drafting } from './useDraft.ts';

interface Props {
  analysis: Analysis;
  drafting: Drafting;
  me: Me;
  stocks: StockRow[];
}

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
  if (verdict.name !== 'disinfecting') {
    const burns = made.label.classes.some((one) => one.startsWith('flammable'));
    return w.say('bench.thisMakes', { is, burns: burns ? 'yes' : 'no' });
  }
  return verdict.outcome === 'never'
    ? w.name('bench', 'thisIsNotMadeLike')
    : w.say('bench.thisIs', { is });
};

const whyOf = ({ verdict }: Analysis, { empty, accepted }: Drafting): string | undefined => {
  if (empty) return w.name('bench', 'cupsSpoonsMillilitresPartsDrops');
  if (verdict.name === 'not known yet') return w.name('bench', 'whatIsInTheWay');
  return accepted ? w.name('bench', 'mendedPourItOrSave') : undefined;
};

/** What is found in a recipe that cannot be measured out yet. */
const Found = ({ verdict }: Analysis) => (
  <ul className="facts-only">
    {verdict.reasons.map((reason, i) => (
      <li key={i}>
        <Severity is={reason.outcome === 'never' ? 'never' : 'care'} /> {reasonInWords(w, reason)}
      </li>
    ))}
  </ul>
);

const PourIt = ({ pour }: { pour: NonNullable<Change['pour']> }) => {
  const navigate = useNavigate();
  const { active, stock, strength, volume } = pour;
  const go = () => navigate('/bench', { state: { active, stock, strength, volume } });
  return (
    <button className="btn btn--main" onClick={() => void go()}>
      {w.name('bench', 'pourThis')}
    </button>
  );
};

/** What is to be done with it: pour what was mended, or mend it. */
const Next = ({ analysis, drafting: { accepted, accept } }: Props) => {
  if (accepted?.pour) return <PourIt pour={accepted.pour} />;
  const changes = analysis.made?.mending.changes ?? [];
  const best = changes.find((one) => one.pour) ?? changes[0];
  if (!best) return null;
  return (
    <button className="btn btn--main" onClick={() => accept(best)}>
      {w.name('bench', 'useTheMendedRecipe')}
    </button>
  );
};

/** What it is as a liquid for a jar of wipes; nothing where it holds none that wipes are made of. */
const liquidOf = ({ formula: { strengths, portions } }: Made): FromRecipe | null => {
  const propanol = portions.some(({ masses }) => (masses['2-propanol'] ?? 0) > 0);
  if (strengths.alcohol > 0)
    return { name: '', active: propanol ? '2-propanol' : 'ethanol', strength: strengths.alcohol };
  if (strengths.peroxide > 0)
    return { name: '', active: 'hydrogen peroxide', strength: strengths.peroxide };
  return strengths.acid > 0 ? { name: '', active: 'acetic acid', strength: strengths.acid } : null;
};

/** The way to a jar of wipes with it: what one cloth of it would do. */
const ToJar = ({ made, name }: { made: Made; name: string }) => {
  const liquid = liquidOf(made);
  if (!liquid) return null;
  const recipe = { ...liquid, name: name || w.name('bench', 'aRecipe') };
  return (
    <Link className="btn btn--quiet" to="/bench/jars" state={{ recipe }}>
      {w.name('jars', 'forCloths')}
    </Link>
  );
};

const Never = () => (
  <p className="bar-never -mx-4 -mt-4 mb-3 px-4 md:-mx-6 md:px-6">
    {rich('bench.neverNobodyCanOverrideThis', { soft: (text) => <span>{text}</span> })}
  </p>
);

/** The sheet of a recipe: what it is, what would mend it, and all that is in it. */
export const WhatItMakes = (props: Props) => {
  const { analysis, drafting, me, stocks } = props;
  const { made, verdict } = analysis;
  const { draft, empty, accept } = drafting;
  const { name: company, houseRules: rules } = me.company;
  const apart = useBook();
  return (
    <section className="sheet" aria-label={w.name('bench', 'whatItMakes')}>
      {verdict.name === 'dangerous' && <Never />}
      <Verdict
        say={empty ? w.name('bench', 'writeDownARecipeAs') : sayOf(analysis)}
        why={whyOf(analysis, drafting)}
      >
        <Next {...props} />
      </Verdict>
      {made && !empty && <ToJar made={made} name={draft.name} />}
      {!empty && !made && <Found {...analysis} />}
      {made && (
        <>
          <FormulaSheet
            made={made}
            verdict={verdict}
            claim={draft.claim}
            name={draft.name}
            company={company}
            rules={rules}
            stocks={stocks}
          />
          <Scent made={made} />
          <DryMixture made={made} book={apart} />
          <Changes mending={made.mending} rules={rules} onAccept={accept} />
          <Composition made={made} />
        </>
      )}
      <StandingNote />
    </section>
  );
};
