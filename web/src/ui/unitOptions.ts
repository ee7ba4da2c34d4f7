import type { UnitSystem } from '../store/units.ts';
import { w } from '../words/words.ts';

const systems: readonly UnitSystem[] = ['us', 'metric'];

/** Which measures somebody may choose, by their names. */
export const unitOptions = () => systems.map((value) => ({ value, name: w.name('begin', value) }));
