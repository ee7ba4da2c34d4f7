export const claims = ['disinfect', 'clean', 'descale'] as const;

/** What somebody says a recipe is for. */
export type Claim = (typeof claims)[number];

export const slack = 1 + 1e-9;
