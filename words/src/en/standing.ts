export const standing = {
  note: 'Follow the product label and safety data sheet first; local codes and licensed practice prevail. In an emergency leave, get fresh air and call the local emergency line or the poison line, {poison}.',
  'on-the-label': 'on the label',
} as const;

export const pair = {
  'anything-else': 'anything else',
  with: '{one} with {others}',
  severity: '{severity}: {routes}',
} as const;
