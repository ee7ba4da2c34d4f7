import type { Objection, Reason } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import type { Survey } from '../homes/service.ts';
import type { Person } from '../people/service.ts';
import { appendRefusal } from '../records/service.ts';

/** Objections with the names of their surfaces, in the order of the survey. */
export const objectionsInFull = (survey: Survey, objections: Objection[]) =>
  survey.rooms.flatMap((room) =>
    room.surfaces.flatMap((surface) => {
      const objection = objections.find((one) => one.surfaceId === surface.id);
      return objection ? [{ ...objection, surfaceName: surface.name, roomName: room.name }] : [];
    }),
  );

/** Puts on record that something of a home was refused, at which surfaces and why. */
export const recordRefusal = async (
  context: Context,
  what: 'protocol' | 'survey',
  { survey, objections }: { survey: Survey; objections: ReturnType<typeof objectionsInFull> },
  person: Person,
): Promise<Reason[]> => {
  const reasons = objections.flatMap((objection) => objection.reasons);
  const surfaces = objections.map(({ roomName, surfaceName }) => ({ roomName, surfaceName }));
  const refused = { is: 'surfaces' as const, surfaces };
  await appendRefusal(context, { what, refused, reasons }, { home: survey, person });
  return reasons;
};
