export * from './figures.ts';
export * from './houseRules.ts';
export * from './label.ts';
export * from './pictograms.ts';
export * from './mixtures.ts';
export * from './names.ts';
export * from './neverCombine.ts';
export * from './reasons.ts';
