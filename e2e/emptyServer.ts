import { execFileSync, spawn } from 'node:child_process';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';

const root = fileURLToPath(new URL('../', import.meta.url));

const freePort = (): Promise<number> =>
  new Promise((done) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo;
      server.close(() => done(port));
    });
  });

const answers = async (url: string): Promise<boolean> => {
  try {
    return (await fetch(`${url}/api/set-up`)).ok;
  } catch {
    return false;
  }
};

/** A server on a database of its own with nothing in it, as `./run serve` starts one. */
export const emptyServer = async (name: string) => {
  const given = process.env.DATABASE_URL!;
  execFileSync('psql', [given, '-q', '-c', `CREATE DATABASE ${name}`]);
  const database = new URL(given);
  database.pathname = `/${name}`;
  const port = await freePort();
  const env = { ...process.env, DATABASE_URL: database.href, PORT: String(port) };
  const run = (program: string) =>
    execFileSync(process.execPath, [`server/dist/${program}.js`], { cwd: root, env }).toString();
  run('migrate');
  // Nobody reads what it logs: a pipe would fill up and hold it.
  const server = spawn(process.execPath, ['server/dist/main.js'], {
    cwd: root,
    env,
    stdio: 'ignore',
  });
  const url = `http://127.0.0.1:${port}`;
  while (!(await answers(url))) await new Promise((done) => setTimeout(done, 100));
  return { url, code: run('setUpCode').trim(), stop: () => server.kill() };
};
