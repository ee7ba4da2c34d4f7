import { HEARD_LAST, offsetOf, type Heard, type Offset, type Ticked } from '@zymostat/core';
import { v7 as newId } from 'uuid';

/** Clock and steady time that differ by more than this, ms: the clock was set, or the phone slept. */
const JUMPED = 2000;
const KEY = 'zymostat.ahead';

/** A stretch in which time runs evenly, whatever the phone's clock is set to. */
interface Opening {
  name: string;
  /** What the phone's clock and the steady time said when it began. */
  said: number;
  steady: number;
  heard: Heard[];
  /** What the page shows is this far ahead until the server is heard. */
  shownAhead: number;
}

const open = (shownAhead: number): Opening => ({
  name: newId(),
  said: Date.now(),
  steady: performance.now(),
  heard: [],
  shownAhead,
});

let opening = open(Number(globalThis.localStorage?.getItem(KEY)) || 0);

const tickedIn = ({ said, steady }: Opening): number => said + performance.now() - steady;

/** What was heard in an opening, and how far ahead the server then was. */
type Listener = (opening: string, offset: Offset) => void;
let listener: Listener = () => undefined;

/**
 * Where the clock was set, or the phone slept, a new opening begins, since nobody can tell the two
 * apart. What is shown goes on evenly: a clock that was put forward makes no wet time.
 */
const look = (): void => {
  const jumped = Date.now() - tickedIn(opening);
  if (Math.abs(jumped) <= JUMPED) return;
  const now = serverNow();
  opening = open(0);
  opening.shownAhead = now - tickedIn(opening);
};

/** The server's time as far as the page knows it, ms since 1970. */
export const serverNow = (): number => {
  const ahead = offsetOf(opening.heard)?.ahead ?? opening.shownAhead;
  return Math.round(tickedIn(opening) + ahead);
};

/** The present moment as it is noted of what is done now. */
export const tickNow = (): Ticked => {
  look();
  return { opening: opening.name, ticked: Math.round(tickedIn(opening)) };
};

/** Whether the server was heard since time last began to run evenly. */
export const isHeard = (): boolean => {
  look();
  return opening.heard.length > 0;
};

/** What was last told of this opening: it is told again where it changes. */
let told = '';
const tell = (offset: Offset): void => {
  const now = `${opening.name} ${Math.round(offset.ahead)}`;
  if (now === told) return;
  told = now;
  localStorage.setItem(KEY, String(Math.round(offset.ahead)));
  listener(opening.name, offset);
};

/** Where two answers cannot both be, time has not run evenly since: a new opening began unseen. */
const cannotBoth = (known: Offset | null, one: Heard): boolean => {
  const found = offsetOf([one])!;
  return (
    known !== null && Math.abs(known.ahead - found.ahead) > known.within + found.within + JUMPED
  );
};

const hear = (one: Heard): void => {
  if (cannotBoth(offsetOf(opening.heard), one)) {
    const before = opening;
    opening = open(0);
    const shift = tickedIn(opening) - tickedIn(before);
    opening.heard = [{ ...one, sent: one.sent + shift, received: one.received + shift }];
  } else opening.heard = [...opening.heard, one].slice(-HEARD_LAST);
  tell(offsetOf(opening.heard)!);
};

/** Asks something of the server, and hears from the answer what time it is there. */
export const hearing = async <Answer>(
  ask: () => Promise<Answer>,
  serverTimeIn: (answer: Answer) => number,
): Promise<Answer> => {
  look();
  const asked = opening;
  const sent = tickedIn(asked);
  const answer = await ask();
  look();
  const received = tickedIn(asked);
  const serverTime = serverTimeIn(answer);
  if (serverTime > 0 && asked === opening) hear({ sent, received, serverTime });
  return answer;
};

/** Hears of everything that the page hears of the server's time. */
export const onHeard = (heard: Listener): void => {
  listener = heard;
  const offset = offsetOf(opening.heard);
  if (offset) heard(opening.name, offset);
};
