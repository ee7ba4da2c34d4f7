import { useState } from 'react';

const keyOf = (name: string): string => `draft/${name}`;

const keptOf = <T>(name: string | null, begins: T): T => {
  if (name === null) return begins;
  try {
    return (JSON.parse(localStorage.getItem(keyOf(name)) ?? 'null') as T | null) ?? begins;
  } catch {
    return begins;
  }
};

/**
 * State that survives a reload, another place and another tab until it is done with; nothing of it
 * is kept without a name.
 */
export const useKept = <T>(name: string | null, begins: () => T) => {
  const [value, setValue] = useState(() => keptOf(name, begins()));
  const set = (to: T) => {
    setValue(to);
    if (name !== null) localStorage.setItem(keyOf(name), JSON.stringify(to));
  };
  return [value, set] as const;
};

/** It is done with. */
export const dropKept = (name: string): void => localStorage.removeItem(keyOf(name));
