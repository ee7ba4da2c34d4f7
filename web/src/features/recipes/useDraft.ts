import type { RecipeRow } from '@zymostat/contract';
import type { Change, Claim } from '@zymostat/core';
import { useState } from 'react';
import { useAddRecipeMutation, useRecipesQuery, useSaveRecipeMutation } from './api.ts';

interface Draft {
  id?: string;
  /** The newest version that was seen when it was opened. */
  seen?: number;
  name: string;
  claim: Claim;
  text: string;
}
const blank: Draft = { name: '', claim: 'disinfect', text: '' };

/** A recipe as it is being written, beside the book that it is from or goes into. */
export const useDraft = () => {
  const { data: book = [], error } = useRecipesQuery();
  const [addRecipe, adding] = useAddRecipeMutation();
  const [saveRecipe, saving] = useSaveRecipeMutation();
  const [draft, setDraft] = useState(blank);
  const [accepted, setAccepted] = useState<Change>();
  const kept = book.find(({ id }) => id === draft.id);
  const newest = kept?.versions[0];

  const change = (to: Partial<Draft>) => {
    setDraft({ ...draft, ...to });
    setAccepted(undefined);
  };
  const open = (one: RecipeRow | undefined, version = one?.versions[0]) => {
    const { claim, text } = version ?? blank;
    const seen = one?.versions[0]?.number;
    setDraft(one ? { id: one.id, seen, name: one.name, claim, text } : blank);
    setAccepted(undefined);
  };
  const accept = (one: Change) => {
    setDraft({ ...draft, text: one.text });
    setAccepted(one);
  };
  /** Saves it as the next version, or under a name that is not in the book yet. */
  const save = async (): Promise<boolean> => {
    const body = { name: draft.name.trim(), claim: draft.claim, text: draft.text };
    const isNext = kept?.name === body.name;
    const { data } = isNext
      ? await saveRecipe({ id: kept.id, body, seen: draft.seen ?? 0 })
      : await addRecipe(body);
    if (data) setDraft({ ...draft, id: data.id, seen: data.versions[0]?.number, name: data.name });
    return data !== undefined;
  };
  return {
    draft,
    book,
    kept,
    changed: newest !== undefined && (newest.text !== draft.text || newest.claim !== draft.claim),
    empty: draft.text.trim() === '',
    accepted,
    error,
    adding,
    saving,
    change,
    open,
    accept,
    save,
    rename: (name: string) => setDraft({ ...draft, name }),
  };
};
export type Drafting = ReturnType<typeof useDraft>;
