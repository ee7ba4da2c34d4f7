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

export const dropDraft = (name: string): void => localStorage.removeItem(keyOf(name));

/** Keeps on this device what is typed, but for what nobody else may read there. */
export const useDraft = <In extends FieldValues, Out>(
  name: string,
  { watch }: UseFormReturn<In, unknown, Out>,
  secret: readonly (keyof In)[],
): void => {
  useEffect(() => {
    const { unsubscribe } = watch((values) => {
      const kept = Object.entries(values).filter(([field]) => !secret.includes(field));
      localStorage.setItem(keyOf(name), JSON.stringify(Object.fromEntries(kept)));
    });
    return unsubscribe;
  }, [name, watch, secret]);
};
