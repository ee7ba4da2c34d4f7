import type { ReactNode } from 'react';
import { rich } from '../../words/rich.tsx';
import { Listbox, ListboxButton, ListboxOption, ListboxOptions } from '@headlessui/react';
import type { BatchRow } from '@zymostat/contract';
import { clock as clockWords } from '@zymostat/words';
import { strengthShort, stepOrders, cleanedStep } from '@zymostat/words';
import { w } from '../../words/words.ts';
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
  w.say('round.bottle2', {
    family: w.name('family', activeFacts[row.active].family),
    strength: strengthShort(w, row.active, row.strength),
    code: row.code,
  });

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
        aria-label={w.say('round.bottleInHand', {
          row: row ? bottleName(row) : w.name('round', 'noBottle'),
        })}
      >
        <span className="flex min-w-0 items-center gap-3">
          {row && (
            <i className="fill h-4 w-9 flex-none" data-family={activeFacts[row.active].family} />
          )}
          <span className="truncate">
            {row ? bottleName(row) : w.name('round', 'whichBottleIsInYour')}
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
  const due = stepOrders(w, surface.steps, surface).filter(({ step }) =>
    parts.includes(partOf(step)),
  );
  return (
    <>
      {due.length > 0 && (
        <ol className="phone__orders" aria-label={w.name('round', 'whatToDo')}>
          {due.map(({ step, order }, i) => (
            <li key={i} data-part={partOf(step)}>
              {order}
            </li>
          ))}
        </ol>
      )}
      {surface.accepted && (
        <p className="phone__words">
          {rich('round.allowedWithCare', {
            b: (text: ReactNode) => <b>{text}</b>,
            accepted: surface.accepted,
          })}
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
          aria-label={met ? w.name('round', 'overTheWetTimeBy') : w.name('round', 'wetTimeLeft')}
        >
          {clockWords(Math.abs(left))}
        </span>
        <p>
          {treatment.seconds === 0 ? (
            <>
              {w.name('round', 'on')}
              <br />
              {w.name('round', 'thenWipe')}
            </>
          ) : met ? (
            <>
              {w.name('round', 'met')}
              <br />
              {w.name('round', 'wipeIt')}
            </>
          ) : (
            <>
              {w.name('round', 'moreKeptWet')}
              <br />
              {w.name('round', 'thenWipe')}
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
          w.name('round', 'itOnlyCleansNoTime')
        ) : met ? (
          w.name('round', 'theWetTimeIsMet')
        ) : (
          <>{rich('round.reWetItBeforeIt', { b: (text: ReactNode) => <b>{text}</b> })}</>
        )}
      </p>
      <div className="phone__acts">
        {met ? (
          <button className="btn btn--main" onClick={onWipe}>
            {w.name('round', 'wiped')}
            <small>
              {treatment.seconds > 0
                ? w.say('round.after', { held: clockWords(held) })
                : w.name('round', 'andDone')}
            </small>
          </button>
        ) : (
          <button className="btn btn--main" onClick={() => onDo('rewet')}>
            {w.name('round', 'iHaveReWetIt')}
            <small>
              {rich('round.soFar', {
                coatsCount: clock.coats.length,
              })}
            </small>
          </button>
        )}
        <button className="btn" onClick={() => onDo('found-dry')}>
          {w.name('round', 'foundItDry')}
        </button>
        {met ? (
          <button className="btn" onClick={() => onDo('rewet')}>
            {w.name('round', 'reWet')}
          </button>
        ) : (
          <button className="btn btn--locked" onClick={onWipe}>
            {w.say('round.wipeAt', { seconds: clockWords(treatment.seconds) })}
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
            say: w.name('round', 'tabletOutFlushedTwice'),
            note: w.name('round', 'glovesOnItGoesInto'),
          }
        : {
            kind: 'lifted',
            say: w.name('round', 'bowlFlushed'),
            note: w.name('round', 'nothingOfItLeft'),
          }
      : !clock.washed
        ? {
            kind: 'washed',
            say: w.name('cleaned', cleanedStep(surface.steps))!,
            note: treatment.use
              ? w.name('round', 'dirtMakesItTooWeak')
              : w.name('round', 'thatIsAllItNeeds'),
          }
        : rinseNext
          ? {
              kind: 'rinsed',
              say: w.name('round', 'rinsed'),
              note:
                surface.steps.find(isRinse) === 'rinse-drinking'
                  ? w.name('round', 'withDrinkingWater')
                  : w.name('round', 'withCleanWater'),
            }
          : clock.done
            ? null
            : {
                kind: 'applied',
                say: w.name('round', 'applied'),
                note:
                  treatment.seconds > 0
                    ? w.say('round.starts', { seconds: clockWords(treatment.seconds) })
                    : w.name('round', 'noWaitItOnlyCleans'),
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
            {rich('round.foundDryAfterItStarts', {
              b: (text: ReactNode) => <b>{text}</b>,
              heldSeconds: clockWords(last.heldSeconds),
            })}
          </>
        ) : outcome === 'not-met' && last ? (
          <>
            {rich('round.notMetOfItIs', {
              b: (text: ReactNode) => <b>{text}</b>,
              heldSeconds: clockWords(last.heldSeconds),
              seconds: clockWords(treatment.seconds),
            })}
          </>
        ) : outcome === 'met' && last ? (
          <>
            {rich('round.metOf', {
              b: (text: ReactNode) => <b className="met-ink">{text}</b>,
              heldSeconds: clockWords(last.heldSeconds),
              seconds: clockWords(treatment.seconds),
            })}
          </>
        ) : clock.done ? (
          <>
            <b className="met-ink">{w.name('round', 'done')}</b>
          </>
        ) : !treatment.use ? (
          w.name('round', 'cleaningIsAllItNeeds')
        ) : treatment.seconds > 0 ? (
          <>
            {rich('round.thenApplyAndKeepIt', {
              b: (text: ReactNode) => <b>{text}</b>,
              seconds: clockWords(treatment.seconds),
            })}
          </>
        ) : (
          w.name('round', 'thenGoOverItAnd')
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
            {w.name('round', 'nextSurface')}
          </button>
        )}
        {(outcome === 'not-met' || rinseNext) && (
          <button className="btn col-span-2" onClick={() => onDo('applied')}>
            {w.name('round', 'applyAgain')}
          </button>
        )}
        {clock.washed && !step && outcome !== 'not-met' && treatment.use && (
          <button className="btn col-span-2" onClick={() => onDo('applied')}>
            {w.name('round', 'applyOnceMore')}
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
            {cleanedStep(surface.steps) === 'wash'
              ? w.name('round', 'washingUpDetergent')
              : w.name('round', 'cleanedOnly')}
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
