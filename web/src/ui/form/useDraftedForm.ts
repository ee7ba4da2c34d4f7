import { useState } from 'react';
import type { FieldValues } from 'react-hook-form';
import type * as v from 'valibot';
import { draftNamed, dropDraft } from '../drafts.ts';
import { draftOf, useDraft } from './useDraft.ts';
import { useFormOf, type FormOf } from './useFormOf.ts';

export interface Drafted<In extends FieldValues, Out> {
  form: FormOf<In, Out>;
  /** Whether it goes on from what was typed before. */
  goesOn: boolean;
  /** What was typed is done with: it was sent. */
  done: () => void;
  /** Begins with nothing typed. */
  anew: () => void;
}

const NOTHING_SECRET = [] as const;

/**
 * A form that keeps what is typed until it is sent: left by Esc, the back button or a reload, it
 * goes on where it was. `name`: which form it is; nothing for what changes something that stands,
 * which begins as it stands.
 */
export const useDraftedForm = <In extends FieldValues, Out extends FieldValues>(
  name: string | null,
  schema: v.GenericSchema<In, Out>,
  begins: In,
): Drafted<In, Out> => {
  const [goesOn, setGoesOn] = useState(() => name !== null && draftNamed(name) !== null);
  const form = useFormOf<In, Out>(schema, name === null ? begins : draftOf(name, begins));
  useDraft(name, form, NOTHING_SECRET);
  const done = () => {
    if (name !== null) dropDraft(name);
  };
  const anew = () => {
    form.reset(begins);
    done();
    setGoesOn(false);
  };
  return { form, goesOn, done, anew };
};
