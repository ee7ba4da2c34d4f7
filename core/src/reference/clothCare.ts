/** Where a cloth belongs: never from toilet to basin. */
export const zones = ['toilet', 'bath', 'kitchen', 'rest', 'glass'] as const;
export type Zone = (typeof zones)[number];

/** m² that one cloth washes, and cloths that glass takes. Source: common practice, no source. */
export const CLOTH_WASHES = 2;
export const GLASS_CLOTHS = 2;

/**
 * Cloths are washed at this many °C, or hotter. Hospitals wash at 71 °C for 25 min, or with a
 * chemical. Source: common practice; CDC-2008, from memory.
 */
export const washAt = { home: 60 } as const;

/** Washes after which a cloth is worn out, by what it is. Source: common practice, no source. */
export const mostWashes = { microfibre: 300, other: 100 } as const;
