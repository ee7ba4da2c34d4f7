import { activeNames } from '@zymostat/contract';
import { inMillilitres, type Active, type Pour } from '@zymostat/core';
import { useAppSelector } from '../../app/store.ts';
import { amountIn, type Rounding } from '../../ui/amounts.ts';

const exact = (volume: number) =>
  `${inMillilitres(volume).toFixed(inMillilitres(volume) < 100 ? 1 : 0)} ml`;

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
    <table className="ledger mt-4 max-w-[640px]" aria-label="What to pour">
      <thead>
        <tr>
          <th>In this order</th>
          {units === 'us' && <th>In measures</th>}
          <th className="num">Exactly</th>
          <th>Why</th>
        </tr>
      </thead>
      <tbody>
        {pour.water > 0 && (
          <tr>
            <td>1 · Water</td>
            {mine(pour.water, 'down')}
            <td className="num">{exact(pour.water)}</td>
            <td className="soft">first, so the stock never stands alone</td>
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
              ? 'away from flame and pilot lights'
              : `gloves and goggles for ${activeNames[active]}`}
          </td>
        </tr>
        <tr>
          <td>
            <b className="font-semibold">In the bottle</b>
          </td>
          {mine(pour.total)}
          <td className="num">
            <b>{exact(pour.total)}</b>
          </td>
          <td className="soft">
            {pour.water > 0 &&
              units === 'us' &&
              'measures rounded so that it never comes out weaker; '}
            {contracts
              ? `${(pour.contraction * 100).toFixed(1)} % less than was poured: alcohol and water close up`
              : 'turn, do not shake'}
          </td>
        </tr>
      </tbody>
    </table>
  );
};
