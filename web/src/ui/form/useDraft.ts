import { useEffect } from 'react';
import type { FieldValues, UseFormReturn } from 'react-hook-form';

const keyOf = (name: string): string => `draft/${name}`;

/** What was typed into a form before it was left, over what it begins with. */
export const draftOf = <In extends FieldValues>(name: string, begins: In): In => {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(name)) ?? '{}') as Partial<In>;
    return { ...begins, ...kept };
  } catch {
    return begins;
  }
};

/** Whether something was typed and left. */
export const hasDraft = (name: string): boolean => localStorage.getItem(keyOf(name)) !== null;

export const dropDraft = (name: string): void => localStorage.removeItem(keyOf(name));

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
      localStorage.setItem(keyOf(name), JSON.stringify(Object.fromEntries(kept)));
    });
    return unsubscribe;
  }, [name, watch, secret]);
};
