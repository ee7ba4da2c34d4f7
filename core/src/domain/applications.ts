/** How a solution is put on. */
export const applications = ['spray', 'cloth', 'wipe'] as const;
export type Application = (typeof applications)[number];
