import { valibotResolver } from '@hookform/resolvers/valibot';
import { useForm, type Control, type FieldValues, type UseFormReturn } from 'react-hook-form';
import type * as v from 'valibot';

/** A form as a schema reads it: what is typed goes in, what is sent comes out. */
export type FormOf<In extends FieldValues, Out> = UseFormReturn<In, unknown, Out>;
export type ControlOf<In extends FieldValues> = Control<In, unknown, never>;

/**
 * The fields of a form, read by one schema: every line is looked at as it is typed and left, and
 * what is sent off is what the schema made of it.
 */
export const useFormOf = <In extends FieldValues, Out extends FieldValues>(
  schema: v.GenericSchema<In, Out>,
  values: In,
): FormOf<In, Out> =>
  useForm<In, unknown, Out>({
    resolver: valibotResolver(schema) as never,
    defaultValues: values as never,
    mode: 'all',
  });
