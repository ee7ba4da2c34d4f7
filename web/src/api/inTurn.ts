const queues = new Map<string, Promise<unknown>>();

/**
 * Does one piece of work after another for each home, so that a second change builds on what the
 * first has made.
 */
export const inTurn = <T>(homeId: string, work: () => Promise<T>): Promise<T> => {
  const before = queues.get(homeId) ?? Promise.resolve();
  const next = before.then(work, work);
  queues.set(
    homeId,
    next.catch(() => undefined),
  );
  return next;
};
