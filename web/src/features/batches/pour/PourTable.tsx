import { inMillilitres, type Active, type Pour } from '@zymostat/core';
import type { ReactNode } from 'react';
import { useAppSelector } from '../../../store/store.ts';
import { amountIn, type Rounding } from '../../../ui/amounts.ts';
import { w } from '../../../words/words.ts';

const exact = (volume: number) => {
  const ml = inMillilitres(volume);
  return w.say('bench.ml2', { volume: ml.toFixed(ml < 100 ? 1 : 0) });
};

interface LineProps {
  name: ReactNode;
  volume: number;
  rounding?: Rounding;
  why: string;
}

const Line = ({ name, volume, rounding, why }: LineProps) => {
  const units = useAppSelector((state) => state.units);
  return (
    <tr>
      <td>{name}</td>
      {units === 'us' && <td>{amountIn(units, volume, rounding)}</td>}
      <td className="num">{exact(volume)}</td>
      <td className="soft">{why}</td>
    </tr>
  );
};

const isAlcohol = (active: Active) => active === 'ethanol' || active === '2-propanol';
const cautionOf = (active: Active) =>
  isAlcohol(active)
    ? w.name('bench', 'awayFromFlameAndPilot')
    : w.say('bench.glovesAndGogglesFor', { active: w.name('active', active) });

/** Less than this nobody can measure. */
const NOTICED = 0.0005;

const Total = ({ pour }: { pour: Pour }) => {
  const units = useAppSelector((state) => state.units);
  const why = w.say('bench.whyInTheBottle', {
    rounded: pour.water > 0 && units === 'us' ? 'yes' : 'no',
    less: pour.contraction > NOTICED ? (pour.contraction * 100).toFixed(1) : 'none',
  });
  const name = <b className="font-semibold">{w.name('bench', 'inTheBottle')}</b>;
  return <Line name={name} volume={pour.total} why={why} />;
};

interface Props {
  stock: string;
  pour: Pour;
  active: Active;
}

/** What is poured, in the person's units and exactly in ml, water first. */
export const PourTable = ({ stock, pour, active }: Props) => {
  const units = useAppSelector((state) => state.units);
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
          <Line
            name={w.name('bench', 'n1Water')}
            volume={pour.water}
            rounding="down"
            why={w.name('bench', 'firstSoTheStockNever')}
          />
        )}
        <Line
          name={`${pour.water > 0 ? 2 : 1} · ${stock}`}
          volume={pour.stock}
          rounding="up"
          why={cautionOf(active)}
        />
        <Total pour={pour} />
      </tbody>
    </table>
  );
};
