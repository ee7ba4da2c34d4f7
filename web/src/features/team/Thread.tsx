import './thread.css';
import type { BookReadings } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { threadOf, type Span } from './readThread.ts';

interface Props {
  personId: string;
  readings: BookReadings;
  span: Span;
}

const percent = (share: number): string => `${100 * share}%`;

/** What one person has read of the book, through its editions: whole, dotted, or open at the end. */
export const Thread = ({ personId, readings, span }: Props) => {
  const { stretches, read, open } = threadOf(personId, readings, span);
  return (
    <span
      className="thread"
      role="img"
      aria-label={w.name('team', open ? 'hasNotRead' : 'hasRead')}
    >
      {readings.editions
        .filter(({ at }) => at >= span.from)
        .map(({ edition, at }) => (
          <i
            key={edition}
            className="thread__edition"
            style={{ left: percent((at - span.from) / (span.to - span.from)) }}
          />
        ))}
      {stretches.map(({ from, to, read: whole }) => (
        <i
          key={from}
          className={whole ? 'thread__whole' : 'thread__dots'}
          style={{ left: percent(from), width: percent(to - from) }}
        />
      ))}
      {read.map((at) => (
        <i key={at} className="thread__read" style={{ left: percent(at) }} />
      ))}
      {open && <i className="thread__open" />}
    </span>
  );
};
