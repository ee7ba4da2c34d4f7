import type { JobRow } from './jobRows.ts';

/** Who is to be asked instead. */
export const askers = [
  'pharmacist',
  'maker',
  'supplier',
  'health-visitor',
  'water-authority',
  'nobody',
  'licensed',
  'licensed-and-doctor',
  'health-authority',
  'registration',
] as const;
export type Asker = (typeof askers)[number];

/** What this tool does not do, and who is to be asked. Source: common practice, no source. */
export const refusals = {
  skin: { row: 'not-skin', ask: 'pharmacist' },
  dentures: { row: 'not-dentures', ask: 'maker' },
  breathing: { row: 'not-breathing', ask: 'supplier' },
  bottles: { row: 'not-bottles', ask: 'health-visitor' },
  'drinking-water': { row: 'not-drinking-water', ask: 'water-authority' },
  food: { row: 'not-food', ask: 'nobody' },
  straps: { row: 'not-straps', ask: 'maker' },
  parasites: { row: 'not-parasites', ask: 'licensed-and-doctor' },
  pests: { row: 'not-pests', ask: 'licensed' },
  sewage: { row: 'not-sewage', ask: 'licensed' },
  outbreak: { row: 'not-outbreak', ask: 'health-authority' },
  'for-sale': { row: 'not-for-sale', ask: 'registration' },
} as const satisfies Record<string, { row: JobRow; ask: Asker }>;
export type Refusal = keyof typeof refusals;
export const refusalIds = Object.keys(refusals) as Refusal[];
