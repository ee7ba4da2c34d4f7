import { duration, clock, about } from '@zymostat/words';
import { w } from '../words/words.ts';
import type { Family } from '@zymostat/core';
import type { CSSProperties } from 'react';

interface Props {
  family: Family | undefined;
  /** All in seconds. */
  required: number;
  /** What was recorded as held; absent where nothing has been wet yet. */
  held?: number;
  /** The clock runs: filled to here, pale from here to the notch. */
  now?: number;
  /** When coats after the first went on. */
  rewets?: number[];
  axis?: number;
  /** `held` is what a model says, not what was recorded. */
  estimate?: boolean;
  tiny?: boolean;
  scale?: boolean;
}

const seconds = (values: Record<string, number | undefined>): CSSProperties =>
  Object.fromEntries(
    Object.entries(values)
      .filter(([, value]) => value !== undefined)
      .map(([key, value]) => [`--${key}`, value]),
  );

const inWords = ({ required, held, now, estimate, rewets = [] }: Props): string => {
  const needed = w.say('common.required', { required: duration(w, required) });
  if (now !== undefined) return w.say('common.wetSoFar', { now: clock(now), needed });
  if (held === undefined) return needed;
  if (estimate)
    return w.say('common.holdsEstimate', {
      needed,
      held: about(w, held),
      rewetsCount:
        rewets.length > 0
          ? w.say('common.with', {
              rewetsCount: rewets.length,
            })
          : held < required
            ? w.say('common.short', { required: clock(required - held) })
            : '',
    });
  return w.say('common.held', {
    held: clock(held),
    needed,
    held2: held < required ? w.say('common.short', { required: clock(required - held) }) : '',
  });
};

/** Minutes between the labels under a band, so that they never touch. */
const tickOf = (axis: number) => [60, 120, 300, 600, 1200].find((tick) => axis / tick <= 7) ?? 1800;

/**
 * Length is time. Pale is what is still to come, full is what was held, an open stretch is what was
 * missing. What is predicted says that it is an estimate; without a record or an estimate the band
 * shows the time required.
 */
export const WetBand = (props: Props) => {
  const { family, required, held, now, rewets = [], tiny = false, scale = false } = props;
  const axis =
    props.axis ??
    Math.max(
      required * 1.15,
      Math.min((now ?? held ?? 0) * 1.05, required > 0 ? required * 1.6 : Infinity),
      60,
    );
  const running = now !== undefined;
  const filled = running
    ? Math.min(now, axis)
    : held === undefined
      ? undefined
      : Math.min(held, axis);
  const short = !running && held !== undefined && held < required;
  const every = tickOf(axis);
  return (
    <span
      className={`wet-band ${tiny ? 'wet-band--tiny' : ''} ${running ? 'wet-band--running' : ''}`}
      data-family={family}
      role="img"
      aria-label={inWords(props)}
      style={seconds({
        axis,
        need: required,
        held: running ? Math.max(required, now) : filled,
        now,
      })}
    >
      <span className="wet-band__track">
        {filled === undefined ? (
          <i className="wet-band__ahead" style={seconds({ now: 0, held: required })} />
        ) : (
          <i className="wet-band__held" />
        )}
        {running && now < required && <i className="wet-band__ahead" />}
        {short && <i className="wet-band__short" />}
        {short && !tiny && (
          <span className="wet-band__missing">
            {w.say('common.short2', { required: clock(required - held) })}
          </span>
        )}
        {rewets.map((at) => (
          <i key={at} className="wet-band__drop" style={seconds({ at })} />
        ))}
        {required > 0 && <i className="wet-band__notch" />}
        {running && !tiny && <i className="wet-band__now" />}
        {running && !tiny && now < required && (
          <span
            className="wet-band__say"
            style={seconds({
              at: Math.min(Math.max(now, axis * 0.08), Math.max(required * 0.72, axis * 0.08)),
            })}
          >
            {clock(now)}
          </span>
        )}
        {!tiny && required > 0 && (
          <span className="wet-band__say" style={seconds({ at: required })}>
            {clock(required)}
          </span>
        )}
      </span>
      {scale && (
        <span className="wet-band__scale" style={seconds({ tick: Math.min(60, every) })}>
          {Array.from({ length: Math.floor(axis / every) + 1 }, (_, i) => i * every).map((at) => (
            <i key={at} style={seconds({ at })}>
              {at / 60}
              {at > 0 && at + every > axis ? w.name('common', 'min') : ''}
            </i>
          ))}
        </span>
      )}
    </span>
  );
};
