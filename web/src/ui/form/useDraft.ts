import { useEffect } from 'react';
import { draftNamed, keepDraft } from '../drafts.ts';
import type { FieldValues, UseFormReturn } from 'react-hook-form';

/** What was typed into a form before it was left, over what it begins with. */
export const draftOf = <In extends FieldValues>(name: string, begins: In): In => ({
  ...begins,
  ...draftNamed<Partial<In>>(name),
});

/**
 * Keeps on this device what is typed, but for what nobody else may read there; nothing of a form
 * without a name.
 */
export const useDraft = <In extends FieldValues, Out>(
  name: string | null,
  { watch }: UseFormReturn<In, unknown, Out>,
  secret: readonly (keyof In)[],
): void => {
  useEffect(() => {
    if (name === null) return;
    const { unsubscribe } = watch((values) => {
      const kept = Object.entries(values).filter(([field]) => !secret.includes(field));
      keepDraft(name, Object.fromEntries(kept));
    });
    return unsubscribe;
  }, [name, watch, secret]);
};
