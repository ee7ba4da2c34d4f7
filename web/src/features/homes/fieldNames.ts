import type { SurfaceField } from '@zymostat/contract';
import type { Topic } from '@zymostat/words';
import { w } from '../../words/words.ts';

/** What one of a field's choices is called: each such field is a topic of the catalogue. */
export const fieldName = (field: SurfaceField, code: string): string =>
  w.tell(field as Topic, code, {});
