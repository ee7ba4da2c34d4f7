import { type HouseQuestion, type HouseRules, schools } from '@zymostat/core';
import * as v from 'valibot';

/** Every question answered with one of its schools. */
export const houseRules = v.strictObject(
  Object.fromEntries(
    Object.entries(schools).map(([question, list]) => [
      question,
      v.picklist(list as readonly string[]),
    ]),
  ) as unknown as { [Q in HouseQuestion]: v.GenericSchema<HouseRules[Q]> },
);
