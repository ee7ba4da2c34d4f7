import { activeNames, percent, type StockRow } from '@zymostat/contract';
import {
  activeFacts,
  correctPour,
  doubtOfTare,
  inMillilitres,
  massOfStock,
  pourBand,
  strengthOfWeighed,
  type GenericActive,
  type Pour,
  type Purpose,
  type Span,
} from '@zymostat/core';
import { useState, type CSSProperties } from 'react';
import { api } from '../../app/api.ts';
import { useAppSelector } from '../../app/store.ts';
import { amountIn } from '../../ui/amounts.ts';
import { WentWrong } from '../../ui/parts.tsx';
import { StrengthRule } from '../../ui/StrengthRule.tsx';
import { useScale } from './useScale.ts';

export type How = 'measure' | 'scale';
export interface Weighed {
  stock: number;
  water: number;
}

interface Props {
  how: How;
  stock: StockRow & { active: GenericActive };
  target: number;
  purpose: Purpose;
  span: Span;
  pour: Pour;
  onDone: (weighed?: Weighed) => void;
  onLeave: () => void;
}

type Part = 'water' | 'stock';

const tareWords: Record<NonNullable<ReturnType<typeof doubtOfTare>>, (weight: string) => string> = {
  'below-zero': () =>
    'The scale was set to zero with something else on it. Is only the empty bottle on it now?',
  'no-bottle': (weight) => `Only ${weight} g: is a bottle on it?`,
  'not-empty': (weight) =>
    `${weight} g is heavy for an empty bottle. Is anything in it? Pour it out first.`,
};
const grams = (kilograms: number): string => (kilograms * 1000).toFixed(1);
const WATER_DENSITY = 998.2;
/** kg: what stands at zero is an empty, tared bottle; less than the slack nobody can pour. */
const ZERO = 0.0005;
const SLACK = 0.0001;

/**
 * Length is weight: what is in, what is still to come, the mark, and where it would be too much.
 * All in grams.
 */
const PourRule = ({
  now,
  target,
  most,
  axis,
}: {
  now: number;
  target: number;
  most: number;
  axis: number;
}) => (
  <div
    className="pour-rule"
    style={
      {
        '--axis': axis,
        '--target': target,
        '--now': Math.min(Math.max(0, now), axis),
        '--limit': most,
      } as CSSProperties
    }
    aria-hidden="true"
  >
    <i className="pour-rule__in" />
    {now < target && <i className="pour-rule__ok" />}
    <i className="pour-rule__target">
      <span className="fig">{target.toFixed(1)}</span>
    </i>
    {most < axis && (
      <i className="pour-rule__limit">
        <span>
          over <b className="fig">{most.toFixed(1)}</b>
        </span>
      </i>
    )}
  </div>
);

/**
 * Pours a batch step by step, in figures that read from a metre away: by measure, or filling up
 * with the scale. What was poured too much is put right for the whole batch.
 */
export const PourSteps = ({ how, stock, target, purpose, span, pour, onDone, onLeave }: Props) => {
  const units = useAppSelector((state) => state.units);
  const reading = useScale(how === 'scale');
  const [tare, taring] = api.useTareScaleMutation();
  const [meant, setMeant] = useState<Record<Part, number>>({
    water: pour.water * WATER_DENSITY,
    stock: massOfStock(stock.active, stock.strength, pour.stock),
  });
  const [poured, setPoured] = useState<Record<Part, number>>({ water: 0, stock: 0 });
  const [begun, begin] = useState(how === 'measure');
  const [asked, ask] = useState(false);
  const [filled, setFilled] = useState<Part[]>([]);
  const [corrected, setCorrected] = useState(false);

  const parts: Part[] = meant.water > 0 ? ['water', 'stock'] : ['stock'];
  const missing = parts.find((part) => !filled.includes(part));
  const done = begun && missing === undefined;
  const current = missing ?? 'stock';
  const other: Part = current === 'water' ? 'stock' : 'water';

  const shown =
    reading.state === 'steady' || reading.state === 'moving' ? reading.grams / 1000 : undefined;
  const empty = shown !== undefined && Math.abs(shown) < ZERO;
  const now = shown === undefined ? 0 : Math.max(0, shown - poured[other]);
  // What is in already is as it is, not as it was meant.
  const band = pourBand(
    {
      active: stock.active,
      strength: stock.strength,
      meant: filled.includes(other) ? { ...meant, [other]: poured[other] } : meant,
      target,
      span: purpose === 'disinfect' ? span : { floor: 0, top: 1 },
    },
    current,
  );
  const steady = reading.state === 'steady';
  const weighing = how === 'scale' && begun && !done;
  const over = weighing && steady && now > band.to + SLACK;
  const reached = now >= band.from - SLACK && !over;
  const nameOf = (one: Part) => (one === 'water' ? 'Water' : stock.name);
  const standing = weighing ? { ...poured, [current]: now } : poured;
  const strength =
    standing.stock > 0.0005
      ? strengthOfWeighed(stock.active, stock.strength, standing.stock, standing.water).strength
      : undefined;
  const whole = strengthOfWeighed(stock.active, stock.strength, meant.stock, meant.water);

  const doubtful = begun ? null : doubtOfTare(shown ?? 0, meant.water + meant.stock);
  const doubt = asked ? doubtful : null;
  // With something in the bottle already, what is in it would count as the bottle.
  const setToZero = async () => {
    if (doubtful && !asked) {
      ask(true);
      return;
    }
    const result = await tare();
    if (!result.error) begin(true);
  };
  const next = () => {
    setPoured({ ...poured, [current]: how === 'scale' ? now : meant[current] });
    setFilled([...filled, current]);
  };
  const correct = () => {
    const put = { ...poured, [current]: now };
    const { toPour } = correctPour(
      parts.map((one) => meant[one]),
      parts.map((one) => put[one]),
    );
    setMeant(
      Object.fromEntries(parts.map((one, i) => [one, put[one] + toPour[i]!])) as Record<
        Part,
        number
      >,
    );
    setPoured(put);
    setFilled(parts.filter((_, i) => toPour[i]! < SLACK));
    setCorrected(true);
  };

  const measured = (one: Part): string =>
    amountIn(units, one === 'water' ? pour.water : pour.stock, one === 'water' ? 'down' : 'up');
  const ml = (one: Part): string =>
    `${inMillilitres(one === 'water' ? pour.water : pour.stock).toFixed(0)} ml`;
  const perGram = (one: Part) => (one === 'water' ? pour.water : pour.stock) / meant[one];
  const say = done ? (
    <>
      Poured. It holds <b className="fig">{grams(poured.water + poured.stock)} g</b>.
    </>
  ) : doubt ? (
    <>{tareWords[doubt](grams(shown ?? 0))}</>
  ) : !begun ? (
    empty ? (
      'The scale is at zero. Is the empty bottle on it?'
    ) : (
      'Put the empty bottle on, then set the scale to zero.'
    )
  ) : how === 'measure' ? (
    <>Pour the {nameOf(current).toLowerCase()}</>
  ) : over ? (
    <>
      {grams(now - meant[current])} g too much {nameOf(current).toLowerCase()}.
    </>
  ) : reached ? (
    <>Enough {nameOf(current).toLowerCase()}.</>
  ) : (
    <>
      Pour <b className="fig">{grams(Math.max(0, meant[current] - now))} g</b> more{' '}
      {nameOf(current).toLowerCase()}
    </>
  );

  return (
    <section
      className="weigh on-ink"
      aria-label={how === 'scale' ? 'Weigh out, live' : 'Pour step by step'}
    >
      <div>
        <p className="crumb">
          <b>{how === 'scale' ? 'Weigh out' : 'Pour'}</b> · {percent(target)}{' '}
          {activeNames[stock.active]}
        </p>
        <ol className="weigh__steps">
          {how === 'scale' && (
            <li className={begun ? 'done' : ''} aria-current={begun ? undefined : 'step'}>
              <span>Bottle, tared</span>
              <span className="fig">0 g</span>
            </li>
          )}
          {parts.map((one) => (
            <li
              key={one}
              className={filled.includes(one) ? 'done' : ''}
              aria-current={begun && missing === one ? 'step' : undefined}
            >
              <span>{nameOf(one)}</span>
              <span className="fig">{how === 'scale' ? `${grams(meant[one])} g` : ml(one)}</span>
            </li>
          ))}
        </ol>
      </div>
      <div>
        {how === 'scale' ? (
          <>
            <p className="weigh__figure fig">
              {shown === undefined ? '–' : grams(weighing ? now : shown)}
              <small>g</small>
            </p>
            <p className="small">
              <span className="live-dot" />
              {reading.state === 'away'
                ? 'No scale answers'
                : reading.state === 'overload'
                  ? 'Overload: take something off'
                  : `Scale, ${reading.state}`}
            </p>
          </>
        ) : (
          <>
            <p className="weigh__figure fig">
              {done
                ? inMillilitres(pour.total).toFixed(0)
                : inMillilitres(current === 'water' ? pour.water : pour.stock).toFixed(0)}
              <small>ml</small>
            </p>
            <p className="small">
              {!done && units === 'us' ? measured(current) : done ? 'in the bottle' : ''}
            </p>
          </>
        )}
      </div>
      <div className="min-w-0">
        <p className="weigh__say" role="status">
          {say}
        </p>
        {weighing && (
          <PourRule
            now={now * 1000}
            target={meant[current] * 1000}
            most={band.to * 1000}
            axis={Math.max(meant[current] * 1.35, now * 1.05) * 1000}
          />
        )}
        {how === 'measure' && !done && (
          <p className="small soft">
            From <b className="fig">{inMillilitres(band.from * perGram(current)).toFixed(0)}</b> to{' '}
            <b className="fig">{inMillilitres(band.to * perGram(current)).toFixed(0)} ml</b> keeps
            it in strength.{' '}
            {parts.indexOf(current) > 0 && (
              <>
                In the vessel so far: <b className="fig">{ml('water')}</b>.
              </>
            )}
          </p>
        )}
        {over && (
          <p className="mt-2">
            The whole batch is put right: it becomes{' '}
            <b className="fig">
              {grams(meant.water * (now / meant[current]) + meant.stock * (now / meant[current]))} g
            </b>
            , and the rest follows.
          </p>
        )}
        {corrected && !over && !done && (
          <p className="small mt-2">
            Corrected: the batch is now{' '}
            <b className="fig">{inMillilitres(whole.volume).toFixed(0)} ml</b>.
          </p>
        )}
        <WentWrong error={taring.error} />
        <p className="mt-3 flex flex-wrap gap-3">
          {!begun && !empty && (
            <button
              className="btn btn--main"
              disabled={!steady || taring.isLoading}
              onClick={() => void setToZero()}
            >
              {doubt ? 'It is the empty bottle' : 'Set to zero'}
            </button>
          )}
          {!begun && empty && (
            <button className="btn btn--main" onClick={() => begin(true)}>
              Yes, begin
            </button>
          )}
          {begun &&
            !done &&
            (over ? (
              <button className="btn btn--main" onClick={correct}>
                Correct the batch
              </button>
            ) : (
              <button
                className="btn btn--main"
                disabled={how === 'scale' && !(reached && steady)}
                onClick={next}
              >
                {nameOf(current)} is in
              </button>
            ))}
          {done && (
            <button
              className="btn btn--main"
              onClick={() => onDone(how === 'scale' ? poured : undefined)}
            >
              Record the batch
            </button>
          )}
          <button className="btn btn--on-ink" onClick={onLeave}>
            Leave it
          </button>
        </p>
      </div>
      <div>
        <p className="small soft flex justify-between">
          <span>Strength as it stands</span>
          <span>
            will be <b className="fig text-ink">{percent(whole.strength)}</b>
          </span>
        </p>
        <StrengthRule
          family={activeFacts[stock.active].family}
          stock={stock.strength}
          span={purpose === 'disinfect' ? span : { floor: 0, top: 1 }}
          batch={strength}
        />
      </div>
    </section>
  );
};
