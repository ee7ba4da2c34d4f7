/** Finding homes from anywhere. */
export const find = {
  find: 'Find a home',
  what: 'A name, a street, a room or a surface',
  count: '{count, plural, =0 {Nothing is called so.} one {One found.} other {# found.}}',
} as const;
