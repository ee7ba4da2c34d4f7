import { isCurrency, isZone, LEAST_PASSWORD, LOGIN } from '@zymostat/contract';
import { w } from '../../words/words.ts';
import { line } from './lines.ts';

/** A password that somebody chooses. The server knows the commonest. */
export const newPasswordLine = line(
  (text) => (text.length >= LEAST_PASSWORD ? null : w.name('begin', 'aPassword')),
  (text) => text,
);

/** A name that somebody will sign in with. */
export const loginLine = line(
  (text) => (LOGIN.test(text.trim()) ? null : w.name('begin', 'aLogin')),
  (text) => text.trim(),
);

/** A code of ISO 4217, however it is written. */
export const currencyLine = line(
  (text) =>
    isCurrency(text.trim().toUpperCase()) ? null : w.say('begin.aCurrency', { found: text }),
  (text) => text.trim().toUpperCase(),
);

export const zoneLine = line(
  (text) => (isZone(text.trim()) ? null : w.say('begin.aZone', { found: text })),
  (text) => text.trim(),
);
