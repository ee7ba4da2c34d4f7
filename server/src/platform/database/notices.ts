import pg from 'pg';

const AGAIN_MS = 1000;

const channels = ['ledger', 'session'] as const;
export type Channel = (typeof channels)[number];
/** What was told; nothing where some may have been missed. */
type Hear = (payload: string | null) => void;

/** What other processes, on this machine or another, have told through the database. */
export interface Notices {
  /** Calls `hear` until the returned function is called. */
  on: (channel: Channel, hear: Hear) => () => void;
  close: () => Promise<void>;
}

/**
 * Listens to PostgreSQL's notices, and takes up again by itself when the connection is lost: what
 * was told meanwhile is not known, and that is said.
 */
export const listenTo = (url: string): Notices => {
  const hearers = new Map<Channel, Set<Hear>>(channels.map((one) => [one, new Set()]));
  const tell = (channel: string, payload: string | null) =>
    hearers.get(channel as Channel)?.forEach((hear) => hear(payload));
  let client: pg.Client | null = null;
  let again: NodeJS.Timeout | null = null;
  let closed = false;
  let lostOnce = false;

  const lost = () => {
    lostOnce = true;
    client?.end().catch(() => undefined);
    client = null;
    if (!closed && !again) again = setTimeout(() => void start(), AGAIN_MS);
  };
  const start = async () => {
    again = null;
    const next = new pg.Client({ connectionString: url });
    client = next;
    next.on('error', lost);
    next.on('notification', ({ channel, payload }) => tell(channel, payload ?? ''));
    try {
      await next.connect();
      for (const channel of channels) await next.query(`LISTEN ${channel}`);
      if (lostOnce) channels.forEach((channel) => tell(channel, null));
    } catch {
      lost();
    }
  };
  void start();

  return {
    on: (channel, hear) => {
      hearers.get(channel)!.add(hear);
      return () => hearers.get(channel)!.delete(hear);
    },
    close: async () => {
      closed = true;
      if (again) clearTimeout(again);
      await client?.end().catch(() => undefined);
    },
  };
};
