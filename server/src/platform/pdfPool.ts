import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';

/** The worker as built, beside the server or one folder above. */
const built = ['./pdfWorker.js', '../pdfWorker.js'].map((one) => new URL(one, import.meta.url));
/** As it stands in the source, where nothing was built: then it works on the same thread. */
const source = new URL('../pdfWorker.ts', import.meta.url);

const MOST_THREADS = 2;
const IDLE_MS = 30_000;
/** Nothing takes so long; a file that somebody has made to hold a thread does. */
const LONGEST_MS = 20_000;
/** A file that unpacks to more than this is not read, MB. */
const MOST_MEMORY = 300;

type Work = 'label' | 'poster' | 'report' | 'runSheet' | 'readPaper';
type Worker = Record<Work, (job: object) => Promise<Uint8Array>>;

let pool: Piscina | undefined;
const run = async (name: Work, job: object): Promise<Uint8Array> => {
  const file = built.map((one) => fileURLToPath(one)).find((one) => existsSync(one));
  if (file === undefined) return ((await import(source.href)) as Worker)[name](job);
  pool ??= new Piscina({
    filename: file,
    minThreads: 0,
    maxThreads: MOST_THREADS,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
  });
  return pool.run(job, {
    name,
    signal: AbortSignal.timeout(LONGEST_MS),
  }) as Promise<Uint8Array>;
};

const last = new Map<string, Promise<unknown>>();

/**
 * Lays a document out on a thread of its own. What one person asks for comes one after another, so
 * that twenty of theirs hold up nobody else.
 */
export const layOut = (personId: string, name: Work, job: object): Promise<Buffer> => {
  const before = last.get(personId) ?? Promise.resolve();
  const next = before.catch(() => undefined).then(() => run(name, job));
  last.set(personId, next);
  const done = () => {
    if (last.get(personId) === next) last.delete(personId);
  };
  next.then(done, done);
  return next.then((bytes) => Buffer.from(bytes));
};

/** Ends the threads, where there are any. */
export const closePool = async (): Promise<void> => {
  await pool?.destroy();
  pool = undefined;
};
