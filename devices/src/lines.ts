import { createServer, type AddressInfo, type Server, type Socket } from 'node:net';

const LONGEST = 200;

interface Talk {
  /** Answers one line, or says nothing. */
  answer: (line: string) => string | null;
  /** What is sent to everybody without being asked, and how often. */
  tell?: { every: number; line: () => string };
}

/** Serves a protocol of lines over TCP on loopback; gives the port it got. */
export const serveLines = async (
  port: number,
  { answer, tell }: Talk,
): Promise<{ port: number; close: () => void; server: Server }> => {
  const sockets = new Set<Socket>();
  const server = createServer((socket) => {
    sockets.add(socket);
    let rest = '';
    socket.setEncoding('utf8');
    socket.on('data', (chunk: string) => {
      const lines = (rest + chunk).split('\n');
      rest = lines.pop()!.slice(-LONGEST);
      for (const line of lines) {
        const said = line.trim() === '' ? null : answer(line.slice(0, LONGEST));
        if (said !== null) socket.write(`${said}\n`);
      }
    });
    socket.on('error', () => socket.destroy());
    socket.on('close', () => sockets.delete(socket));
  });
  await new Promise<void>((done, failed) =>
    server.once('error', failed).listen(port, '127.0.0.1', done),
  );
  const beat =
    tell &&
    setInterval(() => sockets.forEach((socket) => socket.write(`${tell.line()}\n`)), tell.every);
  const close = () => {
    if (beat) clearInterval(beat);
    sockets.forEach((socket) => socket.destroy());
    server.close();
  };
  return { port: (server.address() as AddressInfo).port, close, server };
};
