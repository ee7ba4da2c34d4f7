import { activeFacts, inMillilitres, type Formula } from '@zymostat/core';
import { w } from '../../../words/words.ts';
import { leading, type Made } from '../analysis.ts';

const amountOf = ({ mass, mol }: Formula['constituents'][number]): string =>
  w.say('bench.gMol', {
    mass: (mass * 1000).toFixed(mass < 0.001 ? 3 : 1),
    mol: mol.toFixed(mol < 0.1 ? 4 : 2),
  });

const Line = ({ of }: { of: Formula['constituents'][number] }) => (
  <tr>
    <td>{w.name('component', of.component)}</td>
    <td className="num">{amountOf(of)}</td>
    <td className="num">{(of.ww * 100).toFixed(2)}</td>
    <td className="num">{(of.wv * 100).toFixed(2)}</td>
    <td className="num">{of.vv === undefined ? '' : (of.vv * 100).toFixed(1)}</td>
  </tr>
);

/** The whole of it; for alcohol also what a density meter would say. */
const wholeOf = (formula: Formula): string => {
  const lead = leading(formula);
  const whole = w.say('bench.mlAt20CG', {
    volume: inMillilitres(formula.volume).toFixed(0),
    mass: (formula.mass * 1000).toFixed(0),
  });
  if (!lead || activeFacts[lead.active].family !== 'alcohol') return whole;
  const density = (formula.mass / formula.volume).toFixed(0);
  return `${whole} ${w.say('bench.aMeterOfDensityWould', { mass: density })}`;
};

/** All that is in a mixture, by weight, by weight in volume and, for alcohols, by volume. */
export const Composition = ({ made: { formula } }: { made: Made }) => (
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
        {formula.constituents.map((one) => (
          <Line key={one.component} of={one} />
        ))}
      </tbody>
    </table>
    <p className="small soft my-2">{wholeOf(formula)}</p>
  </section>
);
