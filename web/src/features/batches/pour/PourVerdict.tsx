import type { HouseRules } from '@zymostat/core';
import { nameOfBatch, reasonInWords, strengthOf } from '@zymostat/words';
import { Verdict } from '../../../ui/parts.tsx';
import { dateOf, momentOf } from '../../../ui/times.ts';
import { rich } from '../../../words/rich.tsx';
import { w } from '../../../words/words.ts';
import type { Asked, ToPour } from './usePour.ts';

interface Props {
  asked: Asked;
  toPour: ToPour;
  rules: HouseRules;
  now: number;
  /** It is being poured step by step: recorded from there. */
  pouring: boolean;
  busy: boolean;
  onRecord: () => void;
}

const TWO_DAYS_MS = 172_800_000;

const sayOf = ({ asked, toPour, rules }: Props): string => {
  const { strength, refused, possible, notFromThis } = toPour;
  if (strength === undefined) return w.name('bench', 'sayHowStrongItIs');
  const { active } = asked.stock;
  const what = `${strengthOf(w, active, strength)} ${w.name('active', active)}`;
  const called = nameOfBatch(w, active, strength, rules);
  if (!refused) return w.say('bench.itIs', { what, called });
  if (!possible) return w.say('bench.cannotBeMadeFromThis', { what });
  if (notFromThis) return w.say('bench.isNotPouredFromThis', { what });
  return w.say('bench.notToIs', { purpose: asked.purpose, what, called });
};

const keepsUntil = ({ toPour: { refused, discardAfter }, now }: Props) =>
  refused || discardAfter === undefined
    ? undefined
    : w.say('bench.discardAfter2', {
        discardAfter:
          discardAfter - now < TWO_DAYS_MS ? momentOf(discardAfter) : dateOf(discardAfter),
      });

const WhyNot = ({ verdict }: { verdict: NonNullable<ToPour['verdict']> }) => (
  <p className="bar-never mb-3">
    {rich('bench.never', {
      soft: (text) => <span>{text}</span>,
      reasons: verdict.reasons
        .filter(({ outcome }) => outcome === 'never')
        .map((one) => reasonInWords(w, one))
        .join(' '),
    })}
  </p>
);

/** What it will be and until when, or why it is not poured. */
export const PourVerdict = (props: Props) => {
  const { toPour, pouring, busy, onRecord } = props;
  const { verdict, refused, pour } = toPour;
  return (
    <>
      <Verdict say={sayOf(props)} why={keepsUntil(props)}>
        <button
          className={`btn ${pouring ? '' : 'btn--main'}`}
          disabled={!pour || refused || busy || pouring}
          onClick={onRecord}
        >
          {w.name('bench', 'recordTheBatch')}
        </button>
      </Verdict>
      {refused && verdict && <WhyNot verdict={verdict} />}
    </>
  );
};
