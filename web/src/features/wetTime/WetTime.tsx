import { activeNames, clock, reasonInWords, strengthOf, type RoomRow } from '@zymostat/contract';
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
import { DRAWS, useWorkerDraws } from '../../app/useWorkerDraws.ts';
import { Segments } from '../../ui/Choice.tsx';
import { LineChart, type Line } from '../../ui/LineChart.tsx';
import { Slider } from '../../ui/Slider.tsx';
import { StandingNote } from '../../ui/parts.tsx';
import { WetBand } from '../../ui/WetBand.tsx';
import { Window } from '../../ui/Window.tsx';
import type { HoldingWorker } from './holding.worker.ts';

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
  closed: 'closed',
  ajar: 'ajar',
  open: 'open',
  fan: 'fan',
};
const leverWords: Record<HoldingLever, string> = {
  coat: 'a thicker coat',
  temperature: 'a cooler room',
  humidity: 'a damper room',
  airSpeed: 'less draught: the fan off, the window to, while it is wet',
  strength: 'a fuller strength',
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
    () => new Worker(new URL('./holding.worker.ts', import.meta.url), { type: 'module' }),
  );
  if (drawn.state === 'drawing')
    return (
      <p role="status">
        Sprayed {drawn.done.toLocaleString('en-GB')} of {DRAWS.toLocaleString('en-GB')} times …{' '}
        <button className="btn btn--quiet" onClick={cancel}>
          Cancel
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
          How sure, as people spray?
        </button>
      </p>
    );
  const { held, draws, lever } = drawn.result;
  return (
    <p role="status">
      It holds <b className="fig">{Math.floor((100 * held) / draws)}</b> times in 100, as people
      spray (estimate). What helps most: {leverWords[lever]}.
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
    { name: 'strength', points: minutes(drying.strength, 100), colour: hue },
    {
      name: 'film left',
      points: minutes(drying.mass, 100 / film0),
      colour: '#54635D',
      axis: 'right',
    },
    ...(floor > 0 ? [flat('floor', floor * 100, end)] : []),
    ...(seconds > 0
      ? [
          {
            name: 'required',
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
      name: 'vapour',
      points: vapour.times
        .map((t, i) => ({ x: t / 60, y: vapour.ppm[i]! }))
        .filter(({ x }) => x <= airEnd / 60),
      colour: hue,
    },
    ...(limits.shortTerm !== null ? [flat('short-term limit', limits.shortTerm, airEnd)] : []),
    flat('limit over a working day', limits.day, airEnd),
  ];
  const holds = Math.floor(drying.aboveFloorUntil);
  return (
    <Window
      open
      wide
      title={`${title}: ${strengthOf(active, strength)} ${activeNames[active]}`}
      onClose={onClose}
    >
      <div className="grid gap-x-8 gap-y-4 md:grid-cols-[1fr_260px]">
        <div className="min-w-0">
          <p className="verdict__say mb-5 text-[19px]" role="status">
            {seconds === 0
              ? 'It only cleans: nothing has to stay wet.'
              : holds >= seconds
                ? `One coat holds for ${clock(holds)}: ${clock(holds - seconds)} more than it needs.`
                : `One coat holds for ${clock(holds)}, ${clock(seconds - holds)} short: re-wet ${rewets.count === 1 ? 'once' : `${rewets.count} times`}, every ${clock(rewets.every)}.`}
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
          <h3>Film and strength, estimate</h3>
          <LineChart
            label={`Strength and film over time: above the floor until ${clock(holds)}, wet until ${clock(Math.floor(drying.wetUntil))}`}
            lines={filmLines}
            x={{ title: 'minutes', most: end / 60 }}
            left={{ title: `% ${activeFacts[active].basis}` }}
            right={{ title: '% of the film', most: 100 }}
          />
          <h3 className="mt-4">Air in this room of {volume.toFixed(0)} m³, estimate</h3>
          <LineChart
            label={`Vapour over time: ${Math.round(most)} ppm at most`}
            lines={airLines}
            x={{ title: 'minutes', most: airEnd / 60 }}
            left={{ title: 'ppm' }}
          />
          <p className="mt-1">
            {breathing.outcome !== 'use' && <b>{reasonInWords(breathing)} </b>}Up to{' '}
            <b className="fig">{most >= 10 ? Math.round(most) : most.toFixed(2)} ppm</b>; over a
            quarter of an hour{' '}
            <b className="fig">
              {vapour.shortTerm >= 10 ? Math.round(vapour.shortTerm) : vapour.shortTerm.toFixed(2)}
            </b>
            {limits.shortTerm !== null && (
              <>
                {' '}
                of <span className="fig">{limits.shortTerm}</span>
              </>
            )}
            .{' '}
            {vapour.reentry > 0
              ? `Stay out until ${clock(vapour.reentry)} after the first coat.`
              : 'One may stay.'}{' '}
            <span className="small soft">{breathing.source}</span>
          </p>
        </div>
        <div className="grid content-start gap-4">
          <Slider
            label="Coat"
            value={Math.round(microns)}
            from={5}
            to={120}
            step={5}
            unit="µm"
            onChange={setMicrons}
          />
          <Slider
            label="Draught over it"
            value={draught}
            from={0.02}
            to={1}
            step={0.02}
            unit="m/s"
            onChange={setDraught}
          />
          <Slider
            label="Humidity"
            value={Math.round(humidity)}
            from={10}
            to={95}
            step={5}
            unit="%"
            onChange={setHumidity}
          />
          <Slider
            label="Temperature"
            value={temperature}
            from={8}
            to={34}
            step={1}
            unit="°C"
            onChange={setTemperature}
          />
          <Segments
            label="Window"
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
          <p className="small soft">
            A coat of 50 µm is about 50 ml a m²; a damp cloth leaves 15. The model knows water and
            alcohol, still and moving air; it does not know your surface. Found dry is found dry.
          </p>
        </div>
      </div>
      <p className="mt-4">
        <button className="btn" onClick={onClose}>
          Close
        </button>
      </p>
      <StandingNote />
    </Window>
  );
};
export default WetTime;
