import { isCurrency } from '@zymostat/contract';
import { countries, type Country } from '@zymostat/core';
import { w } from '../words/words.ts';

/** What a currency is called in the language of the page; nothing where there is none. */
export const currencyName = (code: string): string | undefined =>
  isCurrency(code) ? new Intl.DisplayNames(w.locale, { type: 'currency' }).of(code) : undefined;

/** Every country that something is proposed for, by its name. */
export const countryOptions = (): { value: Country; name: string }[] => {
  const names = new Intl.DisplayNames(w.locale, { type: 'region' });
  return (Object.keys(countries) as Country[])
    .map((value) => ({ value, name: names.of(value) ?? value }))
    .sort((a, b) => a.name.localeCompare(b.name, w.locale));
};
