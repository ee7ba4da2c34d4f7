import '../../../ui/jobSteps.css';
import {
  asTheTableSays,
  growthIn,
  soilOfSurface,
  type Loosening as Loosened,
  type SoilJob,
} from '@zymostat/core';
import { duration, jobOrders, lower, millilitres, number, upper } from '@zymostat/words';
import { useState } from 'react';
import { ReasonList } from '../../../ui/ReasonList.tsx';
import { WetBand } from '../../../ui/WetBand.tsx';
import { w } from '../../../words/words.ts';
import { familyOfCleaner } from '../../../ui/cleanerFamily.ts';
import { LooseningControls } from './LooseningControls.tsx';
import type { SurfaceProps, SurfaceSetting } from './useSurfaceSetting.ts';

interface Props extends SurfaceProps {
  setting: SurfaceSetting;
}

const Band = ({ job: { lies, cleaners }, material }: { job: SoilJob; material: string }) => {
  const last = cleaners.at(-1);
  if (!lies || !last) return null;
  const { least, most } = lies;
  return (
    <div className="loosening__band" data-family={familyOfCleaner(last.cleaner) ?? 'soap'}>
      <WetBand
        family={familyOfCleaner(last.cleaner)}
        required={least}
        wall={most ?? undefined}
        scale
      />
      <p className="small soft">
        {w.say('protocol.untilLook', { least: duration(w, least) })}
        {most !== null && ` · ${w.say('protocol.untilOff', { most: duration(w, most), material })}`}
      </p>
    </div>
  );
};

/** About how much lime there is, and how much acid that takes. */
const LimeTakes = ({ lime }: { lime: SoilJob['lime'] }) =>
  lime && (
    <>
      {' '}
      {w.say('protocol.limeTakes', {
        lime: number(w, lime.mass * 1000, 1),
        just: millilitres(w, lime.just),
        poured: millilitres(w, lime.poured),
      })}
    </>
  );

/** What is on a surface, and what is done about it before anything is kept wet there. */
export const Loosening = ({ protocol, room, surface, setting }: Props) => {
  const [moved, move] = useState<number | null>(null);
  const { thing, soil, material } = surface;
  const loosened = surface.setting.loosening ?? asTheTableSays;
  const { home, judging } = protocol;
  const shown = moved === null ? loosened : { ...loosened, ratio: moved };
  const job = soilOfSurface(
    { ...surface, setting: { ...surface.setting, loosening: shown } },
    { room, home, growth: growthIn(home.rooms), ...judging },
  );
  if (!job) return null;
  const onSet = (to: Partial<Loosened>) => {
    move(null);
    setting.set({ loosening: { ...loosened, ...to }, accepted: null });
  };
  return (
    <section className="loosening" aria-label={w.name('protocol', 'whatIsDoneFirst')}>
      <h2>
        {w.say('protocol.soilOn', {
          soil: upper(w.name('soil', soil)),
          thing: w.name('thing', thing),
        })}
      </h2>
      <p className="mb-2">
        {w.name('soakClaim', job.claim)}
        <LimeTakes lime={job.lime} />
      </p>
      <ReasonList of={job.reasons.filter(({ outcome }) => outcome !== 'use')} />
      {job.cleaners.length > 0 && (
        <LooseningControls job={job} loosened={shown} soil={soil} onSet={onSet} onMove={move} />
      )}
      <Band job={job} material={lower(w.name('material', material))} />
      <ol className="loosening__steps">
        {jobOrders(w, job.steps).map((order, i) => (
          <li key={i}>{order}</li>
        ))}
      </ol>
      {job.not.length > 0 && (
        <p className="small soft">
          {w.say('protocol.notOnIt', {
            not: job.not.map((one) => w.name('notOnSoil', one)).join(', '),
          })}
        </p>
      )}
    </section>
  );
};
