import { clothOf, type ClothKind } from '../reference/wipes.ts';

/** A cloth as it goes into a jar: m, and what a scale said of one dry and one dripping, kg. */
export interface Cloth {
  kind: ClothKind;
  length: number;
  width: number;
  weighed: { dry: number; dripping: number } | null;
}

/** What one cloth weighs dry, kg, and takes up until it drips, m³ of a liquid of that density. */
export interface Capacity {
  dry: number;
  takesUp: number;
  /** From the table, and not from a scale. */
  usual: boolean;
}

/**
 * Two weighings say what a cloth takes up; else what is usual of its kind. Throws a RangeError
 * where it weighs no more dripping than dry.
 */
export const capacityOf = ({ kind, length, width, weighed }: Cloth, density: number): Capacity => {
  if (!weighed) {
    const { weight, uptake } = clothOf(kind);
    const dry = length * width * weight;
    // What a cloth takes up fills its pores: as many mL of any liquid.
    return { dry, takesUp: (dry * uptake.usual) / 1000, usual: true };
  }
  const { dry, dripping } = weighed;
  if (!(dry > 0 && dripping > dry))
    throw new RangeError(`a cloth of ${dry} kg dry and ${dripping} kg dripping: more is wanted`);
  return { dry, takesUp: (dripping - dry) / density, usual: false };
};
