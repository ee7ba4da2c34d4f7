/**
 * One published row: an active at a strength span (fractions in the active's basis) against
 * something, for a time in seconds; without a time it says only what does or does not work.
 */
export interface Evidence {
  id: string;
  active:
    | 'alcohol'
    | 'ethanol'
    | '2-propanol'
    | 'hydrogen peroxide'
    | 'acetic acid'
    | 'sodium hypochlorite'
    | 'any'
    | 'none of these';
  from: number;
  to: number;
  against:
    | 'rhinovirus'
    | 'coronavirus'
    | 'bacteria'
    | 'mycobacteria'
    | 'enterococci'
    | 'spores'
    | 'norovirus'
    | 'surfaces'
    | 'home items'
    | 'listed uses';
  seconds?: number;
  effective: boolean;
  source: string;
}

/** A row as it is written below: the columns of the table in their order. */
type Columns = [
  id: string,
  active: Evidence['active'],
  from: number,
  to: number,
  against: Evidence['against'],
  seconds: number | undefined,
  source: string,
  effective?: boolean,
];
const row = (
  ...[id, active, from, to, against, seconds, source, effective = true]: Columns
): Evidence => ({
  id,
  active,
  from,
  to,
  against,
  ...(seconds === undefined ? {} : { seconds }),
  effective,
  source,
});

/**
 * All recalled from the named source. Where a span of minutes is published, the upper bound stands.
 */
export const evidence: readonly Evidence[] = [
  row('alcohol-optimum', 'alcohol', 0.6, 0.9, 'bacteria', 10, 'CDC-2008'),
  row('alcohol-pseudomonas', 'ethanol', 0.3, 1, 'bacteria', 10, 'CDC-2008, suspension'),
  row('alcohol-enterics', 'ethanol', 0.4, 1, 'bacteria', 10, 'CDC-2008, suspension'),
  row('alcohol-staphylococci', 'ethanol', 0.6, 0.95, 'bacteria', 10, 'CDC-2008, suspension'),
  row('ethanol-coronavirus', 'ethanol', 0.62, 0.71, 'coronavirus', 60, 'Kampf-2020'),
  row('alcohol-surfaces', 'ethanol', 0.7, 0.9, 'surfaces', 60, 'WHO-2020'),
  row(
    'alcohol-household',
    'alcohol',
    0.7,
    1,
    'surfaces',
    undefined,
    'CDC-home: per label; otherwise keep wet',
  ),
  row(
    'any-surface',
    'any',
    0,
    1,
    'surfaces',
    60,
    'CDC-2008: at least a minute, and the label by law',
  ),
  row(
    'propanol-immersed',
    '2-propanol',
    0.7,
    0.7,
    'home items',
    300,
    'CDC-2008 (after APIC), immersed',
  ),
  row(
    'peroxide-immersed',
    'hydrogen peroxide',
    0.03,
    0.03,
    'home items',
    1800,
    'CDC-2008 (after APIC), immersed',
  ),
  row(
    'peroxide-enterococci',
    'hydrogen peroxide',
    0.03,
    0.03,
    'enterococci',
    600,
    'CDC-2008: failed at 3 and 10 min',
    false,
  ),
  row('alcohol-spores', 'alcohol', 0, 1, 'spores', undefined, 'CDC-2008', false),
  row('alcohol-norovirus', 'alcohol', 0, 1, 'norovirus', undefined, 'CDC-2008', false),
  row('peroxide-3', 'hydrogen peroxide', 0.03, 0.03, 'rhinovirus', 480, 'CDC-2008'),
  row('peroxide-1.5', 'hydrogen peroxide', 0.015, 0.015, 'rhinovirus', 1200, 'CDC-2008'),
  row('peroxide-0.75', 'hydrogen peroxide', 0.0075, 0.0075, 'rhinovirus', 3600, 'CDC-2008'),
  row(
    'peroxide-coronavirus',
    'hydrogen peroxide',
    0.005,
    1,
    'coronavirus',
    60,
    'WHO-2020, Kampf-2020',
  ),
  row('acid-mycobacteria', 'acetic acid', 0.06, 0.06, 'mycobacteria', 1800, 'Cortesia-2014'),
  row(
    'vinegar-staphylococci',
    'acetic acid',
    0.05,
    0.05,
    'bacteria',
    undefined,
    'CDC-2008, Rutala-2000: under 3 log10',
    false,
  ),
  row(
    'vinegar-listed',
    'acetic acid',
    0.05,
    0.05,
    'listed uses',
    undefined,
    'EPA: on no list',
    false,
  ),
  row(
    'soda-borax-soap',
    'none of these',
    0,
    1,
    'surfaces',
    undefined,
    'CDC-2008, Rutala-2000: no disinfecting claim',
    false,
  ),
  row('bleach-surfaces', 'sodium hypochlorite', 0.001, 0.001, 'surfaces', 60, 'CDC-home, WHO-2020'),
  row(
    'bleach-norovirus',
    'sodium hypochlorite',
    0.001,
    0.005,
    'norovirus',
    300,
    'CDC-noro, on a cleaned surface',
  ),
];

/** The row of that id. */
export const evidenceRow = (id: string): Evidence => evidence.find((one) => one.id === id)!;

/** Strongest alcohol the surface evidence covers, v/v. Source: CDC-2008 and WHO-2020. */
export const ALCOHOL_TOP = 0.9;

/**
 * Strongest peroxide that is in use on household surfaces, w/v: beyond it CLP has it damage eyes.
 * Source: CLP Annex VI.
 */
export const PEROXIDE_TOP = 0.08;

/** What everything but the one published series wants, w/v. Source: CDC-2008; common practice. */
export const PEROXIDE_USUAL = 0.03;

/**
 * Mildew up to here may be treated by a cleaning service, m². Source: EPA-402-K-02-003: 10 sq ft.
 */
export const MILDEW_MOST = 0.93;
