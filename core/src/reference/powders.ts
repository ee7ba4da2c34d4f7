/** kg of a dry mixture a load of 5 kg, and half as much again where water is hard. */
export const LOAD_DOSE = 0.03; // Common practice, no source.
export const USUAL_LOAD = 5;
export const HARD_WATER = 1.5; // Common practice, no source.
/** kg from which so much dust flies that a mask is worn. Source: common practice, no source. */
export const DUSTY = 0.5;
