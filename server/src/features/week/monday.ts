const DAY_MS = 86_400_000;

/** A day as YYYY-MM-DD, by universal time. */
export const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

/** When the Monday of the week of a moment begins, by universal time. */
export const mondayOf = (ms: number): number => {
  const today = Math.floor(ms / DAY_MS) * DAY_MS;
  return today - ((new Date(today).getUTCDay() + 6) % 7) * DAY_MS;
};

/** So many days later. */
export const daysLater = (ms: number, days: number): number => ms + days * DAY_MS;
