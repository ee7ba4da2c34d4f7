import type { Soil } from '../../domain/soils.ts';
import type { MaterialId } from '../../reference/materials.ts';
import type { RoomTemplate, SurfaceKindId } from '../../reference/surfaceKinds.ts';

/**
 * What things in homes are called in one language, in lower case; whoever adds a language fills
 * these tables.
 */
export interface SurveyVocabulary {
  /** What people call what is on a thing, or want done about it. */
  soils: Partial<Record<Soil, readonly string[]>>;
  kinds: Readonly<Record<SurfaceKindId, readonly string[]>>;
  /** Words in a name that say what it is made of; several words before one. */
  hints: Readonly<Record<string, MaterialId>>;
  /** What a room to begin with is called, and the surfaces that most such rooms have. */
  rooms: Readonly<Record<RoomTemplate, { name: string; surfaces: string }>>;
  /** Units of area as people write them, in square metres. */
  areas: Readonly<Record<string, number>>;
}
