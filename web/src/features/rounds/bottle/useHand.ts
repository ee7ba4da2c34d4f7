import { useState } from 'react';

const KEY = 'zymostat.hand';

const kept = (): Record<string, string> => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}') as Record<string, string>;
  } catch {
    return {};
  }
};

/**
 * The bottle in hand: chosen once by whoever has it, and kept until they change it, over a reload
 * too. Nobody is taken to have one that they have not named.
 */
export const useHand = (personId: string) => {
  const [hands, setHands] = useState(kept);
  const put = (batchId: string | null) => {
    const { [personId]: _, ...others } = kept();
    const next = batchId === null ? others : { ...others, [personId]: batchId };
    localStorage.setItem(KEY, JSON.stringify(next));
    setHands(next);
  };
  return { hand: hands[personId] ?? null, take: put, putBack: () => put(null) };
};
