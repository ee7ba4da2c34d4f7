/** What is proposed to a company of a country: money, measures, and whom to call. */
export interface CountryWays {
  currency: string;
  units: 'us' | 'metric';
  emergency: string;
  /** Where there is one line for everybody. */
  poison?: string;
}

/**
 * By ISO 3166. Source: from memory; numbers change, so that whoever begins has to check both.
 */
export const countries = {
  US: { currency: 'USD', units: 'us', emergency: '911', poison: '1-800-222-1222' },
  CA: { currency: 'CAD', units: 'metric', emergency: '911', poison: '1-844-764-7669' },
  MX: { currency: 'MXN', units: 'metric', emergency: '911' },
  PR: { currency: 'USD', units: 'us', emergency: '911', poison: '1-800-222-1222' },
  AR: { currency: 'ARS', units: 'metric', emergency: '911' },
  CL: { currency: 'CLP', units: 'metric', emergency: '131' },
  CO: { currency: 'COP', units: 'metric', emergency: '123' },
  PE: { currency: 'PEN', units: 'metric', emergency: '106' },
  GB: { currency: 'GBP', units: 'metric', emergency: '999', poison: '111' },
  IE: { currency: 'EUR', units: 'metric', emergency: '112', poison: '01 809 2166' },
  ES: { currency: 'EUR', units: 'metric', emergency: '112', poison: '91 562 04 20' },
  PT: { currency: 'EUR', units: 'metric', emergency: '112', poison: '800 250 250' },
  FR: { currency: 'EUR', units: 'metric', emergency: '112' },
  BE: { currency: 'EUR', units: 'metric', emergency: '112', poison: '070 245 245' },
  NL: { currency: 'EUR', units: 'metric', emergency: '112' },
  DE: { currency: 'EUR', units: 'metric', emergency: '112' },
  AT: { currency: 'EUR', units: 'metric', emergency: '112', poison: '01 406 43 43' },
  CH: { currency: 'CHF', units: 'metric', emergency: '112', poison: '145' },
  IT: { currency: 'EUR', units: 'metric', emergency: '112' },
  DK: { currency: 'DKK', units: 'metric', emergency: '112', poison: '82 12 12 12' },
  SE: { currency: 'SEK', units: 'metric', emergency: '112', poison: '010-456 6700' },
  NO: { currency: 'NOK', units: 'metric', emergency: '113', poison: '22 59 13 00' },
  FI: { currency: 'EUR', units: 'metric', emergency: '112', poison: '0800 147 111' },
  PL: { currency: 'PLN', units: 'metric', emergency: '112' },
  AU: { currency: 'AUD', units: 'metric', emergency: '000', poison: '13 11 26' },
  NZ: { currency: 'NZD', units: 'metric', emergency: '111', poison: '0800 764 766' },
  ZA: { currency: 'ZAR', units: 'metric', emergency: '112', poison: '0861 555 777' },
  IN: { currency: 'INR', units: 'metric', emergency: '112' },
} as const satisfies Record<string, CountryWays>;

export type Country = keyof typeof countries;
