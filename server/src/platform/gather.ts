/** What waits when more come than can be done; beyond it nobody else is let in. */
const MOST_WAITING = 5000;

interface Waiting<Item, Done> {
  item: Item;
  done: (answer: Done) => void;
  failed: (error: unknown) => void;
}

/** Too many wait already. */
export class TooManyWait extends Error {}

/**
 * Does together what comes in while the last was being done: many share one transaction, and none
 * waits longer than two of them take. Items keep their order.
 */
export const gather = <Item, Done>(
  work: (items: readonly Item[]) => Promise<readonly Done[]>,
  mostAtOnce: number,
) => {
  let waiting: Waiting<Item, Done>[] = [];
  let working = false;

  const goOn = async (): Promise<void> => {
    const these = waiting.slice(0, mostAtOnce);
    waiting = waiting.slice(mostAtOnce);
    try {
      const answers = await work(these.map(({ item }) => item));
      these.forEach(({ done }, i) => done(answers[i]!));
    } catch (error) {
      these.forEach(({ failed }) => failed(error));
    }
    if (waiting.length > 0) void goOn();
    else working = false;
  };

  return (item: Item): Promise<Done> =>
    new Promise((done, failed) => {
      if (waiting.length >= MOST_WAITING) return failed(new TooManyWait());
      waiting.push({ item, done, failed });
      if (working) return;
      working = true;
      // What this same turn of the loop still brings goes with it.
      setImmediate(() => void goOn());
    });
};
