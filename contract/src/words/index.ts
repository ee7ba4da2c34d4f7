export * from './figures.ts';
export * from './names.ts';
export * from './neverCombine.ts';
export * from './reasons.ts';
