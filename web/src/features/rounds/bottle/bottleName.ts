import type { BatchRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { strengthShort } from '@zymostat/words';
import { w } from '../../../words/words.ts';

export const familyOf = ({ active }: BatchRow) => activeFacts[active].family;

/** What is in it: "Peroxide 3 %". */
export const whatIsIn = (row: BatchRow): string =>
  `${w.name('family', familyOf(row))} ${strengthShort(w, row.active, row.strength)}`;
