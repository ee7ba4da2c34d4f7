const keyOf = (name: string): string => `draft/${name}`;

/** What was typed or done half-way under a name on this device; nothing where there is none. */
export const draftNamed = <T>(name: string): T | null => {
  try {
    return JSON.parse(localStorage.getItem(keyOf(name)) ?? 'null') as T | null;
  } catch {
    return null;
  }
};

export const keepDraft = (name: string, what: unknown): void =>
  localStorage.setItem(keyOf(name), JSON.stringify(what));

/** It is done with. */
export const dropDraft = (name: string): void => localStorage.removeItem(keyOf(name));
