import type { Words } from '@zymostat/words';

/** Days and times as they are told in a language and a time zone. */
export const timesIn = ({ locale }: Words, timeZone: string) => {
  const of = (options: Intl.DateTimeFormatOptions) => {
    const format = new Intl.DateTimeFormat(locale, { timeZone, hourCycle: 'h23', ...options });
    return (ms: number) => format.format(ms);
  };
  return {
    day: of({ weekday: 'long', day: 'numeric', month: 'long', year: 'numeric' }),
    time: of({ hour: '2-digit', minute: '2-digit' }),
    moment: of({ day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' }),
    exact: of({
      day: 'numeric',
      month: 'short',
      year: 'numeric',
      timeStyle: undefined,
      hour: '2-digit',
      minute: '2-digit',
      second: '2-digit',
    }),
  };
};
export type Times = ReturnType<typeof timesIn>;
