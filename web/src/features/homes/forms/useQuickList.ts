import { noteSurface, readSurfaces, surveyedOf, type MaterialId } from '@zymostat/core';
import { useState } from 'react';
import { dropDraft } from '../../../ui/drafts.ts';
import { useKept } from '../../../ui/useKept.ts';
import { useAddSurfaceMutation } from '../surveyApi.ts';

const keyOf = (name: string) => name.toLowerCase();
const keyOfWritten = (written: string) => keyOf(noteSurface(written.trim()).name);

/** What was written, without one thing that has been added. */
const without = (text: string, name: string): string =>
  text
    .split(/[;\n]|,(?!\d)/)
    .filter((one) => keyOfWritten(one) !== keyOf(name))
    .join(',');

/** A list of things as somebody walks through a room, what they are read as, and adding them. */
export const useQuickList = (roomId: string, onDone: () => void) => {
  const draft = `surfaces/${roomId}`;
  const [text, setText] = useKept(draft, () => '');
  const [materials, setMaterials] = useState<Record<string, MaterialId>>({});
  const [addSurface, adding] = useAddSurfaceMutation();
  const read = readSurfaces(text);
  const noted = read.filter(({ refused }) => refused === null);
  /** What is no job of this tool is not added, and stays written. */
  const refused = read.filter((one) => one.refused !== null);
  const materialOf = (one: (typeof noted)[number]): MaterialId | null =>
    materials[one.name] ?? (one.sure ? one.material : null);
  const ready = noted.length > 0 && noted.every((one) => materialOf(one) !== null);
  const add = async () => {
    if (!ready) return;
    let left = text;
    for (const one of noted) {
      const body = { ...surveyedOf(one), material: materialOf(one)! };
      const result = await addSurface({ id: roomId, body });
      // What could not be added stays in the field.
      if (result.error) return;
      left = without(left, one.name);
      setText(left);
    }
    dropDraft(draft);
    onDone();
  };
  const choose = (name: string, id: MaterialId) => setMaterials({ ...materials, [name]: id });
  return { text, setText, noted, refused, materialOf, choose, ready, add, adding };
};
