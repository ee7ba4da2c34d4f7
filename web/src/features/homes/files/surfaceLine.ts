import {
  surfaceFieldNames,
  surfaceFields,
  type SurfaceField,
  type SurfaceFields,
} from '@zymostat/contract';
import { notAJob, noteSurface } from '@zymostat/core';
import { reasonInWords, squareMetres } from '@zymostat/words';
import * as v from 'valibot';
import { notAllowed, valueOf, type Cell, type CellKind } from '../../../ui/csvLines.ts';
import { misfits } from '../../../ui/misfits.ts';
import { w } from '../../../words/words.ts';
import { fieldName } from '../fieldNames.ts';

const kindOf = (field: SurfaceField): CellKind => ({
  called: w.name('fieldHead', field),
  schema: surfaceFields.entries[field],
  nameOf: (code) => fieldName(field, code),
});

export type ReadSurface =
  { surface: SurfaceFields; guessed: ReadonlySet<SurfaceField> } | { wrong: string[] };

/** A surface from the cells of a line; what a cell leaves out is guessed from the name. */
export const surfaceIn = (cells: Record<SurfaceField, string>): ReadSurface => {
  const guess = noteSurface(cells.name);
  if (guess.refused)
    return { wrong: [`${cells.name}: ${reasonInWords(w, notAJob(guess.refused))}`] };
  const read = surfaceFieldNames.map((field) => {
    const text = cells[field];
    return [field, text === '' ? guess[field] : valueOf(kindOf(field), text)] as const;
  });
  const wrong = read
    .filter(([, value]) => value === undefined)
    .map(([field]) => notAllowed(kindOf(field), cells[field]));
  if (wrong.length > 0) return { wrong };
  const parsed = v.safeParse(surfaceFields, Object.fromEntries(read));
  if (!parsed.success) return { wrong: [misfits(parsed.issues)] };
  const guessed = new Set(surfaceFieldNames.filter((field) => cells[field] === ''));
  return { surface: parsed.output, guessed };
};

const inWords = (surface: SurfaceFields, field: SurfaceField): string => {
  if (field === 'area') return squareMetres(w, surface.area);
  if (field === 'name') return surface.name;
  if (field === 'food') return w.name('survey', surface.food ? 'withFood' : 'withoutFood');
  return fieldName(field, surface[field]);
};

/** What a surface becomes, in the order in which it is surveyed. */
export const surfaceCells = (surface: SurfaceFields, guessed: ReadonlySet<SurfaceField>): Cell[] =>
  surfaceFieldNames.map((field) => ({
    text: inWords(surface, field),
    guessed: guessed.has(field),
  }));
