import { useState } from 'react';

const KEY = 'zymostat.arrived';
/** Of so many rounds it is known; those of long ago are over. */
const MOST = 30;

const known = (): string[] => {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '[]') as string[];
  } catch {
    return [];
  }
};

/** Whether whoever has this phone has seen what a home asks before anything is begun. */
export const useArrived = (roundId: string) => {
  const [rounds, setRounds] = useState(known);
  return {
    arrived: rounds.includes(roundId),
    arrive: () => {
      const next = [...known(), roundId].slice(-MOST);
      localStorage.setItem(KEY, JSON.stringify(next));
      setRounds(next);
    },
  };
};
