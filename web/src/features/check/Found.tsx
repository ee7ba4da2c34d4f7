import type { Checked } from '@zymostat/contract';
import { Verdict } from '../../ui/parts.tsx';
import { dateOf, timeOf } from '../../ui/times.ts';
import { w } from '../../words/words.ts';

const momentIn = (ms: number): string => `${dateOf(ms)}, ${timeOf(ms)}`;

/** What a paper is, in a sentence and why. */
const sentence = (found: Checked): { say: string; why: string } => {
  switch (found.is) {
    case 'stands':
      return {
        say: w.say('paper.stands', { at: momentIn(found.at) }),
        why: w.say('paper.standsWhy', { rows: found.rows }),
      };
    case 'differs':
      return {
        say: w.say('paper.differs', { count: found.differing.length + found.missing }),
        why: w.say('paper.differsWhy', { at: momentIn(found.at) }),
      };
    case 'broken':
      return {
        say: w.name('paper', 'broken'),
        why: w.say('paper.brokenWhy', { count: found.rows, at: momentIn(found.at) }),
      };
    case 'another':
      return {
        say: w.say('paper.another', { company: found.company }),
        why: w.name('paper', 'anotherWhy'),
      };
    default:
      return { say: w.name('paper', found.is), why: w.name('paper', `${found.is}Why`) };
  }
};

/** The rows of a paper as a thread: those that are not what was signed hang off it. */
const Thread = ({ whole, hanging }: { whole: number; hanging: number }) => (
  <p className="thread" aria-hidden="true">
    {Array.from({ length: Math.min(whole, 60) }, (_, i) => (
      <i key={i} />
    ))}
    {Array.from({ length: Math.min(hanging, 20) }, (_, i) => (
      <i key={`off ${i}`} className="thread__off" />
    ))}
    <b className={hanging > 0 ? 'thread__open' : ''} />
  </p>
);

const Differing = ({ found }: { found: Extract<Checked, { is: 'differs' }> }) => (
  <>
    <table className="ledger mt-4">
      <thead>
        <tr>
          <th>{w.name('paper', 'paperSays')}</th>
          <th />
        </tr>
      </thead>
      <tbody>
        {found.differing.map((line, i) => (
          <tr key={i}>
            <td>
              <b>{line}</b>
            </td>
            <td className="soft">{w.name('paper', 'inRecord')}</td>
          </tr>
        ))}
      </tbody>
    </table>
    {found.missing > 0 && (
      <p className="mt-3">{w.say('paper.missing', { count: found.missing })}</p>
    )}
  </>
);

/** What was found of a paper, and what that does not say. */
export const Found = ({ found }: { found: Checked }) => {
  const { say, why } = sentence(found);
  return (
    <>
      <p className="crumb">
        <b>{w.name('paper', 'answer')}</b>
      </p>
      <Verdict say={say} why={why} />
      {found.is === 'stands' && (
        <>
          <Thread whole={found.rows} hanging={0} />
          <p className="mt-3">{w.name('paper', found.compared ? 'standsFile' : 'standsCode')}</p>
          {found.added > 0 && (
            <p className="mt-3">{w.say('paper.added', { count: found.added })}</p>
          )}
        </>
      )}
      {found.is === 'differs' && (
        <>
          <Thread whole={12} hanging={found.differing.length} />
          <Differing found={found} />
        </>
      )}
      <h2 className="mt-6 mb-1">{w.name('paper', 'notSaid')}</h2>
      <p>{w.name('paper', 'notSaidWhy')}</p>
    </>
  );
};
