/** The languages that everything is written in. */
export const languages = ['en', 'es'] as const;
export type Language = (typeof languages)[number];
