/**
 * What two names are compared by: case and spaces tell nobody apart. Used by lists that bring in
 * people and homes, in the page and on the server alike.
 */
export const nameKey = (...names: readonly string[]): string =>
  names.map((name) => name.trim().replace(/\s+/g, ' ').toLowerCase()).join('\n');

/** Those of a list that are here already, or stand in it before: nobody could tell which is meant. */
export const alreadyHere = <T>(
  list: readonly T[],
  here: Iterable<string>,
  keyOf: (one: T) => string,
): T[] => {
  const taken = new Set(here);
  return list.filter((one) => {
    const isHere = taken.has(keyOf(one));
    taken.add(keyOf(one));
    return isHere;
  });
};
