import type * as v from 'valibot';

export type Schema = v.GenericSchema<never, unknown> | v.GenericSchema<unknown, unknown>;
