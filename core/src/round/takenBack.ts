/** Something done, or that something done is taken back: its id. */
export interface DoneOrTakenBack {
  id: string;
  takesBack?: string;
}

/**
 * What still stands of what was told: neither what was taken back nor that it was. Whoever takes
 * something back says it after it was done, so that order does not matter here.
 */
export const withoutTakenBack = <Told extends DoneOrTakenBack>(told: readonly Told[]): Told[] => {
  const back = new Set(told.flatMap(({ takesBack }) => takesBack ?? []));
  return told.filter(({ id, takesBack }) => takesBack === undefined && !back.has(id));
};
