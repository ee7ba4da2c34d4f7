import { routeNames, routeWords, ruleWords } from '@zymostat/contract';
import { chlorineBound, chlorineLimits, judgeCombination, millilitres, routes, severities, type Combination, type Route, type RuleId, type Severity as SeverityName } from '@zymostat/core';
import { Severity } from '../../ui/parts.tsx';
import { FirstResponse } from './FirstResponse.tsx';
import type { Pickable } from './KeepApart.tsx';

const inSentence = (name: string) => name.replace(/ \(ours.*\)$/, '');

const say = (a: string, b: string, bottle: SeverityName, surface: SeverityName, worst: SeverityName): string => {
  const pair = a === b ? `Two lots of ${a.toLowerCase()}` : `${a} and ${b.toLowerCase()}`;
  if (worst === 'fine') return `${pair} may meet. Nothing in the book speaks against it.`;
  if (bottle === 'never' && surface === 'never') return `${pair} must never meet, in a bottle or on a wet surface.`;
  if (bottle === 'never') return `${pair} must never share a bottle.`;
  if (surface === 'never') return `${pair} must never meet on a wet surface.`;
  if (bottle === 'spoils' || surface === 'spoils') return `${pair} spoil each other.`;
  return `${pair}: take care where they are kept.`;
};

/** One route: how bad, and what that means there. */
const RouteLine = ({ route, combination: { severity } }: { route: Route; combination: Combination }) => (
  <li>
    <b>{routeNames[route]}</b>
    <span><Severity is={severity} /></span>
    <span>{severity === 'fine' ? <span className="soft">{route === 'vessel' ? 'no rule against it; a bottle still holds one product only' : 'no rule against it'}</span> : routeWords[route]}</span>
  </li>
);

/** Worked for a small spill in a small bathroom, so that people remember why. Source: stoichiometry; NIOSH (memory). */
const Chlorine = () => {
  const ppm = Math.round(chlorineBound(millilitres(50), 0.0525, 10));
  return <p className="notice my-3"><b>Could reach <span className="fig">{ppm}</span> ppm of chlorine</b> in a 10 m³ bathroom from 50 ml of 5.25 % bleach with acid in excess: {(ppm / chlorineLimits.immediatelyDangerous).toFixed(1)} times what is immediately dangerous ({chlorineLimits.immediatelyDangerous} ppm). An upper bound, an estimate: all of it reacts and spreads.</p>;
};

/** One pair by every route: whether, what happens, what to do. */
export const PairSheet = ({ a, b, urgent, onIncident }: { a: Pickable; b: Pickable; urgent: boolean; onIncident: () => void }) => {
  const by = new Map(routes.map((route) => [route, judgeCombination(a.product, b.product, route)]));
  const worst = severities[Math.max(...[...by.values()].map((one) => severities.indexOf(one.severity)))]!;
  const rules = [...new Set([...by.values()].flatMap((one) => one.bites.map((bite) => bite.rule as RuleId)))];
  return (
    <>
      {worst === 'never' && <p className="bar-never -mx-4 -mt-4 mb-3 px-4 md:-mx-6 md:px-6">Never <span>Nobody can override this.</span></p>}
      <p className="verdict__say" role="status">{say(inSentence(a.name), inSentence(b.name), by.get('vessel')!.severity, by.get('surface')!.severity, worst)}</p>
      <p className="two-products"><i className="fill h-3.5 w-10" data-family={a.family} />{inSentence(a.name)} <b>meets</b> <i className="fill h-3.5 w-10" data-family={b.family} />{inSentence(b.name)}</p>
      {rules[0] && <p className="mb-2">{ruleWords[rules[0]].happens} <span className="small soft">{by.get(routes.find((route) => by.get(route)!.bites.length > 0)!)!.bites[0]!.source}</span></p>}
      <ul className="routes">{routes.map((route) => <RouteLine key={route} route={route} combination={by.get(route)!} />)}</ul>
      {rules.includes('chlorine') && <Chlorine />}
      {rules.length > 0 && (
        <section className="mt-4">
          <h2>What to do</h2>
          <ul className="mt-1 grid gap-1">{rules.map((rule, i) => <li key={rule}>{i > 0 && `${ruleWords[rule].happens} `}{ruleWords[rule].remedy}{ruleWords[rule].reaction && <span className="fig small soft block">{ruleWords[rule].reaction}</span>}</li>)}</ul>
        </section>
      )}
      {!urgent && <FirstResponse onIncident={onIncident} />}
    </>
  );
};
