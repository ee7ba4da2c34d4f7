import { useEffect, useRef } from 'react';
import { ring, soundWanted } from '../../store/sound.ts';
import { w } from '../../words/words.ts';
import { dueAt, isAlone, type Stop } from './stop.ts';

const dueNow = (stops: readonly Stop[], now: number) =>
  stops.filter(isAlone).flatMap((stop) => {
    const due = dueAt(stop, now);
    return due && due.at <= now ? [{ stop, what: due.what }] : [];
  });

/** Says what is due where nobody looks at the page: in its title, and aloud where that is wanted. */
export const useDueSignal = (stops: readonly Stop[], now: number): void => {
  const due = dueNow(stops, now);
  const said = due.map(
    ({ stop, what }) => `${w.name('round', `${what}Now`)}: ${stop.surface.name}`,
  );
  const key = said.join(', ');
  const before = useRef(key);
  useEffect(() => {
    document.title = key === '' ? w.name('shell', 'zymostat') : key;
    const isMore = due.length > 0 && key !== before.current;
    before.current = key;
    if (isMore && soundWanted()) ring();
  }, [key, due.length]);
  useEffect(() => () => void (document.title = w.name('shell', 'zymostat')), []);
};
