import type { Family } from '@zymostat/core';
import { about, clock, duration } from '@zymostat/words';
import type { CSSProperties } from 'react';
import { w } from '../words/words.ts';

interface Props {
  family: Family | undefined;
  /** All in seconds. */
  required: number;
  /** What was recorded as held; absent where nothing has been wet yet. */
  held?: number;
  /** The clock runs: filled to here, pale from here to the notch. */
  now?: number;
  /** Known to have been wet up to here; from there on nobody knows. */
  shown?: number;
  /** When coats after the first went on. */
  rewets?: number[];
  axis?: number;
  /** `held` is what a model says, not what was recorded. */
  estimate?: boolean;
  tiny?: boolean;
  scale?: boolean;
  /** The longest time: what lies past it harms. `required` is then when somebody looks. */
  wall?: number;
}

const seconds = (values: Record<string, number | undefined>): CSSProperties =>
  Object.fromEntries(
    Object.entries(values)
      .filter(([, value]) => value !== undefined)
      .map(([key, value]) => [`--${key}`, value]),
  );

const shortInWords = (held: number, required: number): string =>
  held < required ? clock(required - held) : 'none';

/** What works by itself: so far, and at most. */
const lyingInWords = ({ now = 0 }: Props, wall: number): string =>
  w.say('common.lying', {
    now: clock(now),
    most: duration(w, wall),
    over: now > wall ? clock(now - wall) : 'no',
  });

const inWords = (props: Props): string => {
  const { required, held, now, shown, estimate, rewets = [], wall } = props;
  if (wall !== undefined) return lyingInWords(props, wall);
  const needed = duration(w, required);
  if (now !== undefined) return w.say('common.wetSoFar', { now: clock(now), needed });
  if (held !== undefined && shown !== undefined && shown < held && held >= required)
    return w.say('common.shownOf', { held: clock(held), shown: clock(shown), needed });
  if (held === undefined) return w.say('common.required', { needed });
  const short = shortInWords(held, required);
  return estimate
    ? w.say('common.holdsEstimate', { needed, held: about(w, held), rewets: rewets.length, short })
    : w.say('common.held', { held: clock(held), needed, short });
};

/** Where a band ends by itself: a little after what is required, or what was held. */
const axisOf = ({ axis, required, held, now, wall }: Props): number => {
  if (wall !== undefined) return Math.max(axis ?? wall * 1.15, (now ?? 0) * 1.02);
  if (axis !== undefined) return axis;
  const longest = required > 0 ? required * 1.6 : Infinity;
  return Math.max(required * 1.15, Math.min((now ?? held ?? 0) * 1.05, longest), 60);
};

/** What of the time is filled, how much is missing: absent where nothing has been wet yet. */
const filledOf = ({ required, held, now, shown }: Props) => ({
  running: now !== undefined,
  filled: now ?? held,
  unshown: shown !== undefined && shown < (now ?? held ?? 0) ? shown : undefined,
  short: now === undefined && held !== undefined && held < required ? required - held : undefined,
});
/** Up to where it is drawn full: what runs is pale from the clock to the notch. */
const fullTo = ({ required, held, now, wall }: Props, axis: number): number | undefined => {
  if (now !== undefined) return Math.max(wall ?? required, now);
  return held === undefined ? undefined : Math.min(held, axis);
};
type Filled = ReturnType<typeof filledOf>;

type Drawn = { band: Props; filled: Filled; axis: number };

const Stretches = ({ band: { required, now, held, wall }, filled, axis }: Drawn) => (
  <>
    {filled.filled === undefined ? (
      <i className="wet-band__ahead" style={seconds({ now: 0, held: wall ?? required })} />
    ) : (
      <i className="wet-band__held" />
    )}
    {filled.running && now! < (wall ?? required) && <i className="wet-band__ahead" />}
    {filled.short !== undefined && <i className="wet-band__short" />}
    {filled.unshown !== undefined && (
      <i
        className="wet-band__unshown"
        style={seconds({ from: filled.unshown, to: Math.min(now ?? held ?? 0, axis) })}
      />
    )}
  </>
);

/** A longest time, and red past it what was too long. */
const Wall = ({ at, now }: { at: number; now: number | undefined }) => (
  <>
    {now !== undefined && now > at && (
      <i className="wet-band__over" style={seconds({ from: at, to: now })} />
    )}
    <i className="wet-band__wall" style={seconds({ at })} />
  </>
);

/** Where the figure of a running clock stands: on the band, and clear of the notch. */
const placeOfNow = (now: number, required: number, axis: number): number => {
  const least = axis * 0.08;
  return Math.min(Math.max(now, least), Math.max(required * 0.72, least));
};

const Labels = ({ band: { required, now, wall }, filled: { short }, axis }: Drawn) => (
  <>
    {short !== undefined && (
      <span className="wet-band__missing">{w.say('common.short', { short: clock(short) })}</span>
    )}
    {now !== undefined && <i className="wet-band__now" />}
    {now !== undefined && now < required && (
      <span className="wet-band__say" style={seconds({ at: placeOfNow(now, required, axis) })}>
        {clock(now)}
      </span>
    )}
    {required > 0 && wall === undefined && (
      <span className="wet-band__say" style={seconds({ at: required })}>
        {clock(required)}
      </span>
    )}
    {wall !== undefined && (
      <span className="wet-band__say" style={seconds({ at: wall })}>
        {duration(w, wall)}
      </span>
    )}
  </>
);

/** Seconds between the labels under a band, so that they never touch. */
const tickOf = (axis: number) =>
  [60, 120, 300, 600, 1200, 1800, 3600].find((tick) => axis / tick <= 7) ?? 7200;

const Scale = ({ axis }: { axis: number }) => {
  const every = tickOf(axis);
  const ticks = Array.from({ length: Math.floor(axis / every) + 1 }, (_, i) => i * every);
  const last = ticks.at(-1);
  return (
    <span className="wet-band__scale" style={seconds({ tick: every > 1200 ? every : 60 })}>
      {ticks.map((at) => (
        <i key={at} style={seconds({ at })}>
          {at > 0 && at === last ? w.say('common.min', { minutes: at / 60 }) : at / 60}
        </i>
      ))}
    </span>
  );
};

/**
 * Length is time. Pale is what is still to come, full is what was held, an open stretch is what was
 * missing. What is predicted says that it is an estimate; without a record or an estimate the band
 * shows the time required.
 */
export const WetBand = (props: Props) => {
  const { family, required, now, rewets = [], tiny = false, scale = false, wall } = props;
  const axis = axisOf(props);
  const filled = filledOf(props);
  const drawn = { band: props, filled, axis };
  return (
    <span
      className={`wet-band ${tiny ? 'wet-band--tiny' : ''} ${filled.running ? 'wet-band--running' : ''}`}
      data-family={family}
      role="img"
      aria-label={inWords(props)}
      style={seconds({ axis, need: required, held: fullTo(props, axis), now })}
    >
      <span className="wet-band__track">
        <Stretches {...drawn} />
        {rewets.map((at) => (
          <i key={at} className="wet-band__drop" style={seconds({ at })} />
        ))}
        {required > 0 && <i className="wet-band__notch" />}
        {wall !== undefined && <Wall at={wall} now={now} />}
        {!tiny && <Labels {...drawn} />}
      </span>
      {scale && <Scale axis={axis} />}
    </span>
  );
};
