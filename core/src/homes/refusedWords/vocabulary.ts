import type { Refusal } from '../../reference/refusals.ts';

/** What people call what this tool does not do. */
export interface RefusedVocabulary {
  refused: Record<Refusal, readonly string[]>;
  /** What only holds such a thing: a surface like any other. */
  holders: readonly string[];
}
