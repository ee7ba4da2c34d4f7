import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { type StockRow } from '@zymostat/contract';
import { percent } from '@zymostat/words';
import { w } from '../../words/words.ts';
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
import { useTareScaleMutation } from './api.ts';
import { useAppSelector } from '../../store/store.ts';
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
  'below-zero': () => w.name('bench', 'theScaleWasSetTo'),
  'no-bottle': (weight) => w.say('bench.onlyGIsABottle', { weight }),
  'not-empty': (weight) => w.say('bench.gIsHeavyForAn', { weight }),
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
          {rich('bench.over', {
            b: (text: ReactNode) => <b className="fig">{text}</b>,
            most: most.toFixed(1),
          })}
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
  const [tare, taring] = useTareScaleMutation();
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
  const nameOf = (one: Part) => (one === 'water' ? w.name('bench', 'water') : stock.name);
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
    w.say('bench.ml4', {
      one: inMillilitres(one === 'water' ? pour.water : pour.stock).toFixed(0),
    });
  const perGram = (one: Part) => (one === 'water' ? pour.water : pour.stock) / meant[one];
  const say = done ? (
    <>
      {rich('bench.pouredItHoldsG', {
        b: (text: ReactNode) => <b className="fig">{text}</b>,
        water: grams(poured.water + poured.stock),
      })}
    </>
  ) : doubt ? (
    <>{tareWords[doubt](grams(shown ?? 0))}</>
  ) : !begun ? (
    empty ? (
      w.name('bench', 'theScaleIsAtZero')
    ) : (
      w.name('bench', 'putTheEmptyBottleOn')
    )
  ) : how === 'measure' ? (
    <>{w.say('bench.pourThe', { current: nameOf(current).toLowerCase() })}</>
  ) : over ? (
    <>
      {w.say('bench.gTooMuch', {
        now: grams(now - meant[current]),
        current: nameOf(current).toLowerCase(),
      })}
    </>
  ) : reached ? (
    <>{w.say('bench.enough', { current: nameOf(current).toLowerCase() })}</>
  ) : (
    <>
      {rich('bench.pourGMore', {
        b: (text: ReactNode) => <b className="fig">{text}</b>,
        max: grams(Math.max(0, meant[current] - now)),
        current: nameOf(current).toLowerCase(),
      })}
    </>
  );

  return (
    <section
      className="weigh on-ink"
      aria-label={
        how === 'scale' ? w.name('bench', 'weighOutLive') : w.name('bench', 'pourStepByStep')
      }
    >
      <div>
        <p className="crumb">
          <b>{how === 'scale' ? w.name('bench', 'weighOut') : w.name('bench', 'pour')}</b> ·{' '}
          {percent(w, target)} {w.name('active', stock.active)}
        </p>
        <ol className="weigh__steps">
          {how === 'scale' && (
            <li className={begun ? 'done' : ''} aria-current={begun ? undefined : 'step'}>
              <span>{w.name('bench', 'bottleTared')}</span>
              <span className="fig">{w.name('bench', 'n0G')}</span>
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
              <small>{w.name('bench', 'g2')}</small>
            </p>
            <p className="small">
              <span className="live-dot" />
              {reading.state === 'away'
                ? w.name('bench', 'noScaleAnswers')
                : reading.state === 'overload'
                  ? w.name('bench', 'overloadTakeSomethingOff')
                  : w.say('bench.scale', { state: reading.state })}
            </p>
          </>
        ) : (
          <>
            <p className="weigh__figure fig">
              {done
                ? inMillilitres(pour.total).toFixed(0)
                : inMillilitres(current === 'water' ? pour.water : pour.stock).toFixed(0)}
              <small>{w.name('bench', 'ml5')}</small>
            </p>
            <p className="small">
              {!done && units === 'us'
                ? measured(current)
                : done
                  ? w.name('bench', 'inTheBottle2')
                  : ''}
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
            {rich('bench.fromToMlKeepsIt', {
              b: (text: ReactNode) => <b className="fig">{text}</b>,
              from: inMillilitres(band.from * perGram(current)).toFixed(0),
              to: inMillilitres(band.to * perGram(current)).toFixed(0),
            })}{' '}
            {parts.indexOf(current) > 0 && (
              <>
                {rich('bench.inTheVesselSoFar', {
                  b: (text: ReactNode) => <b className="fig">{text}</b>,
                  value: ml('water'),
                })}
              </>
            )}
          </p>
        )}
        {over && (
          <p className="mt-2">
            {rich('bench.theWholeBatchIsPut', {
              b: (text: ReactNode) => <b className="fig">{text}</b>,
              water: grams(
                meant.water * (now / meant[current]) + meant.stock * (now / meant[current]),
              ),
            })}
          </p>
        )}
        {corrected && !over && !done && (
          <p className="small mt-2">
            {rich('bench.correctedTheBatchIsNow', {
              b: (text: ReactNode) => <b className="fig">{text}</b>,
              volume: inMillilitres(whole.volume).toFixed(0),
            })}
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
              {doubt ? w.name('bench', 'itIsTheEmptyBottle') : w.name('bench', 'setToZero')}
            </button>
          )}
          {!begun && empty && (
            <button className="btn btn--main" onClick={() => begin(true)}>
              {w.name('bench', 'yesBegin')}
            </button>
          )}
          {begun &&
            !done &&
            (over ? (
              <button className="btn btn--main" onClick={correct}>
                {w.name('bench', 'correctTheBatch')}
              </button>
            ) : (
              <button
                className="btn btn--main"
                disabled={how === 'scale' && !(reached && steady)}
                onClick={next}
              >
                {w.say('bench.isIn', { current: nameOf(current) })}
              </button>
            ))}
          {done && (
            <button
              className="btn btn--main"
              onClick={() => onDone(how === 'scale' ? poured : undefined)}
            >
              {w.name('bench', 'recordTheBatch')}
            </button>
          )}
          <button className="btn btn--on-ink" onClick={onLeave}>
            {w.name('bench', 'leaveIt')}
          </button>
        </p>
      </div>
      <div>
        <p className="small soft flex justify-between">
          <span>{w.name('bench', 'strengthAsItStands')}</span>
          <span>
            {rich('bench.willBe', {
              b: (text: ReactNode) => <b className="fig text-ink">{text}</b>,
              strength: percent(w, whole.strength),
            })}
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
