import pino, { type Logger } from 'pino';

export type { Logger };

/** One JSON line an event, on standard error, so that what a command prints stays its own. */
export const makeLog = (level = process.env.LOG_LEVEL ?? 'info'): Logger =>
  pino({ level, base: null, timestamp: pino.stdTimeFunctions.isoTime }, pino.destination(2));
