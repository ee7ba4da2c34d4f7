import type { Body } from '@zymostat/contract';
import { justWashed } from '@zymostat/core';
import type { Context } from '../../platform/context.ts';
import type { SurfaceRow } from './store.ts';

/** A surface as it begins: nothing is asked of it but washing. */
export const newSurface = (
  context: Context,
  roomId: string,
  surface: Body<'addSurface'>,
): SurfaceRow => ({
  id: context.newId(),
  roomId,
  ...surface,
  goal: justWashed.goal,
  against: justWashed.against,
  stockId: null,
  strength: null,
  accepted: null,
});
