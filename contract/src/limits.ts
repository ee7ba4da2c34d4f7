/**
 * Characters that a reason for a Care has at least. By itself, so that the page can check without
 * carrying the schemas.
 */
export const LEAST_REASON = 10;
