import type { Soil } from '../domain/soils.ts';
import type { Thing } from '../domain/things.ts';
import { asTheTableSays, type Loosening, type Surface } from '../homes/home.ts';
import type { JobStep } from '../jobs/jobStep.ts';
import type { Lies, SoilJob } from '../jobs/soil.ts';
import type { SoakClaim } from '../reference/soaks.ts';
import type { NotOnSoil } from '../reference/soilRows.ts';

/** What is on a surface and what is done about it before anything is kept wet. */
export interface TreatedSoil {
  soil: Soil;
  thing: Thing;
  /** As somebody has set it, where somebody has. */
  set: Loosening;
  cleaners: SoilJob['cleaners'];
  /** s that it works by itself, and the longest that it may. */
  lies: Lies | null;
  /** m³ of acid that is poured; nothing where none is. */
  poured: number | null;
  claim: SoakClaim;
  steps: JobStep[];
  not: NotOnSoil[];
}

/** How the soil of a surface is lifted, as a version keeps it; nothing where a wash is all. */
export const treatedSoil = (
  { soil, thing, setting }: Pick<Surface, 'soil' | 'thing' | 'setting'>,
  job: SoilJob | null,
): TreatedSoil | null =>
  job && {
    soil,
    thing,
    set: setting.loosening ?? asTheTableSays,
    cleaners: job.cleaners,
    lies: job.lies,
    poured: job.lime?.poured ?? null,
    claim: job.claim,
    steps: job.steps,
    not: job.not,
  };
