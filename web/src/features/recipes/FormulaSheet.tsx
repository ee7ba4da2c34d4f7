import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { sourceInWords, type KeyOf } from '@zymostat/words';
import { type StockRow } from '@zymostat/contract';
import { percent, reasonInWords, containerWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  costOf,
  fireOf,
  ingredientName,
  inMillilitres,
  parseFigure,
  type Chance,
  type Claim,
  type FormulaVerdict,
  type HouseRules,
  type Masses,
} from '@zymostat/core';
import { useState } from 'react';
import { Severity } from '../../ui/parts.tsx';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { TextField } from '../../ui/Field.tsx';
import { figureBetween } from '../../ui/checks.ts';
import { leading, spanFor, type Made } from './analysis.ts';
import { Label } from '../batches/LabelPreview.tsx';
import { DRAWS, useWorkerDraws } from '../../workers/useWorkerDraws.ts';
import type { ChanceWorker } from '../../workers/chance.worker.ts';

const days = (seconds: number): string =>
  seconds === 0
    ? w.name('bench', 'notAtAll')
    : seconds <= 86_400
      ? w.name('bench', 'untilTomorrow')
      : seconds >= 365 * 86_400
        ? `${Math.round(seconds / (365 * 86_400))} ${seconds >= 2 * 365 * 86_400 ? 'years' : 'year'}`
        : w.say('bench.days', { round: Math.round(seconds / 86_400) });
const part = (fraction: number) =>
  fraction >= 0.0995
    ? percent(w, Math.round(fraction * 1000) / 1000)
    : percent(w, Math.round(fraction * 10_000) / 10_000);

/** How sure the strength is, as people measure; drawn in a worker, and can be stopped. */
const HowSure = ({ made, rules }: { made: Made; rules: HouseRules }) => {
  const { drawn, ask, cancel } = useWorkerDraws<ChanceWorker, Chance>(
    () =>
      new Worker(new URL('../../workers/chance.worker.ts', import.meta.url), { type: 'module' }),
  );
  const lead = leading(made.formula);
  const span = lead && spanFor(lead.active, rules);
  if (!lead || !span || lead.family === 'vinegar') return <>{w.name('bench', 'nothingInItHasA')}</>;
  const start = () =>
    void ask((worker, tell) =>
      worker.draw(
        [...made.portions],
        lead.family === 'alcohol' ? 'alcohol' : 'peroxide',
        span,
        DRAWS,
        tell,
      ),
    );
  if (drawn.state === 'drawing')
    return (
      <span role="status">
        {w.say('bench.measuringItOfTimes', {
          done: drawn.done.toLocaleString(w.locale),
          DRAWS: DRAWS.toLocaleString(w.locale),
        })}{' '}
        <button className="btn btn--quiet" onClick={cancel}>
          {w.name('bench', 'cancel')}
        </button>
      </span>
    );
  if (drawn.state !== 'drawn')
    return (
      <button className="btn btn--quiet" onClick={start}>
        {w.name('bench', 'howSureAsPeopleMeasure')}
      </button>
    );
  const chance = drawn.result;
  const portion = made.portions.find(({ row }) => row === chance.lever.row);
  return (
    <span role="status">
      {rich('bench.inStrengthTimesIn100', {
        b: (text: ReactNode) => <b className="fig">{text}</b>,
        round: Math.round((100 * chance.within) / chance.draws),
        by:
          chance.lever.by === 'stock'
            ? w.say('bench.whatTheStockOfLine', { row: chance.lever.row + 1 })
            : w.say('bench.theAmountOfLine', {
                row: chance.lever.row + 1,
                portion: portion ? w.name('tool', portion.tool) : '',
              }),
      })}
    </span>
  );
};

const Costs = ({ made, stocks }: { made: Made; stocks: StockRow[] }) => {
  const [bought, setBought] = useState('');
  const prices = stocks.flatMap(({ active, strength, pricePerLitre }) =>
    pricePerLitre === null ? [] : [{ of: active, strength, perLitre: pricePerLitre }],
  );
  const { total, perLitre, unpriced } = costOf(made.portions, made.formula.volume, prices);
  const other = parseFigure(bought);
  const allUnpriced = total === 0 && unpriced.length > 0;
  return (
    <>
      {!allUnpriced && (
        <>
          {rich('bench.aLitreThisBottle', {
            b: (text: ReactNode) => <b className="fig">{text}</b>,
            perLitre: perLitre.toFixed(2),
            total: total.toFixed(2),
          })}
        </>
      )}
      {unpriced.length > 0 &&
        `${allUnpriced ? w.name('bench', 'notPriced') : w.name('bench', 'notPriced2')}${unpriced.map(ingredientName).join(', ')}`}
      .
      <span className="mt-1 flex items-end gap-3">
        <TextField
          className="w-44"
          label={w.name('bench', 'aBoughtOneALitre')}
          value={bought}
          onChange={setBought}
          check={(text) =>
            text.trim() === '' ? null : figureBetween(0, 1000, w.name('bench', 'aLitre'))(text)
          }
          figure
        />
        {other !== undefined && other > 0 && unpriced.length === 0 && (
          <span className="pb-2">
            {other > perLitre
              ? w.say('bench.mixingSavesALitre', { other: (other - perLitre).toFixed(2) })
              : w.say('bench.buyingSavesALitre', { perLitre: (perLitre - other).toFixed(2) })}
          </span>
        )}
      </span>
    </>
  );
};

/** Why a mixture spoils or hurts; the rest is about its strength. */
export const spoilt: ReadonlySet<string> = new Set([
  'must-not-share-a-bottle',
  'used-up',
  'soap-split',
]);

const Fire = ({ made: { label, formula, portions } }: { made: Made }) => {
  const masses = Object.fromEntries(
    formula.constituents.map(({ component, mass }) => [component, mass]),
  ) as Masses;
  const fire = fireOf(portions, masses);
  const flammable = label.classes.find((one) => one.startsWith('flammable'));
  const named = flammable && <b>{w.name('hazard', flammable)}</b>;
  if (label.flashPoint !== undefined) {
    return (
      <>
        {rich('bench.flashPointAboutCEstimate', {
          b: (text: ReactNode) => <b className="fig">{text}</b>,
          flashPoint: label.flashPoint.toFixed(0),
        })}
        {named && <>: {named}</>}.
      </>
    );
  }
  if (named) return <>{named}.</>;
  return fire === 'not-known' ? (
    <>{w.name('bench', 'notWorkedOutForWhat')}</>
  ) : (
    <>{w.name('bench', 'whatRisesFromItDoes')}</>
  );
};

const labelOf = (
  made: Made,
  verdict: FormulaVerdict,
  company: string,
  name: string,
  claim: Claim,
) => ({
  company,
  code: 'preview',
  title: name || w.name('bench', 'thisMixture'),
  strength:
    made.formula.constituents
      .filter(({ component }) => component !== 'water')
      .slice(0, 3)
      .map(({ component, vv, wv }) => `${w.name('component', component)} ${part(vv ?? wv)}`)
      .join(', ') || 'water',
  purpose:
    verdict.name === 'dangerous'
      ? w.name('bench', 'mustNotBeMade')
      : `${w.name('mixture', verdict.name).charAt(0).toUpperCase()}${w.name('mixture', verdict.name).slice(1)}${verdict.name === 'disinfecting' && claim !== 'disinfect' ? w.name('bench', 'usedToClean') : ''}.`,
  ...(made.label.signal ? { signal: made.label.signal } : {}),
  pictograms: made.label.pictograms,
  statements: made.label.statements.map((code) => w.name('statement', code as KeyOf<'statement'>)),
  precautions: made.label.precautions.slice(0, 3).map((code) => w.name('precaution', code)),
  neverWith: w.name('bench', 'anyOtherProduct'),
  madeBy: '',
  emergency: '',
});

interface Props {
  made: Made;
  verdict: FormulaVerdict;
  claim: Claim;
  name: string;
  company: string;
  rules: HouseRules;
  stocks: StockRow[];
}

/**
 * What a mixture really is: strength, fire, what reacted, how long it keeps, its label and all that
 * is in it.
 */
export const FormulaSheet = ({ made, verdict, claim, name, company, rules, stocks }: Props) => {
  const { formula, keeping } = made;
  const lead = leading(formula);
  const happened = formula.reactions.filter(
    (reaction, i) => formula.reactions.findIndex(({ id }) => id === reaction.id) === i,
  );
  const spoiling = verdict.reasons.filter(({ code }) => spoilt.has(code));
  const others = verdict.reasons.filter((reason) => !spoiling.includes(reason));
  return (
    <>
      <div className="makes">
        <div className="min-w-0">
          {lead && (
            <StrengthRule
              family={lead.family}
              stock={lead.stock}
              span={spanFor(lead.active, rules)}
              batch={Math.round(lead.strength * 1e4) / 1e4}
              otherwise={w.name('mixture', verdict.name)}
            />
          )}
          <dl className="facts">
            <dt>{w.name('bench', 'strength')}</dt>
            <dd>
              {others.length === 0
                ? w.name('bench', 'itClaimsNone')
                : others.map((reason, i) => (
                    <span key={i} className="block">
                      {reason.outcome === 'never' ? (
                        <>
                          <Severity is="never" />{' '}
                        </>
                      ) : null}
                      {reasonInWords(w, reason)}{' '}
                      <span className="small soft">{sourceInWords(w, reason.source)}</span>
                    </span>
                  ))}
              {formula.estimate && w.name('bench', 'twoAlcoholsAnEstimateBetween')}
            </dd>
            <dt>{w.name('bench', 'spoiled')}</dt>
            <dd>
              {spoiling.length === 0 && w.name('bench', 'noRuleIsKnownThat')}
              {spoiling.map((reason, i) => (
                <span key={i} className="block">
                  {reason.outcome === 'never' ? (
                    <>
                      <Severity is="never" />{' '}
                    </>
                  ) : null}
                  {reasonInWords(w, reason)}
                </span>
              ))}
              {formula.gas.map(({ gas, volume, pressure }) => (
                <span key={gas} className="block">
                  {rich('bench.upToLOfIn', {
                    b: (text: ReactNode) => <b className="fig">{text}</b>,
                    volume: (volume * 1000).toFixed(volume < 0.01 ? 2 : 1),
                    gas: w.name('gas', gas),
                  })}{' '}
                  <b className="fig">
                    {rich('bench.atm', {
                      pressure: pressure >= 10 ? pressure.toFixed(0) : pressure.toFixed(1),
                    })}
                  </b>{' '}
                  {w.name('bench', 'anUpperBound')}
                </span>
              ))}
              {spoiling.length === 0 &&
                happened.map(({ id }) => (
                  <span key={id} className="block">
                    {w.name('reaction', id)}
                  </span>
                ))}
              {formula.ph !== undefined && (
                <span className="block">
                  {rich('bench.phAboutEstimate', {
                    b: (text: ReactNode) => <b className="fig">{text}</b>,
                    ph: formula.ph.toFixed(1),
                  })}
                </span>
              )}
            </dd>
            <dt>{w.name('bench', 'fire')}</dt>
            <dd>
              <Fire made={made} />
            </dd>
            <dt>{w.name('bench', 'keeps')}</dt>
            <dd>
              {rich('bench.in', {
                b: (text: ReactNode) => <b>{text}</b>,
                seconds: days(keeping.seconds),
                because: w.name('keeping', keeping.because),
                keeping: containerWords(w, keeping),
              })}
            </dd>
            <dt>{w.name('bench', 'howSure')}</dt>
            <dd>
              <HowSure
                key={made.portions.map(({ text }) => text).join('\n')}
                made={made}
                rules={rules}
              />
            </dd>
            <dt>{w.name('bench', 'cost')}</dt>
            <dd>
              <Costs made={made} stocks={stocks} />
            </dd>
          </dl>
        </div>
        <div>
          <Label label={labelOf(made, verdict, company, name, claim)} />
          <p className="small soft mt-2">{w.name('bench', 'whatItsLabelWouldHave')}</p>
        </div>
      </div>
    </>
  );
};

/** All that is in a mixture, by weight, by weight in volume and, for alcohols, by volume. */
export const Composition = ({ made: { formula } }: { made: Made }) => {
  const lead = leading(formula);
  return (
    <section aria-label={w.name('bench', 'composition')}>
      <h2 className="mt-4 border-t border-ink pt-2">{w.name('bench', 'whatIsInIt')}</h2>
      <table className="ledger mt-1" aria-label={w.name('bench', 'whatIsInIt')}>
        <thead>
          <tr>
            <th>{w.name('bench', 'component')}</th>
            <th className="num">{w.name('bench', 'amount')}</th>
            <th className="num">{w.name('bench', 'wW')}</th>
            <th className="num">{w.name('bench', 'wV')}</th>
            <th className="num">{w.name('bench', 'vV')}</th>
          </tr>
        </thead>
        <tbody>
          {formula.constituents.map(({ component, mass, mol, ww, wv, vv }) => (
            <tr key={component}>
              <td>{w.name('component', component)}</td>
              <td className="num">
                {rich('bench.gMol', {
                  mass: (mass * 1000).toFixed(mass < 0.001 ? 3 : 1),
                  mol: mol.toFixed(mol < 0.1 ? 4 : 2),
                })}
              </td>
              <td className="num">{(ww * 100).toFixed(2)}</td>
              <td className="num">{(wv * 100).toFixed(2)}</td>
              <td className="num">{vv === undefined ? '' : (vv * 100).toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="small soft my-2">
        {rich('bench.mlAt20CG', {
          volume: inMillilitres(formula.volume).toFixed(0),
          mass: (formula.mass * 1000).toFixed(0),
          lead:
            lead && activeFacts[lead.active].family === 'alcohol'
              ? w.say('bench.aMeterOfDensityWould', {
                  mass: (formula.mass / formula.volume).toFixed(0),
                })
              : '',
        })}
      </p>
    </section>
  );
};
