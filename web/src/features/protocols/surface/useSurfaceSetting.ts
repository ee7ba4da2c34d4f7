import type { RoomRow, SurfaceRow } from '@zymostat/contract';
import {
  activeFacts,
  actsBetween,
  assessSurface,
  bestOf,
  compareFamilies,
  growthIn,
  parseStrength,
  treatedSurface,
  type Compared,
  type Family,
  type Setting,
} from '@zymostat/core';
import { percent } from '@zymostat/words';
import { useState } from 'react';
import { w } from '../../../words/words.ts';
import { useSetSurfaceMutation } from '../../homes/surveyApi.ts';
import type { ProtocolNow } from '../useProtocol.ts';

/** What somebody has typed for a family, over what would be taken from the stock by itself. */
export interface TypedUse {
  stockId: string;
  strength: string;
}
type Typed = Partial<Record<Family, TypedUse>>;

interface OfSurface {
  protocol: ProtocolNow;
  room: RoomRow;
  surface: SurfaceRow;
}
export type SurfaceProps = OfSurface;

/**
 * Saves what is set for a surface; what could not be saved is saved again over what came between.
 */
const useSave = ({ protocol, surface }: OfSurface) => {
  const [save, saving] = useSetSurfaceMutation();
  const [last, setLast] = useState<Partial<Setting>>({});
  const set = (to: Partial<Setting>, seen?: number) => {
    setLast(to);
    const of = { id: surface.id, homeId: protocol.home.id };
    const body = { ...surface.setting, ...to };
    void save(seen === undefined ? { ...of, body } : { ...of, body, seen });
  };
  return {
    set,
    error: saving.error,
    saveMine: (seen: number) => set(last, seen),
    takeTheirs: saving.reset,
  };
};

const typedFrom = ({ protocol, surface }: OfSurface): Typed => {
  const { use } = surface.setting;
  const stock = protocol.stockOf(surface);
  if (!use || !stock) return {};
  const { family } = activeFacts[stock.active];
  return { [family]: { stockId: stock.id, strength: percent(w, use.strength) } };
};

const isSet = ({ setting: { use } }: SurfaceRow, { stock, strength }: Compared): boolean =>
  use?.stockId === stock.id && Math.abs(use.strength - strength) < 1e-9;

/** The families compared for a surface, with what somebody has typed for them. */
const compareAsTyped = ({ protocol, room, surface }: OfSurface, typed: Typed) => {
  const { home, stocks, judging } = protocol;
  const { setting } = surface;
  const where = { surface, room, home, growth: growthIn(home.rooms), ...judging };
  const asTyped = (one: Compared): Compared => {
    const own = typed[one.family];
    const stock = stocks.find((candidate) => candidate.id === own?.stockId) ?? one.stock;
    const read = own && parseStrength(own.strength, activeFacts[stock.active].basis);
    const strength = read?.ok ? read.value.value : one.strength;
    const contact = assessSurface({ ...setting, stock, strength }, where);
    return { ...one, stock, strength, contact };
  };
  const compared = compareFamilies(setting, stocks, where).map(asTyped);
  return { compared, best: bestOf(compared, where) };
};

/** The same steps stand here, in the approved version, on the phone and on paper. */
const treatedAs = ({ protocol, room, surface }: OfSurface, one: Compared | undefined) => {
  const { home, stocks, judging } = protocol;
  const use = one ? { stockId: one.stock.id, strength: one.strength } : null;
  const { soil } = protocol.judged.get(surface.id)!;
  return treatedSurface(
    { ...surface, setting: { ...surface.setting, use } },
    {
      home,
      room,
      stocks,
      verdict: { ...(one?.contact ?? { outcome: 'use', reasons: [], seconds: 0 }), soil },
      between: actsBetween(home, stocks, judging.book, protocol.judged).get(surface.id) ?? [],
    },
  );
};

/** One surface: what it must reach, what each family could do for it, and what is set. */
export const useSurfaceSetting = (of: OfSurface) => {
  const { surface } = of;
  const [typed, setTyped] = useState(() => typedFrom(of));
  const saving = useSave(of);
  const { compared, best } = compareAsTyped(of, typed);
  const chosen = compared.find((one) => isSet(surface, one));
  const proposal = chosen ?? (surface.setting.goal === 'clean' ? undefined : best);
  return {
    ...saving,
    compared,
    typed,
    type: (family: Family, to: TypedUse) => setTyped({ ...typed, [family]: to }),
    chosen,
    proposal,
    treated: treatedAs(of, proposal),
    /** How what is on it is lifted, as it is set. */
    soil: of.protocol.judged.get(surface.id)!.soil,
    use: ({ stock, strength }: Compared) =>
      saving.set({ use: { stockId: stock.id, strength }, accepted: null }),
  };
};
export type SurfaceSetting = ReturnType<typeof useSurfaceSetting>;
