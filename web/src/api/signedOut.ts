const KEY = 'zymostat.signed-out';

/**
 * Whoever signs out is out on this device at once, also where the server cannot be told: it is told
 * before anything else is asked of it.
 */
export const signedOut = {
  mark: (): void => localStorage.setItem(KEY, 'yes'),
  clear: (): void => localStorage.removeItem(KEY),
  isMarked: (): boolean => localStorage.getItem(KEY) !== null,
};
