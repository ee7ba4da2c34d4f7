import type { Body } from '@zymostat/contract';
import { justWashed, notAJob, refusedIn } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import { problems } from '../../platform/http/problems.ts';
import type { SurfaceRow } from './store.ts';

/** What is no job of this tool is no surface: who is to be asked instead is said. */
const refuseNoJob = (name: string): void => {
  const refused = refusedIn(name);
  if (refused) throw problems.refused([notAJob(refused)]);
};

/** A surface as it begins: nothing is asked of it but washing. */
export const newSurface = (
  context: Context,
  roomId: string,
  surface: Body<'addSurface'>,
): SurfaceRow => {
  refuseNoJob(surface.name);
  return {
    id: context.newId(),
    roomId,
    ...surface,
    thing: surface.thing ?? 'surface',
    soil: surface.soil ?? 'everyday',
    goal: justWashed.goal,
    against: justWashed.against,
    stockId: null,
    strength: null,
    accepted: null,
  };
};
