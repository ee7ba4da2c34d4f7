import { colours } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { clock } from '@zymostat/words';
import { LineChart, type Line, type Mark } from '../../ui/chart/LineChart.tsx';
import { w } from '../../words/words.ts';
import type { Coat, DryingThere } from './coat.ts';

interface Props {
  coat: Coat;
  there: DryingThere;
}

/** Where the curves are worth drawing to, s. */
const shownUntil = (seconds: number, wetUntil: number) =>
  Math.max(seconds * 1.3, Math.min(wetUntil * 1.05, Math.max(seconds * 3, 600)));

const linesOf = ({ coat, there: { drying } }: Props, end: number): Line[] => {
  const points = (values: number[], scale: number) =>
    values
      .map((y, i) => ({ x: drying.times[i]! / 60, y: y * scale }))
      .filter(({ x }) => x <= end / 60);
  return [
    {
      name: w.name('wetPage', 'strength'),
      points: points(drying.strength, 100),
      colour: colours[activeFacts[coat.active].family],
    },
    {
      name: w.name('wetPage', 'filmLeft'),
      points: points(drying.mass, 100 / drying.mass[0]!),
      colour: colours['ink-soft'],
      axis: 'right',
    },
  ];
};

const marksOf = ({ coat: { seconds }, there: { floor } }: Props): Mark[] => [
  ...(floor > 0
    ? [{ name: w.name('wetPage', 'floor'), at: floor * 100, along: 'left' as const }]
    : []),
  ...(seconds > 0
    ? [{ name: w.name('wetPage', 'required'), at: seconds / 60, along: 'x' as const }]
    : []),
];

/** How the film and its strength go over time. */
export const FilmChart = (props: Props) => {
  const { coat, there } = props;
  const { aboveFloorUntil, wetUntil } = there.drying;
  const end = shownUntil(coat.seconds, wetUntil);
  return (
    <>
      <h3>{w.name('wetPage', 'filmAndStrengthEstimate')}</h3>
      <LineChart
        label={w.say('wetPage.strengthAndFilmOverTime', {
          holds: clock(Math.floor(aboveFloorUntil)),
          floor: clock(Math.floor(wetUntil)),
        })}
        lines={linesOf(props, end)}
        marks={marksOf(props)}
        x={{ title: w.name('common', 'minutes'), most: end / 60 }}
        left={{ title: `% ${activeFacts[coat.active].basis}` }}
        right={{ title: w.name('wetPage', 'ofTheFilm'), most: 100 }}
      />
    </>
  );
};
