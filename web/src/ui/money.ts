import { isCurrency } from '@zymostat/contract';
import { w } from '../words/words.ts';

/** An amount in the company’s money; a bare figure where no money is known. */
export const money = (amount: number, currency: string | null | undefined): string =>
  new Intl.NumberFormat(
    w.locale,
    currency && isCurrency(currency)
      ? { style: 'currency', currency }
      : { minimumFractionDigits: 2, maximumFractionDigits: 2 },
  ).format(amount);
