import { useState } from 'react';
import { draftNamed, keepDraft } from './drafts.ts';

/**
 * State that survives a reload, another place and another tab until it is done with; nothing of it
 * is kept without a name.
 */
export const useKept = <T>(name: string | null, begins: () => T) => {
  const [value, setValue] = useState(
    () => (name === null ? null : draftNamed<T>(name)) ?? begins(),
  );
  const set = (to: T) => {
    setValue(to);
    if (name !== null) keepDraft(name, to);
  };
  return [value, set] as const;
};
