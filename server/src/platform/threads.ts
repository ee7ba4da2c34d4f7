import { existsSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';

const MOST_THREADS = 2;
const IDLE_MS = 30_000;
/** Nothing takes so long; a file that somebody has made to hold a thread does. */
const LONGEST_MS = 20_000;
/** What takes more than this is ended, MB. */
const MOST_MEMORY = 300;

const pools = new Map<string, Piscina>();

const poolOf = (file: string): Piscina => {
  const known = pools.get(file);
  if (known) return known;
  const pool = new Piscina({
    filename: file,
    minThreads: 0,
    maxThreads: MOST_THREADS,
    idleTimeout: IDLE_MS,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY },
  });
  pools.set(file, pool);
  return pool;
};

/**
 * Works on a thread of its own: `name` is what the module `worker` exports, beside the built server
 * or one folder above. Where nothing was built, on this thread.
 */
export const onThread = async <Done>(worker: string, name: string, job: object): Promise<Done> => {
  const built = ['./', '../'].map((folder) => new URL(`${folder}${worker}.js`, import.meta.url));
  const file = built.map((one) => fileURLToPath(one)).find((one) => existsSync(one));
  if (file !== undefined)
    return poolOf(file).run(job, { name, signal: AbortSignal.timeout(LONGEST_MS) });
  const source = new URL(`../${worker}.ts`, import.meta.url);
  const exported = (await import(source.href)) as Record<string, (job: object) => Done>;
  return exported[name]!(job);
};

/** Ends the threads, where there are any. */
export const closeThreads = async (): Promise<void> => {
  const open = [...pools.values()];
  pools.clear();
  await Promise.all(open.map((pool) => pool.destroy()));
};
