import type * as v from 'valibot';

/** How a field of something surveyed is asked for, kept and read: what its schema says it is. */
export type FieldKind = 'text' | 'number' | 'yes-no' | 'choice';

type Anything = Pick<v.GenericSchema, 'type'>;

/** What a field is where it is said: some may be left out. */
export const withoutDefault = (schema: Anything): Anything =>
  'wrapped' in schema ? (schema.wrapped as Anything) : schema;

/** Throws a RangeError for a schema that no form, column or file would know what to do with. */
export const kindOfField = (schema: Anything): FieldKind => {
  const { type } = withoutDefault(schema);
  switch (type) {
    case 'string':
      return 'text';
    case 'number':
      return 'number';
    case 'boolean':
      return 'yes-no';
    case 'picklist':
      return 'choice';
    default:
      throw new RangeError(`a field is text, number, yes-no or choice, found ${type}`);
  }
};
