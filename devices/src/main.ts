import { startDevices } from './start.ts';

/** Prints where it listens, as lines of NAME=PORT, and plays on until it is stopped. */
const { ports, close } = await startDevices();
for (const [name, port] of Object.entries(ports)) console.log(`${name}=${port}`);
const stop = () => {
  close();
  process.exit(0);
};
process.on('SIGINT', stop);
process.on('SIGTERM', stop);
