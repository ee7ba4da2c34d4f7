import { colours } from '@zymostat/contract';
import { activeFacts, genericFacts } from '@zymostat/core';
import { clock, reasonInWords, sourceInWords } from '@zymostat/words';
import { LineChart, type Mark } from '../../ui/chart/LineChart.tsx';
import { rich } from '../../words/rich.tsx';
import { w } from '../../words/words.ts';
import { volumeOf, type Coat, type DryingThere } from './coat.ts';

interface Props {
  coat: Coat;
  there: DryingThere;
}

/** Seconds: the air is not drawn longer than this. */
const LONGEST = 5400;

const ppm = (value: number): string => (value >= 10 ? value.toFixed(0) : value.toFixed(2));

const limitsOf = ({ active }: Coat): Mark[] => {
  const { shortTerm, day } = genericFacts[active].air;
  const marks: Mark[] = [
    { name: w.name('wetPage', 'limitOverAWorkingDay'), at: day, along: 'left' },
  ];
  if (shortTerm !== null)
    marks.push({ name: w.name('wetPage', 'shortTermLimit'), at: shortTerm, along: 'left' });
  return marks;
};

/** What that air means for whoever is in the room. */
const Breathing = ({ coat, there: { vapour, breathing } }: Props) => {
  const { shortTerm } = genericFacts[coat.active].air;
  return (
    <p className="mt-1">
      {breathing.outcome !== 'use' && <b>{reasonInWords(w, breathing)} </b>}
      {rich('wetPage.upTo', {
        b: (text) => <b className="fig">{text}</b>,
        most: ppm(Math.max(...vapour.ppm)),
        quarter: ppm(vapour.shortTerm),
        limit: shortTerm ?? 'none',
      })}{' '}
      {vapour.reentry > 0
        ? w.say('wetPage.stayOutUntilAfterThe', { reentry: clock(vapour.reentry) })
        : w.name('wetPage', 'oneMayStay')}{' '}
      <span className="small soft">{sourceInWords(w, breathing.source)}</span>
    </p>
  );
};

/** What is in the air of the room over time, and what that means. */
export const AirChart = (props: Props) => {
  const { coat, there } = props;
  const { times, ppm: values } = there.vapour;
  const end = Math.min(times.at(-1)!, LONGEST) / 60;
  const points = times.map((t, i) => ({ x: t / 60, y: values[i]! })).filter(({ x }) => x <= end);
  const colour = colours[activeFacts[coat.active].family];
  return (
    <>
      <h3 className="mt-4">
        {w.say('wetPage.airInThisRoomOf', { volume: volumeOf(coat.room).toFixed(0) })}
      </h3>
      <LineChart
        label={w.say('wetPage.vapourOverTimePpmAt', { round: Math.round(Math.max(...values)) })}
        lines={[{ name: w.name('wetPage', 'vapour'), points, colour }]}
        marks={limitsOf(coat)}
        x={{ title: w.name('common', 'minutes'), most: end }}
        left={{ title: w.name('common', 'ppm') }}
      />
      <Breathing {...props} />
    </>
  );
};
