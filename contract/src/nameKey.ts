/**
 * What two names are compared by: case and spaces tell nobody apart. Used by lists that bring in
 * people and homes, in the page and on the server alike.
 */
export const nameKey = (...names: readonly string[]): string =>
  names.map((name) => name.trim().replace(/\s+/g, ' ').toLowerCase()).join('\n');
