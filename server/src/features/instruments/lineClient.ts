import { connect, type Socket } from 'node:net';

const AGAIN_MS = 1000;
const ANSWER_MS = 2000;

/** Splits what arrives into lines. */
const eachLine = (socket: Socket, hear: (line: string) => void): void => {
  let rest = '';
  socket.setEncoding('utf8');
  socket.on('data', (chunk: string) => {
    const lines = (rest + chunk).split('\n');
    rest = lines.pop()!.slice(-1000);
    lines.forEach(hear);
  });
};
const at = (address: string) => {
  const [host = '127.0.0.1', port = '0'] = address.split(':');
  return connect(Number(port), host);
};

/** Sends one line and gives the first that comes back. */
export const ask = (address: string, line: string): Promise<string> =>
  new Promise((done, failed) => {
    const socket = at(address);
    const late = setTimeout(() => socket.destroy(new Error('no answer')), ANSWER_MS);
    socket.on('error', failed);
    socket.on('close', () => failed(new Error('closed')));
    eachLine(socket, (heard) => {
      clearTimeout(late);
      done(heard);
      socket.destroy();
    });
    socket.write(`${line}\n`);
  });

export interface LineStream {
  listen: (hear: (line: string | null) => void) => () => void;
  say: (line: string) => boolean;
  close: () => void;
}

/**
 * One connection that all who listen share: held while somebody does, taken up again when it is
 * lost. `null` says that it is away.
 */
export const lineStream = (address: string): LineStream => {
  const hearers = new Set<(line: string | null) => void>();
  let socket: Socket | null = null;
  let again: NodeJS.Timeout | null = null;
  const tell = (line: string | null) => hearers.forEach((hear) => hear(line));
  const open = () => {
    again = null;
    const next = at(address);
    socket = next;
    eachLine(next, tell);
    next.on('error', () => next.destroy());
    next.on('close', () => {
      // Let go of on purpose: whoever listens by now has a connection of their own.
      if (socket !== next) return;
      socket = null;
      tell(null);
      if (hearers.size > 0 && !again) again = setTimeout(open, AGAIN_MS);
    });
  };
  const close = () => {
    if (again) clearTimeout(again);
    again = null;
    const last = socket;
    socket = null;
    last?.destroy();
  };
  return {
    listen: (hear) => {
      hearers.add(hear);
      if (!socket && !again) open();
      return () => {
        hearers.delete(hear);
        if (hearers.size === 0) close();
      };
    },
    say: (line) => socket?.write(`${line}\n`) ?? false,
    close,
  };
};
