import { useEffect, useRef } from 'react';
import { w } from '../../words/words.ts';
import { dueAt, isWet, type Stop } from './stop.ts';

const KEY = 'zymostat.sound';

/** Whether the person wants to hear it; nothing as long as nobody was asked. */
export const soundWanted = (): boolean | null => {
  const said = localStorage.getItem(KEY);
  return said === null ? null : said === 'yes';
};

let audio: AudioContext | undefined;

/** A tap lets the page make sounds; browsers allow none before one. */
export const wantSound = (yes: boolean): void => {
  localStorage.setItem(KEY, yes ? 'yes' : 'no');
  if (yes) ring();
};

/** Two short tones, and the phone shakes where it can. */
const ring = (): void => {
  navigator.vibrate?.([200, 100, 200]);
  audio ??= new AudioContext();
  void audio.resume();
  for (const [after, pitch] of [
    [0, 880],
    [0.25, 1175],
  ] as const) {
    const tone = audio.createOscillator();
    const loud = audio.createGain();
    loud.gain.value = 0.2;
    tone.frequency.value = pitch;
    tone.connect(loud).connect(audio.destination);
    tone.start(audio.currentTime + after);
    tone.stop(audio.currentTime + after + 0.18);
  }
};

const dueNow = (stops: readonly Stop[], now: number) =>
  stops.filter(isWet).flatMap((stop) => {
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
