import type { Body } from '@zymostat/contract';
import * as v from 'valibot';
import { optionalLine, textLine } from '../../ui/form/lines.ts';

export type FollowUpBody = Body<'followUp'>;

/** What is to be done, whose it is, until when; or that it is done. */
export interface FollowUpLines {
  text: string;
  owner: string;
  due: string;
  closed: boolean;
}

export const followUpForm = v.object({
  text: textLine,
  owner: v.string(),
  due: optionalLine(
    () => null,
    (day) => day,
  ),
  closed: v.boolean(),
});
