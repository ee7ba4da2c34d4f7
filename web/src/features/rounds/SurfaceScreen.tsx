import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import {
  cleanedNames,
  cleanedStep,
  clock as clockWords,
  familyNames,
  stepOrders,
  strengthShort,
  type BatchRow,
} from '@zymostat/contract';
import {
  activeFacts,
  isRinse,
  outcomeOf,
  partOf,
  secondsBetween,
  type EventKind,
  type StepPart,
} from '@zymostat/core';
import { WetBand } from '../../ui/WetBand.tsx';
import type { Stop } from './useRound.ts';

interface Props {
  stop: Stop;
  rows: BatchRow[];
  hand: string | null;
  now: number;
  onHand: (batchId: string) => void;
  onDo: (kind: EventKind) => void;
  onWipe: () => void;
  onNext: (() => void) | undefined;
}

const bottleName = (row: BatchRow) =>
  `${familyNames[activeFacts[row.active].family]} ${strengthShort(row.active, row.strength)}, bottle ${row.code}`;

/**
 * The bottle in hand. Every bottle can be named, the wrong ones too, so that a wrong one is refused
 * and not hidden.
 */
const Bottle = ({ rows, hand, onHand }: Pick<Props, 'rows' | 'hand' | 'onHand'>) => {
  const row = rows.find((one) => one.id === hand);
  return (
    <Listbox value={hand} onChange={(id: string | null) => id && onHand(id)}>
      <ListboxButton
        className="input input--choice phone__bottle"
        aria-label={`Bottle in hand: ${row ? bottleName(row) : 'none'}`}
      >
        <span className="flex min-w-0 items-center gap-3">
          {row && (
            <i className="fill h-4 w-9 flex-none" data-family={activeFacts[row.active].family} />
          )}
          <span className="truncate">
            {row ? bottleName(row) : 'Which bottle is in your hand?'}
          </span>
        </span>
      </ListboxButton>
      <ListboxOptions anchor="bottom start" className="options w-(--button-width) text-[17px]">
        {rows.map((one) => (
          <ListboxOption
            key={one.id}
            value={one.id}
            className="options__one flex items-center gap-3"
          >
            <i className="fill h-3.5 w-8 flex-none" data-family={activeFacts[one.active].family} />
            {bottleName(one)}
          </ListboxOption>
        ))}
      </ListboxOptions>
    </Listbox>
  );
};

/**
 * What is due now of a surface's steps: all that makes it safe first, then each part as it comes.
 */
const partsNow = ({ clock, treatment }: Stop): StepPart[] => {
  if (clock.wetSince !== null) return ['wet', 'after'];
  if (treatment.flushes && !clock.lifted) return ['first'];
  if (!clock.washed) return ['first', 'clean'];
  return clock.done || clock.stretches.at(-1)?.ended === 'wiped' ? ['after'] : ['put'];
};

/**
 * The orders for what comes now, in plain words, and why the supervisor allowed what needs care.
 */
const Orders = ({ stop }: { stop: Stop }) => {
  const { surface } = stop;
  const parts = partsNow(stop);
  const due = stepOrders(surface.steps, surface).filter(({ step }) => parts.includes(partOf(step)));
  return (
    <>
      {due.length > 0 && (
        <ol className="phone__orders" aria-label="What to do">
          {due.map(({ step, order }, i) => (
            <li key={i} data-part={partOf(step)}>
              {order}
            </li>
          ))}
        </ol>
      )}
      {surface.accepted && (
        <p className="phone__words">
          Allowed with care: <b>{surface.accepted}</b>
        </p>
      )}
    </>
  );
};

const Wet = ({ stop, now, onDo, onWipe }: Props) => {
  const { clock, treatment } = stop;
  const since = clock.wetSince!;
  const held = secondsBetween(since, now);
  const left = treatment.seconds - held;
  const met = left <= 0;
  const rewets = clock.coats.slice(1).map((at) => secondsBetween(since, at));
  const family = treatment.use ? activeFacts[treatment.use.active].family : undefined;
  return (
    <>
      <div className="phone__clock">
        <span
          className={`fig ${Math.abs(left) >= 600 ? 'fig--long' : ''}`}
          role="timer"
          aria-label={met ? 'over the wet time by' : 'wet time left'}
        >
          {clockWords(Math.abs(left))}
        </span>
        <p>
          {treatment.seconds === 0 ? (
            <>
              on,
              <br />
              then wipe
            </>
          ) : met ? (
            <>
              met,
              <br />
              wipe it
            </>
          ) : (
            <>
              more, kept wet,
              <br />
              then wipe
            </>
          )}
        </p>
      </div>
      {treatment.seconds > 0 && (
        <div className="phone__band">
          <WetBand
            family={family}
            required={treatment.seconds}
            now={held}
            rewets={rewets}
            axis={Math.max(treatment.seconds * 1.12, held * 1.02)}
            scale
          />
        </div>
      )}
      <p className="phone__words">
        {treatment.seconds === 0 ? (
          'It only cleans: no time to wait for.'
        ) : met ? (
          'The wet time is met.'
        ) : (
          <>
            Re-wet it <b>before it dries</b>. Found dry, it starts again from nothing.
          </>
        )}
      </p>
      <div className="phone__acts">
        {met ? (
          <button className="btn btn--main" onClick={onWipe}>
            Wiped<small>{treatment.seconds > 0 ? `after ${clockWords(held)}` : 'and done'}</small>
          </button>
        ) : (
          <button className="btn btn--main" onClick={() => onDo('rewet')}>
            I have re-wet it
            <small>
              {clock.coats.length} {clock.coats.length === 1 ? 'coat' : 'coats'} so far
            </small>
          </button>
        )}
        <button className="btn" onClick={() => onDo('found-dry')}>
          Found it dry
        </button>
        {met ? (
          <button className="btn" onClick={() => onDo('rewet')}>
            Re-wet
          </button>
        ) : (
          <button className="btn btn--locked" onClick={onWipe}>
            Wipe at {clockWords(treatment.seconds)}
          </button>
        )}
      </div>
    </>
  );
};

/** Before, between and after: the next step of a surface that is not wet. */
const NotWet = ({ stop, onDo, onNext }: Props) => {
  const { surface, treatment, clock } = stop;
  const last = clock.stretches.at(-1);
  const outcome = outcomeOf(clock, treatment);
  const dry = last?.ended === 'found-dry' && !clock.done;
  const rinseNext = last?.ended === 'wiped' && !clock.done;
  const step: { kind: EventKind; say: string; note: string } | null =
    treatment.flushes && !clock.lifted
      ? treatment.lifts
        ? {
            kind: 'lifted',
            say: 'Tablet out, flushed twice',
            note: 'gloves on; it goes into its own bag',
          }
        : { kind: 'lifted', say: 'Bowl flushed', note: 'nothing of it left' }
      : !clock.washed
        ? {
            kind: 'washed',
            say: cleanedNames[cleanedStep(surface.steps)]!,
            note: treatment.use ? 'dirt makes it too weak' : 'that is all it needs',
          }
        : rinseNext
          ? {
              kind: 'rinsed',
              say: 'Rinsed',
              note:
                surface.steps.find(isRinse) === 'rinse-drinking'
                  ? 'with drinking water'
                  : 'with clean water',
            }
          : clock.done
            ? null
            : {
                kind: 'applied',
                say: 'Applied',
                note:
                  treatment.seconds > 0
                    ? `starts ${clockWords(treatment.seconds)}`
                    : 'no wait, it only cleans',
              };
  const family = treatment.use ? activeFacts[treatment.use.active].family : undefined;
  return (
    <>
      {last && treatment.seconds > 0 && (
        <div className="phone__band">
          <WetBand family={family} required={treatment.seconds} held={last.heldSeconds} scale />
        </div>
      )}
      <p className="phone__words" role="status">
        {dry ? (
          <>
            <b>Found dry after {clockWords(last.heldSeconds)}.</b> It starts again from nothing.
          </>
        ) : outcome === 'not-met' && last ? (
          <>
            <b>Not met:</b> {clockWords(last.heldSeconds)} of {clockWords(treatment.seconds)}. It is
            recorded so.
          </>
        ) : outcome === 'met' && last ? (
          <>
            <b className="met-ink">Met:</b> {clockWords(last.heldSeconds)} of{' '}
            {clockWords(treatment.seconds)}.
          </>
        ) : clock.done ? (
          <>
            <b className="met-ink">Done.</b>
          </>
        ) : !treatment.use ? (
          'Cleaning is all it needs.'
        ) : treatment.seconds > 0 ? (
          <>
            Then apply, and keep it wet for <b>{clockWords(treatment.seconds)}</b>.
          </>
        ) : (
          'Then go over it, and wipe.'
        )}
      </p>
      <div className="phone__acts">
        {step && (
          <button className="btn btn--main" onClick={() => onDo(step.kind)}>
            {step.say}
            <small>{step.note}</small>
          </button>
        )}
        {clock.done && onNext && (
          <button className="btn btn--main" onClick={onNext}>
            Next surface
          </button>
        )}
        {(outcome === 'not-met' || rinseNext) && (
          <button className="btn col-span-2" onClick={() => onDo('applied')}>
            Apply again
          </button>
        )}
        {clock.washed && !step && outcome !== 'not-met' && treatment.use && (
          <button className="btn col-span-2" onClick={() => onDo('applied')}>
            Apply once more
          </button>
        )}
      </div>
    </>
  );
};

/** One surface at a time: what it is, what is on it, and the one next thing to do. */
export const SurfaceScreen = (props: Props) => {
  const { stop, rows, hand, onHand } = props;
  const { surface, clock, treatment } = stop;
  return (
    <>
      <section className="phone__surface">
        <h1>{surface.name}</h1>
        {treatment.use ? (
          <div className="mt-2">
            <Bottle rows={rows} hand={hand} onHand={onHand} />
          </div>
        ) : (
          <p className="phone__set" data-family="soap">
            <i className="fill" />
            {cleanedStep(surface.steps) === 'wash' ? 'Washing-up detergent' : 'Cleaned only'}
          </p>
        )}
      </section>
      {clock.wetSince !== null ? (
        <>
          <Wet {...props} />
          <Orders stop={stop} />
        </>
      ) : (
        <>
          <Orders stop={stop} />
          <NotWet {...props} />
        </>
      )}
    </>
  );
};
