import type { Request, Response } from 'express';
import type { Caller } from './caller.ts';
import { sessionToken } from './session.ts';

const KEEP_ALIVE_MS = 25_000;
/** More pages than this nobody keeps open; of more, the one that was opened first ends. */
const MOST_PER_PERSON = 8;

interface Open {
  personId: string;
  token: string | undefined;
  response: Response;
  stop: () => void;
}

/**
 * The streams that are open: a bounded number for each person, each rechecked as it is kept alive,
 * ended when its session ends.
 */
export class OpenStreams {
  private readonly open = new Set<Open>();
  private readonly beat: NodeJS.Timeout;

  constructor(readonly callerOf: (token: string) => Promise<Caller | null>) {
    this.beat = setInterval(() => void this.keepAlive(), KEEP_ALIVE_MS);
    this.beat.unref();
  }

  get count(): number {
    return this.open.size;
  }

  add(
    request: Request,
    response: Response,
    { personId, stop }: { personId: string; stop: () => void },
  ): void {
    const one = { personId, token: sessionToken(request), response, stop };
    this.open.add(one);
    request.on('close', () => this.end(one));
    const own = [...this.open].filter((other) => other.personId === personId);
    own.slice(0, Math.max(0, own.length - MOST_PER_PERSON)).forEach((first) => this.end(first));
  }

  private end(one: Open): void {
    if (!this.open.delete(one)) return;
    one.stop();
    if (!one.response.writableEnded) one.response.end();
  }

  private async mayGoOn({ token }: Open): Promise<boolean> {
    return token !== undefined && (await this.callerOf(token)) !== null;
  }

  /** Ends those whose session is over. */
  async recheck(): Promise<void> {
    for (const one of [...this.open]) {
      // Where the database is away nobody can say: the next beat asks again.
      const may = await this.mayGoOn(one).catch(() => true);
      if (!may) this.end(one);
    }
  }

  private async keepAlive(): Promise<void> {
    await this.recheck();
    this.open.forEach(({ response }) => response.write(': still here\n\n'));
  }

  close(): void {
    clearInterval(this.beat);
    [...this.open].forEach((one) => this.end(one));
  }
}
