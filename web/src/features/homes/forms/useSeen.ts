import { useState } from 'react';

interface Mutation {
  error?: unknown;
  reset: () => void;
}

/**
 * Which revision a form was filled in by: what is saved counts as seen by that one, until the
 * person takes over what somebody else has saved meanwhile.
 */
export const useSeen = (revision: number, editing: Mutation) => {
  const [seen, setSeen] = useState(revision);
  const takeTheirs = () => {
    setSeen(revision);
    editing.reset();
  };
  return { seen, setSeen, takeTheirs };
};
