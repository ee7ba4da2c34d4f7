import { levels, materialIds, soils, things, touches } from '@zymostat/core';
import * as v from 'valibot';
import { between, name } from '../parts/text.ts';
import { kindOfField, withoutDefault, type FieldKind } from './field.ts';

/**
 * What is noted of a surface when it is surveyed, in the order in which forms ask and files hold
 * it. Columns, forms, lists and files are all made from this one list.
 */
export const surfaceFields = v.strictObject({
  name,
  material: v.picklist(materialIds),
  level: v.picklist(levels),
  area: between(0.01, 200),
  touched: v.picklist(touches),
  food: v.boolean(),
  /** What thing it is and what is on it; files and pages of before know of neither. */
  thing: v.optional(v.picklist(things), 'surface'),
  soil: v.optional(v.picklist(soils), 'everyday'),
});
export type SurfaceFields = v.InferOutput<typeof surfaceFields>;
export type SurfaceField = keyof SurfaceFields;

export const surfaceFieldNames = Object.keys(surfaceFields.entries) as SurfaceField[];
export const kindOfSurfaceField = (field: SurfaceField): FieldKind =>
  kindOfField(surfaceFields.entries[field]);
export const choicesOf = (field: SurfaceField): readonly string[] => {
  const schema = withoutDefault(surfaceFields.entries[field]);
  return 'options' in schema ? (schema.options as readonly string[]) : [];
};
