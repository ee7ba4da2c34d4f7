import type { JarRow } from '@zymostat/contract';
import { activeFacts } from '@zymostat/core';
import { percent } from '@zymostat/words';
import { w } from '../../words/words.ts';

/** What is in a jar: "Alcohol wipes, 70 %", or that they only wash. */
export const jarName = ({ active, strength }: Pick<JarRow, 'active' | 'strength'>): string =>
  active === null || strength === null
    ? w.name('jars', 'washingWipes')
    : w.say('jars.wipesOf', {
        family: w.name('family', activeFacts[active].family),
        strength: percent(w, strength),
      });
