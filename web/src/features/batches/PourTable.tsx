import { w } from '../../words/words.ts';
import { inMillilitres, type Active, type Pour } from '@zymostat/core';
import { useAppSelector } from '../../store/store.ts';
import { amountIn, type Rounding } from '../../ui/amounts.ts';

const exact = (volume: number) =>
  w.say('bench.ml2', {
    volume: inMillilitres(volume).toFixed(inMillilitres(volume) < 100 ? 1 : 0),
  });

/** What is poured, in the person's units and exactly in ml, water first. */
export const PourTable = ({
  stock,
  pour,
  active,
}: {
  stock: string;
  pour: Pour;
  active: Active;
}) => {
  const units = useAppSelector((state) => state.units);
  const mine = (volume: number, rounding?: Rounding) =>
    units === 'us' ? <td>{amountIn(units, volume, rounding)}</td> : null;
  const contracts = pour.contraction > 0.0005;
  return (
    <table className="ledger mt-4 max-w-[640px]" aria-label={w.name('bench', 'whatToPour')}>
      <thead>
        <tr>
          <th>{w.name('bench', 'inThisOrder')}</th>
          {units === 'us' && <th>{w.name('bench', 'inMeasures')}</th>}
          <th className="num">{w.name('bench', 'exactly')}</th>
          <th>{w.name('bench', 'why')}</th>
        </tr>
      </thead>
      <tbody>
        {pour.water > 0 && (
          <tr>
            <td>{w.name('bench', 'n1Water')}</td>
            {mine(pour.water, 'down')}
            <td className="num">{exact(pour.water)}</td>
            <td className="soft">{w.name('bench', 'firstSoTheStockNever')}</td>
          </tr>
        )}
        <tr>
          <td>
            {pour.water > 0 ? '2' : '1'} · {stock}
          </td>
          {mine(pour.stock, 'up')}
          <td className="num">{exact(pour.stock)}</td>
          <td className="soft">
            {active === 'ethanol' || active === '2-propanol'
              ? w.name('bench', 'awayFromFlameAndPilot')
              : w.say('bench.glovesAndGogglesFor', { active: w.name('active', active) })}
          </td>
        </tr>
        <tr>
          <td>
            <b className="font-semibold">{w.name('bench', 'inTheBottle')}</b>
          </td>
          {mine(pour.total)}
          <td className="num">
            <b>{exact(pour.total)}</b>
          </td>
          <td className="soft">
            {pour.water > 0 && units === 'us' && w.name('bench', 'measuresRoundedSoThatIt')}
            {contracts
              ? w.say('bench.lessThanWasPouredAlcohol', {
                  contraction: (pour.contraction * 100).toFixed(1),
                })
              : w.name('bench', 'turnDoNotShake')}
          </td>
        </tr>
      </tbody>
    </table>
  );
};
