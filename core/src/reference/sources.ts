/** A publication that figures were entered from, as it is meant. */
export interface Source {
  /** How it is named beside a figure. */
  key: string;
  title: string;
  edition: string;
  /** What was taken from it. */
  for: string;
}

const source = (key: string, title: string, edition: string, what: string): Source => ({
  key,
  title,
  edition,
  for: what,
});

/**
 * Every publication that a figure rests on. The figures were entered from memory of it and not
 * compared with the page; a supervisor who has compared them says so, and that stays on record.
 */
export const sources = [
  source(
    'CDC-2008',
    'CDC: Guideline for Disinfection and Sterilization in Healthcare Facilities',
    '2008, chapter Chemical Disinfectants',
    'alcohol span and what alcohol does not reach; the peroxide series; one minute at least; quats and soap',
  ),
  source(
    'CDC-home',
    'CDC: household cleaning and disinfecting guidance',
    '2020 to 2023',
    'alcohol on household surfaces; chlorine 0.1 %; when cleaning is enough',
  ),
  source(
    'CDC-noro',
    'CDC: norovirus, cleaning up after someone vomits',
    '2020 to 2023',
    'chlorine 1,000 to 5,000 ppm for norovirus',
  ),
  source(
    'WHO-2020',
    'WHO: Cleaning and disinfection of environmental surfaces in the context of COVID-19',
    '15 May 2020',
    'ethanol 70 to 90 %, peroxide from 0.5 %, chlorine 0.1 %, one minute',
  ),
  source(
    'WHO-handrub',
    'WHO: Guide to Local Production of handrub formulations',
    '2010',
    'worked mixtures with contraction',
  ),
  source(
    'Kampf-2020',
    'Kampf and others, Journal of Hospital Infection 104: 246',
    '2020',
    'coronaviruses on surfaces',
  ),
  source(
    'Rutala-2000',
    'Rutala and others, Infection Control and Hospital Epidemiology 21: 33',
    '2000',
    'what vinegar, soda and borax do not do',
  ),
  source(
    'Cortesia-2014',
    'Cortesia and others, mBio 5: e00013-14',
    '2014',
    '6 % acetic acid against mycobacteria',
  ),
  source(
    'EPA',
    'US EPA: registered antimicrobial products and their lists',
    '2020 to 2024',
    'who may claim to disinfect; vinegar is not registered',
  ),
  source(
    'EPA-label',
    'Warnings on household labels, as US EPA and makers word them',
    '2020 to 2024',
    'what must not be mixed',
  ),
  source(
    'EPA-402-K-02-003',
    'US EPA: A Brief Guide to Mold, Moisture and Your Home',
    '2012',
    'about 1 m² (10 sq ft) of mildew',
  ),
  source(
    'NIOSH',
    'NIOSH Pocket Guide to Chemical Hazards',
    '2007, with later pages',
    'limits in air, flash points, explosive limits',
  ),
  source(
    'EH40',
    'UK HSE: EH40 Workplace exposure limits',
    '2020',
    'peroxide 2 ppm over a quarter of an hour',
  ),
  source('ACGIH', 'ACGIH: Threshold Limit Values', '2023', 'stricter limits in air'),
  source(
    'OSHA',
    'US OSHA: 29 CFR 1910.1200 and 1910.1030',
    '2012 and 2001',
    'labels of secondary containers; blood',
  ),
  source(
    'CLP',
    'Regulation (EC) 1272/2008 with Annex VI',
    'as amended to 2023',
    'from which strength a mixture is classified',
  ),
  source(
    'GHS',
    'UN: Globally Harmonized System',
    'revision 9',
    'flammable categories, statements, signs',
  ),
  source(
    'OIML-R22',
    'OIML R 22: International alcoholometric tables',
    '1975',
    'density of ethanol and water',
  ),
  source(
    'Perry',
    'Perry’s Chemical Engineers’ Handbook',
    '7th edition',
    'vapour pressures, densities, activity',
  ),
  source(
    'USP',
    'United States Pharmacopeia: monographs',
    'USP 40',
    'what rubbing alcohol and topical peroxide are',
  ),
  source(
    'Incropera',
    'Incropera, DeWitt: Fundamentals of Heat and Mass Transfer',
    '6th edition',
    'how fast a film dries',
  ),
  source('Lugg-1968', 'Lugg, Analytical Chemistry 40: 1072', '1968', 'diffusion of vapours in air'),
  source(
    'Sander-2015',
    'Sander, Atmospheric Chemistry and Physics 15: 4399',
    '2015',
    'peroxide over water (Henry’s law)',
  ),
  source('ASHRAE', 'ASHRAE Handbook, HVAC Applications', '2015', 'water from wet surfaces'),
  source('NIST', 'NIST Handbook 44 and SP 811', '2008', 'US measures'),
  source(
    'Bretherick',
    'Bretherick’s Handbook of Reactive Chemical Hazards',
    '7th edition',
    'what reacts violently',
  ),
  source('NFPA-400', 'NFPA 400: Hazardous Materials Code', '2019', 'two kinds of pool chlorine'),
  source(
    'poison control',
    'What poison centres warn of',
    '2020 to 2024',
    'mixtures at home; what to do first',
  ),
] as const satisfies readonly Source[];

export type SourceId = (typeof sources)[number]['key'];
export const sourceIds = sources.map(({ key }) => key) as [SourceId, ...SourceId[]];

/** What stands beside a figure and is no publication: nothing to look up. */
export const otherGrounds = [
  'common practice, no source',
  'common practice',
  'house rule',
  'company rule',
  'stoichiometry',
  'arithmetic',
  'chemistry',
  'labels',
  'label',
  'product label',
  'product label, as entered',
  'makers’ care advice',
  'safety data sheets',
  'drying model, an estimate',
  'vapour model, an estimate',
  'the approved protocol',
  'the protocol',
  'the shelf',
  'the bench',
  'the batch’s label',
  'the check of this batch',
  'the phone',
  'the record',
  'the scale',
  'the recipe as it is written',
  'order of work',
] as const;

/** The publications that a reason's source names. */
export const sourcesNamed = (text: string): SourceId[] =>
  sourceIds.filter((key) =>
    text
      .split('; ')
      .some(
        (part) =>
          part === key ||
          part.startsWith(`${key},`) ||
          part.startsWith(`${key} `) ||
          part.startsWith(`${key}:`),
      ),
  );
