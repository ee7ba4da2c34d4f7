import type { HomeDetail } from '@zymostat/contract';
import { w } from '../../words/words.ts';

/** Whose home it is, and who lives there. */
export const Whose = ({ home }: { home: HomeDetail }) => (
  <>
    <b>
      {home.name}, {home.place}
    </b>{' '}
    {home.situations.map((one) => (
      <span key={one}>· {w.name('situation', one)}</span>
    ))}
  </>
);
