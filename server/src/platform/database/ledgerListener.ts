import pg from 'pg';

const AGAIN_MS = 1000;

export interface LedgerListener {
  /** Calls `hear` with the kind of each new fact until the returned function is called. */
  listen: (hear: (kind: string) => void) => () => void;
  close: () => Promise<void>;
}

/**
 * Listens to PostgreSQL's notices of new facts, and takes up again by itself when the connection is
 * lost.
 */
export const ledgerListener = (url: string): LedgerListener => {
  const hearers = new Set<(kind: string) => void>();
  let client: pg.Client | null = null;
  let again: NodeJS.Timeout | null = null;
  let closed = false;

  const lost = () => {
    client?.end().catch(() => undefined);
    client = null;
    if (!closed && !again) again = setTimeout(() => void start(), AGAIN_MS);
  };
  const start = async () => {
    again = null;
    const next = new pg.Client({ connectionString: url });
    client = next;
    next.on('error', lost);
    next.on('notification', ({ payload }) => hearers.forEach((hear) => hear(payload ?? '')));
    await next
      .connect()
      .then(() => next.query('LISTEN ledger'))
      .catch(lost);
  };
  void start();

  return {
    listen: (hear) => {
      hearers.add(hear);
      return () => hearers.delete(hear);
    },
    close: async () => {
      closed = true;
      if (again) clearTimeout(again);
      await client?.end().catch(() => undefined);
    },
  };
};
