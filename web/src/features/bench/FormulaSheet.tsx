import {
  componentWords,
  containerWords,
  gasWords,
  hazardWords,
  keepingWords,
  mixtureWords,
  percent,
  precautionWords,
  reactionWords,
  reasonInWords,
  statementWords,
  toolNames,
  type StockRow,
} from '@zymostat/contract';
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
import { Label } from './LabelPreview.tsx';
import { DRAWS, useWorkerDraws } from '../../app/useWorkerDraws.ts';
import type { ChanceWorker } from './chance.worker.ts';

const days = (seconds: number): string =>
  seconds === 0
    ? 'Not at all'
    : seconds <= 86_400
      ? 'Until tomorrow'
      : seconds >= 365 * 86_400
        ? `${Math.round(seconds / (365 * 86_400))} ${seconds >= 2 * 365 * 86_400 ? 'years' : 'year'}`
        : `${Math.round(seconds / 86_400)} days`;
const part = (fraction: number) =>
  fraction >= 0.0995
    ? percent(Math.round(fraction * 1000) / 1000)
    : percent(Math.round(fraction * 10_000) / 10_000);

/** How sure the strength is, as people measure; drawn in a worker, and can be stopped. */
const HowSure = ({ made, rules }: { made: Made; rules: HouseRules }) => {
  const { drawn, ask, cancel } = useWorkerDraws<ChanceWorker, Chance>(
    () => new Worker(new URL('./chance.worker.ts', import.meta.url), { type: 'module' }),
  );
  const lead = leading(made.formula);
  const span = lead && spanFor(lead.active, rules);
  if (!lead || !span || lead.family === 'vinegar')
    return <>Nothing in it has a strength to hold.</>;
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
        Measuring it {drawn.done.toLocaleString('en-GB')} of {DRAWS.toLocaleString('en-GB')} times …{' '}
        <button className="btn btn--quiet" onClick={cancel}>
          Cancel
        </button>
      </span>
    );
  if (drawn.state !== 'drawn')
    return (
      <button className="btn btn--quiet" onClick={start}>
        How sure, as people measure?
      </button>
    );
  const chance = drawn.result;
  const portion = made.portions.find(({ row }) => row === chance.lever.row);
  return (
    <span role="status">
      In strength <b className="fig">{Math.round((100 * chance.within) / chance.draws)}</b> times in
      100 as people measure (estimate). What matters most:{' '}
      {chance.lever.by === 'stock'
        ? `what the stock of line ${chance.lever.row + 1} really holds`
        : `the amount of line ${chance.lever.row + 1}, ${portion ? toolNames[portion.tool] : ''}`}
      .
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
          <b className="fig">{perLitre.toFixed(2)}</b> a litre,{' '}
          <b className="fig">{total.toFixed(2)}</b> this bottle
        </>
      )}
      {unpriced.length > 0 &&
        `${allUnpriced ? 'Not priced: ' : '; not priced: '}${unpriced.map(ingredientName).join(', ')}`}
      .
      <span className="mt-1 flex items-end gap-3">
        <TextField
          className="w-44"
          label="A bought one, a litre"
          value={bought}
          onChange={setBought}
          check={(text) => (text.trim() === '' ? null : figureBetween(0, 1000, 'a litre')(text))}
          figure
        />
        {other !== undefined && other > 0 && unpriced.length === 0 && (
          <span className="pb-2">
            {other > perLitre
              ? `Mixing saves ${(other - perLitre).toFixed(2)} a litre.`
              : `Buying saves ${(perLitre - other).toFixed(2)} a litre.`}
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
  const named = flammable && <b>{hazardWords[flammable]}</b>;
  if (label.flashPoint !== undefined) {
    return (
      <>
        Flash point about <b className="fig">{label.flashPoint.toFixed(0)} °C</b> (estimate)
        {named && <>: {named}</>}.
      </>
    );
  }
  if (named) return <>{named}.</>;
  return fire === 'not-known' ? (
    <>Not worked out for what is in it: keep it away from flames.</>
  ) : (
    <>What rises from it does not light.</>
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
  title: name || 'This mixture',
  strength:
    made.formula.constituents
      .filter(({ component }) => component !== 'water')
      .slice(0, 3)
      .map(({ component, vv, wv }) => `${componentWords[component]} ${part(vv ?? wv)}`)
      .join(', ') || 'water',
  purpose:
    verdict.name === 'dangerous'
      ? 'Must not be made.'
      : `${mixtureWords[verdict.name].charAt(0).toUpperCase()}${mixtureWords[verdict.name].slice(1)}${verdict.name === 'disinfecting' && claim !== 'disinfect' ? ', used to clean' : ''}.`,
  ...(made.label.signal ? { signal: made.label.signal } : {}),
  pictograms: made.label.pictograms,
  statements: made.label.statements.map((code) => statementWords[code]!),
  precautions: made.label.precautions.slice(0, 3).map((code) => precautionWords[code]),
  neverWith: 'any other product',
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
              otherwise={mixtureWords[verdict.name]}
            />
          )}
          <dl className="facts">
            <dt>Strength</dt>
            <dd>
              {others.length === 0
                ? 'It claims none.'
                : others.map((reason, i) => (
                    <span key={i} className="block">
                      {reason.outcome === 'never' ? (
                        <>
                          <Severity is="never" />{' '}
                        </>
                      ) : null}
                      {reasonInWords(reason)} <span className="small soft">{reason.source}</span>
                    </span>
                  ))}
              {formula.estimate && ' Two alcohols: an estimate between two tables.'}
            </dd>
            <dt>Spoiled</dt>
            <dd>
              {spoiling.length === 0 && 'No rule is known that speaks against it.'}
              {spoiling.map((reason, i) => (
                <span key={i} className="block">
                  {reason.outcome === 'never' ? (
                    <>
                      <Severity is="never" />{' '}
                    </>
                  ) : null}
                  {reasonInWords(reason)}
                </span>
              ))}
              {formula.gas.map(({ gas, volume, pressure }) => (
                <span key={gas} className="block">
                  Up to <b className="fig">{(volume * 1000).toFixed(volume < 0.01 ? 2 : 1)} l</b> of{' '}
                  {gasWords[gas]}: in a closed bottle with a tenth of air, up to{' '}
                  <b className="fig">
                    {pressure >= 10 ? pressure.toFixed(0) : pressure.toFixed(1)} atm
                  </b>{' '}
                  (an upper bound).
                </span>
              ))}
              {spoiling.length === 0 &&
                happened.map(({ id }) => (
                  <span key={id} className="block">
                    {reactionWords[id]}
                  </span>
                ))}
              {formula.ph !== undefined && (
                <span className="block">
                  pH about <b className="fig">{formula.ph.toFixed(1)}</b> (estimate).
                </span>
              )}
            </dd>
            <dt>Fire</dt>
            <dd>
              <Fire made={made} />
            </dd>
            <dt>Keeps</dt>
            <dd>
              <b>{days(keeping.seconds)}</b>: {keepingWords[keeping.because]}. In{' '}
              {containerWords(keeping)}.
            </dd>
            <dt>How sure</dt>
            <dd>
              <HowSure
                key={made.portions.map(({ text }) => text).join('\n')}
                made={made}
                rules={rules}
              />
            </dd>
            <dt>Cost</dt>
            <dd>
              <Costs made={made} stocks={stocks} />
            </dd>
          </dl>
        </div>
        <div>
          <Label label={labelOf(made, verdict, company, name, claim)} />
          <p className="small soft mt-2">
            What its label would have to say. A bottle without one is poured away.
          </p>
        </div>
      </div>
    </>
  );
};

/** All that is in a mixture, by weight, by weight in volume and, for alcohols, by volume. */
export const Composition = ({ made: { formula } }: { made: Made }) => {
  const lead = leading(formula);
  return (
    <section aria-label="Composition">
      <h2 className="mt-4 border-t border-ink pt-2">What is in it</h2>
      <table className="ledger mt-1" aria-label="What is in it">
        <thead>
          <tr>
            <th>Component</th>
            <th className="num">Amount</th>
            <th className="num">% w/w</th>
            <th className="num">% w/v</th>
            <th className="num">% v/v</th>
          </tr>
        </thead>
        <tbody>
          {formula.constituents.map(({ component, mass, mol, ww, wv, vv }) => (
            <tr key={component}>
              <td>{componentWords[component]}</td>
              <td className="num">
                {(mass * 1000).toFixed(mass < 0.001 ? 3 : 1)} g, {mol.toFixed(mol < 0.1 ? 4 : 2)}{' '}
                mol
              </td>
              <td className="num">{(ww * 100).toFixed(2)}</td>
              <td className="num">{(wv * 100).toFixed(2)}</td>
              <td className="num">{vv === undefined ? '' : (vv * 100).toFixed(1)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="small soft my-2">
        {inMillilitres(formula.volume).toFixed(0)} ml at 20 °C, {(formula.mass * 1000).toFixed(0)}{' '}
        g.{' '}
        {lead && activeFacts[lead.active].family === 'alcohol'
          ? `A meter of density would say ${(formula.mass / formula.volume).toFixed(0)} kg/m³.`
          : ''}
      </p>
    </section>
  );
};
