import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type RoomRow } from '@zymostat/contract';
import { sourceInWords, strengthOf, clock, reasonInWords } from '@zymostat/words';
import { w } from '../../words/words.ts';
import {
  activeFacts,
  airChanges,
  genericFacts,
  coats,
  dryingCurve,
  filmFloor,
  judgeAir,
  rewetsFor,
  usualAir,
  usualAiring,
  vapourCurve,
  type Against,
  type Airing,
  type Film,
  type GenericActive,
  type Holding,
  type HoldingLever,
  type HouseRules,
  type Prediction,
  type RoomAir,
} from '@zymostat/core';
import { useMemo, useState } from 'react';
import { DRAWS, useWorkerDraws } from '../../workers/useWorkerDraws.ts';
import { Segments } from '../../ui/Choice.tsx';
import { LineChart, type Line } from '../../ui/LineChart.tsx';
import { Slider } from '../../ui/Slider.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { Window } from '../../ui/Window.tsx';
import type { HoldingWorker } from '../../workers/holding.worker.ts';

interface Props {
  title: string;
  active: GenericActive;
  strength: number;
  seconds: number;
  against: Against;
  prediction: Prediction;
  area: number;
  room: RoomRow;
  rules: HouseRules;
  onClose: () => void;
}

const hues: Record<string, string> = {
  peroxide: '#3457C8',
  alcohol: '#945B07',
  vinegar: '#8C2F63',
};
const airingNames: Record<Airing, string> = {
  closed: w.name('wetPage', 'windowClosed'),
  ajar: w.name('wetPage', 'windowAjar'),
  open: w.name('wetPage', 'windowOpen'),
  fan: w.name('wetPage', 'windowFan'),
};
const leverWords: Record<HoldingLever, string> = {
  coat: w.name('wetPage', 'aThickerCoat'),
  temperature: w.name('wetPage', 'aCoolerRoom'),
  humidity: w.name('wetPage', 'aDamperRoom'),
  airSpeed: w.name('wetPage', 'lessDraughtTheFanOff'),
  strength: w.name('wetPage', 'aFullerStrength'),
};

/** Where the curves are worth drawing to, s. */
const shownUntil = (seconds: number, wetUntil: number) =>
  Math.max(seconds * 1.3, Math.min(wetUntil * 1.05, Math.max(seconds * 3, 600)));

const Chance = ({
  film,
  air,
  floor,
  needed,
  coatsOn,
}: {
  film: Film;
  air: RoomAir;
  floor: number;
  needed: number;
  coatsOn: number;
}) => {
  const { drawn, ask, cancel } = useWorkerDraws<HoldingWorker, Holding>(
    () =>
      new Worker(new URL('../../workers/holding.worker.ts', import.meta.url), { type: 'module' }),
  );
  if (drawn.state === 'drawing')
    return (
      <p role="status">
        {w.say('wetPage.sprayedOfTimes', {
          done: drawn.done.toLocaleString(w.locale),
          DRAWS: DRAWS.toLocaleString(w.locale),
        })}{' '}
        <button className="btn btn--quiet" onClick={cancel}>
          {w.name('wetPage', 'cancel')}
        </button>
      </p>
    );
  if (drawn.state !== 'drawn')
    return (
      <p>
        <button
          className="btn btn--quiet"
          onClick={() =>
            void ask((worker, tell) => worker.draw(film, air, floor, needed, coatsOn, DRAWS, tell))
          }
        >
          {w.name('wetPage', 'howSureAsPeopleSpray')}
        </button>
      </p>
    );
  const { held, draws, lever } = drawn.result;
  return (
    <p role="status">
      {rich('wetPage.itHoldsTimesIn100', {
        b: (text: ReactNode) => <b className="fig">{text}</b>,
        floor: Math.floor((100 * held) / draws),
        lever: leverWords[lever],
      })}
    </p>
  );
};

/**
 * How a coat dries there, and what it leaves in the air: move what the room is like, and see. All
 * of it is an estimate.
 */
const WetTime = ({
  title,
  active,
  strength,
  seconds,
  against,
  prediction,
  area,
  room,
  rules,
  onClose,
}: Props) => {
  const { family } = activeFacts[active];
  const start = usualAir[room.ventilation];
  const [microns, setMicrons] = useState(coats[prediction.application] * 1e6);
  const [temperature, setTemperature] = useState(start.temperature);
  const [humidity, setHumidity] = useState(start.humidity * 100);
  const [draught, setDraught] = useState(start.airSpeed);
  const [airing, setAiring] = useState<Airing>(usualAiring[room.ventilation]);
  const floor = filmFloor(active, against, rules);
  const volume = room.floorArea * room.height;

  const { film, air, drying, vapour, rewets, breathing } = useMemo(() => {
    const ofFilm: Film = { active, strength, thickness: microns * 1e-6 };
    const ofAir: RoomAir = {
      temperature,
      humidity: humidity / 100,
      airSpeed: draught,
      length: start.length,
    };
    const dry = dryingCurve(ofFilm, ofAir, floor);
    const again = rewetsFor(Math.floor(dry.aboveFloorUntil), seconds);
    const wetFor = Math.max(seconds, 120);
    const cut = dry.times.findIndex((t) => t > wetFor);
    const wiped =
      cut < 0
        ? dry
        : {
            times: dry.times.slice(0, Math.max(2, cut + 1)),
            gone: dry.gone.slice(0, Math.max(2, cut + 1)),
          };
    const inAir = vapourCurve(
      active,
      [0, ...again.at].map((at) => ({ area, at, drying: wiped })),
      volume,
      airChanges[airing],
    );
    return {
      film: ofFilm,
      air: ofAir,
      drying: dry,
      rewets: again,
      vapour: inAir,
      breathing: judgeAir(active, inAir),
    };
  }, [
    active,
    strength,
    microns,
    temperature,
    humidity,
    draught,
    airing,
    floor,
    seconds,
    area,
    volume,
    start.length,
  ]);

  const end = shownUntil(seconds, drying.wetUntil);
  const minutes = (values: number[], scale: number) =>
    values
      .map((y, i) => ({ x: drying.times[i]! / 60, y: y * scale }))
      .filter(({ x }) => x <= end / 60);
  const hue = hues[family];
  const flat = (name: string, y: number, until: number, axis?: 'right'): Line => ({
    name,
    points: [
      { x: 0, y },
      { x: until / 60, y },
    ],
    dashed: true,
    ...(axis ? { axis } : {}),
  });
  const film0 = drying.mass[0]!;
  const filmLines: Line[] = [
    { name: w.name('wetPage', 'strength'), points: minutes(drying.strength, 100), colour: hue },
    {
      name: w.name('wetPage', 'filmLeft'),
      points: minutes(drying.mass, 100 / film0),
      colour: '#54635D',
      axis: 'right',
    },
    ...(floor > 0 ? [flat('floor', floor * 100, end)] : []),
    ...(seconds > 0
      ? [
          {
            name: w.name('wetPage', 'required'),
            points: [
              { x: seconds / 60, y: 0 },
              { x: seconds / 60, y: Math.max(strength * 110, floor * 110) },
            ],
            dashed: true,
          },
        ]
      : []),
  ];
  const limits = genericFacts[active].air;
  const airEnd = Math.min(vapour.times.at(-1)!, 5400);
  const most = Math.max(...vapour.ppm);
  const airLines: Line[] = [
    {
      name: w.name('wetPage', 'vapour'),
      points: vapour.times
        .map((t, i) => ({ x: t / 60, y: vapour.ppm[i]! }))
        .filter(({ x }) => x <= airEnd / 60),
      colour: hue,
    },
    ...(limits.shortTerm !== null
      ? [flat(w.name('wetPage', 'shortTermLimit'), limits.shortTerm, airEnd)]
      : []),
    flat(w.name('wetPage', 'limitOverAWorkingDay'), limits.day, airEnd),
  ];
  const holds = Math.floor(drying.aboveFloorUntil);
  return (
    <Window
      open
      wide
      title={`${title}: ${strengthOf(w, active, strength)} ${w.name('active', active)}`}
      onClose={onClose}
    >
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[1fr_260px]">
        <div className="min-w-0">
          <p className="verdict__say mb-5 text-[19px]" role="status">
            {seconds === 0
              ? w.name('wetPage', 'itOnlyCleansNothingHas')
              : holds >= seconds
                ? w.say('wetPage.oneCoatHoldsForMore', {
                    holds: clock(holds),
                    holds2: clock(holds - seconds),
                  })
                : w.say('wetPage.oneCoatHoldsForShort', {
                    holds: clock(holds),
                    seconds: clock(seconds - holds),
                    count: rewets.count,
                    every: clock(rewets.every),
                  })}
          </p>
          {seconds > 0 && (
            <div className="mb-4">
              <WetBand
                family={family}
                required={seconds}
                held={
                  rewets.count > 0 ? Math.max(seconds, rewets.count * rewets.every + holds) : holds
                }
                rewets={rewets.at}
                estimate
                scale
              />
            </div>
          )}
          <h3>{w.name('wetPage', 'filmAndStrengthEstimate')}</h3>
          <LineChart
            label={w.say('wetPage.strengthAndFilmOverTime', {
              holds: clock(holds),
              floor: clock(Math.floor(drying.wetUntil)),
            })}
            lines={filmLines}
            x={{ title: w.name('common', 'minutes'), most: end / 60 }}
            left={{ title: `% ${activeFacts[active].basis}` }}
            right={{ title: w.name('wetPage', 'ofTheFilm'), most: 100 }}
          />
          <h3 className="mt-4">
            {w.say('wetPage.airInThisRoomOf', { volume: volume.toFixed(0) })}
          </h3>
          <LineChart
            label={w.say('wetPage.vapourOverTimePpmAt', { round: Math.round(most) })}
            lines={airLines}
            x={{ title: w.name('common', 'minutes'), most: airEnd / 60 }}
            left={{ title: w.name('common', 'ppm') }}
          />
          <p className="mt-1">
            {breathing.outcome !== 'use' && <b>{reasonInWords(w, breathing)} </b>}
            {w.name('wetPage', 'upTo')}{' '}
            <b className="fig">
              {rich('wetPage.ppm', { most: most >= 10 ? Math.round(most) : most.toFixed(2) })}
            </b>
            {w.name('wetPage', 'overAQuarterOfAn')}{' '}
            <b className="fig">
              {vapour.shortTerm >= 10 ? Math.round(vapour.shortTerm) : vapour.shortTerm.toFixed(2)}
            </b>
            {limits.shortTerm !== null && (
              <>
                {rich('wetPage.of', {
                  soft: (text: ReactNode) => <span className="fig">{text}</span>,
                  shortTerm: limits.shortTerm,
                })}
              </>
            )}
            .{' '}
            {vapour.reentry > 0
              ? w.say('wetPage.stayOutUntilAfterThe', { reentry: clock(vapour.reentry) })
              : w.name('wetPage', 'oneMayStay')}{' '}
            <span className="small soft">{sourceInWords(w, breathing.source)}</span>
          </p>
        </div>
        <div className="grid content-start gap-4">
          <Slider
            label={w.name('wetPage', 'coat')}
            value={Math.round(microns)}
            from={5}
            to={120}
            step={5}
            unit={w.name('wetPage', 'm')}
            onChange={setMicrons}
          />
          <Slider
            label={w.name('wetPage', 'draughtOverIt')}
            value={draught}
            from={0.02}
            to={1}
            step={0.02}
            unit={w.name('wetPage', 'mS')}
            onChange={setDraught}
          />
          <Slider
            label={w.name('wetPage', 'humidity')}
            value={Math.round(humidity)}
            from={10}
            to={95}
            step={5}
            unit="%"
            onChange={setHumidity}
          />
          <Slider
            label={w.name('wetPage', 'temperature')}
            value={temperature}
            from={8}
            to={34}
            step={1}
            unit={w.name('wetPage', 'c')}
            onChange={setTemperature}
          />
          <Segments
            label={w.name('wetPage', 'window')}
            value={airing}
            onChange={setAiring}
            options={(Object.keys(airingNames) as Airing[]).map((one) => ({
              value: one,
              name: airingNames[one],
            }))}
          />
          {seconds > 0 && (
            <Chance
              key={[microns, temperature, humidity, draught].join()}
              film={film}
              air={air}
              floor={floor}
              needed={rewets.count > 0 ? rewets.every : seconds}
              coatsOn={rewets.count + 1}
            />
          )}
          <p className="small soft">{w.name('wetPage', 'aCoatOf50M')}</p>
        </div>
      </div>
      <p className="mt-4">
        <button className="btn" onClick={onClose}>
          {w.name('wetPage', 'close')}
        </button>
      </p>
      <StandingNote />
    </Window>
  );
};
export default WetTime;
