import {
  choicesOf,
  kindOfSurfaceField,
  surfaceFieldNames,
  surfaceFields,
  type Bounded,
  type SurfaceField,
  type SurfaceFields,
  type SurfaceRow,
} from '@zymostat/contract';
import { noteSurface } from '@zymostat/core';
import * as v from 'valibot';
import { figureLine, textLine } from '../../../ui/form/lines.ts';
import { w } from '../../../words/words.ts';

/** A surface as it is filled in: a number as typed, a choice not made yet as null. */
export type SurfaceLines = {
  [F in SurfaceField]: SurfaceFields[F] extends boolean
    ? boolean
    : SurfaceFields[F] extends number
      ? string
      : SurfaceFields[F] extends 'material'
        ? SurfaceFields[F] | null
        : SurfaceFields[F];
};

const units: Partial<Record<SurfaceField, string>> = { area: 'm²' };

const lineOf = (field: SurfaceField): v.GenericSchema<unknown> => {
  switch (kindOfSurfaceField(field)) {
    case 'text':
      return textLine as v.GenericSchema<unknown>;
    case 'number':
      return figureLine(
        surfaceFields.entries[field] as unknown as Bounded,
        units[field] ?? '',
      ) as v.GenericSchema<unknown>;
    case 'choice':
      return v.picklist(choicesOf(field), () => w.name('survey', 'chooseAMaterialFromThe'));
    case 'yes-no':
      return v.boolean() as v.GenericSchema<unknown>;
  }
};

/** A surface as it is filled in, each field read by what the contract says it is. */
export const surfaceForm = v.object(
  Object.fromEntries(surfaceFieldNames.map((field) => [field, lineOf(field)])),
) as unknown as v.GenericSchema<SurfaceLines, SurfaceFields>;

const nothingYet = { text: '', number: '', choice: null, 'yes-no': false };

/** What most surfaces are, where somebody must start from something. */
const usual: Partial<SurfaceLines> = {
  level: 'hand',
  touched: 'daily',
  thing: 'surface',
  soil: 'everyday',
};

const typed = (field: SurfaceField, value: unknown) =>
  kindOfSurfaceField(field) === 'number' ? String(value) : value;

const linesOf = (valueOf: (field: SurfaceField) => unknown): SurfaceLines =>
  Object.fromEntries(surfaceFieldNames.map((field) => [field, valueOf(field)])) as SurfaceLines;

export const surfaceLines = (surface?: SurfaceRow): SurfaceLines =>
  linesOf((field) =>
    surface
      ? typed(field, surface[field])
      : (usual[field] ?? nothingYet[kindOfSurfaceField(field)]),
  );

/** What a thing of that name most likely is; nothing where no such thing is known. */
export const guessedLines = (name: string): SurfaceLines | undefined => {
  const noted = noteSurface(name.trim());
  if (!noted.sure) return undefined;
  return linesOf((field) => (field === 'name' ? name : typed(field, noted[field])));
};
