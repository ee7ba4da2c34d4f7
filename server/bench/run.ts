import { spawn, type ChildProcess } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { dirname, join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Worker } from 'node:worker_threads';

/** A program that was built beside the one that runs. */
const besides = (name: string): string => join(dirname(process.argv[1]!), `${name}.js`);

export const freePort = (): Promise<number> =>
  new Promise((done) => {
    const probe = createServer().listen(0, '127.0.0.1', () => {
      const { port } = probe.address() as AddressInfo;
      probe.close(() => done(port));
    });
  });

/** A built program of the server's beside this one, on a port of its own. */
export const startBuilt = async (
  name: string,
  env: Record<string, string>,
): Promise<{ base: string; stop: () => Promise<void>; child: ChildProcess }> => {
  const port = await freePort();
  const file = besides(name);
  const child = spawn(process.execPath, [file], {
    env: { ...process.env, ...env, PORT: String(port) },
    stdio: ['ignore', 'ignore', 'inherit'],
  });
  const base = `http://127.0.0.1:${port}`;
  for (let i = 0; i < 200; i += 1) {
    if (
      await fetch(`${base}/api/openapi.json`).then(
        () => true,
        () => false,
      )
    )
      break;
    await pause(50);
  }
  const stop = () =>
    new Promise<void>((done) => {
      child.once('exit', () => done());
      child.kill('SIGTERM');
    });
  return { base, stop, child };
};

/** Runs a client on a thread of its own, and gives what it says at the end. */
export const runClient = <Said>(name: string, workerData: object): Promise<Said> =>
  new Promise((done, failed) => {
    const client = new Worker(besides(name), { workerData });
    client.once('message', done);
    client.once('error', failed);
  });

export const quantile = (times: readonly number[], part: number): number => {
  const sorted = [...times].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(sorted.length * part))] ?? NaN;
};

/** The most memory that a process has held while it ran, MB, watched until it ends or is stopped. */
export const watchPeak = (child: ChildProcess): (() => number) => {
  let peak = 0;
  const look = () => {
    try {
      const status = readFileSync(`/proc/${child.pid}/status`, 'utf8');
      peak = Math.max(peak, Number(/VmHWM:\s+(\d+)/.exec(status)?.[1] ?? 0) / 1024);
    } catch {
      clearInterval(timer);
    }
  };
  const timer = setInterval(look, 100);
  return () => {
    look();
    clearInterval(timer);
    return peak;
  };
};

/** Runs a built program to its end; how long it took, and the most memory it held. */
export const runBuilt = async (
  name: string,
  env: Record<string, string>,
): Promise<{ seconds: number; peak: number; said: string }> => {
  const file = besides(name);
  const begun = performance.now();
  const child = spawn(process.execPath, [file], { env: { ...process.env, ...env } });
  const peakOf = watchPeak(child);
  let said = '';
  child.stdout.on('data', (part: Buffer) => (said += part.toString()));
  await new Promise((done) => child.once('exit', done));
  return { seconds: (performance.now() - begun) / 1000, peak: peakOf(), said };
};
