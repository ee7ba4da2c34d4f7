import type { Body } from '@zymostat/contract';
import * as v from 'valibot';
import {
  currencyLine,
  loginLine,
  newPasswordLine,
  zoneLine,
} from '../../../ui/form/companyLines.ts';
import { textLine } from '../../../ui/form/lines.ts';
import { w } from '../../../words/words.ts';

/** The form as it is typed. */
export interface SetUpLines {
  code: string;
  company: string;
  country: string;
  currency: string;
  units: 'us' | 'metric';
  zone: string;
  emergencyNumber: string;
  poisonLine: string;
  checked: boolean;
  name: string;
  login: string;
  password: string;
}

const lines = v.object({
  code: textLine,
  company: textLine,
  country: v.string(),
  currency: currencyLine,
  units: v.picklist(['us', 'metric']),
  zone: zoneLine,
  emergencyNumber: textLine,
  poisonLine: textLine,
  checked: v.pipe(
    v.boolean(),
    v.check(
      (is) => is,
      () => w.name('begin', 'tickIt'),
    ),
  ),
  name: textLine,
  login: loginLine,
  password: newPasswordLine,
});

export type SetUpBody = Body<'setUp'>;

/** What the form makes of it. */
export const setUpForm = v.pipe(
  lines,
  v.transform(
    ({
      code,
      company,
      currency,
      units,
      zone,
      emergencyNumber,
      poisonLine,
      ...rest
    }): SetUpBody => ({
      code,
      company: { name: company, currency, units, zone, emergencyNumber, poisonLine },
      person: {
        name: rest.name,
        login: rest.login,
        password: rest.password,
        language: w.language,
      },
    }),
  ),
) as unknown as v.GenericSchema<SetUpLines, SetUpBody>;

/** Where this device is, as far as it says so. */
export const empty: SetUpLines = {
  code: '',
  company: '',
  country: '',
  currency: '',
  units: 'metric',
  zone: new Intl.DateTimeFormat().resolvedOptions().timeZone,
  emergencyNumber: '',
  poisonLine: '',
  checked: false,
  name: '',
  login: '',
  password: '',
};
