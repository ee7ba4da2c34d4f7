import { judgeAir } from '../air/judgeAir.ts';
import { productOf } from '../apart/judgeCombination.ts';
import { groupsOf } from '../apart/groupsOf.ts';
import type { GenericActive } from '../domain/families.ts';
import type { Flame, Situation, Ventilation } from '../domain/situations.ts';
import type { SoakedThing } from '../domain/things.ts';
import { activeFacts, familyFacts } from '../families/index.ts';
import type { JobRow } from '../reference/jobRows.ts';
import { washAt } from '../reference/clothCare.ts';
import type { ProductId } from '../reference/products.ts';
import type { RoomAir } from '../reference/roomAir.ts';
import {
  FULL,
  MOST_ALCOHOL,
  STRONGEST_VINEGAR,
  type Soak,
  type SoakClaim,
} from '../reference/soaks.ts';
import type { Judging } from '../verdict/judging.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import { verdictOf, type Verdict } from '../verdict/verdict.ts';
import { breatheBath } from './bathAir.ts';
import { plain, type JobStep } from './jobStep.ts';
import { meetsAbout } from './meetsAbout.ts';
import {
  notSoaked,
  soakFlameReasons,
  soakFor,
  soakRows,
  soakSteps,
  soakTimeReasons,
} from './soak.ts';

export interface BathAsked {
  thing: SoakedThing;
  bath: { active: GenericActive; strength: number };
  /** m³, and the area of its mouth, m². */
  vessel: { volume: number; mouth: number };
  /** m³ that what lies in it takes up. */
  load: number;
  /** s that it is to lie. */
  seconds: number;
  covered: boolean;
  room: { ventilation: Ventilation; flame: Flame; floorArea: number; height: number; air: RoomAir };
  situations: readonly Situation[];
  /** What is in the vessel already, or was and was not rinsed out. */
  holds: readonly ProductId[];
}

export interface Bath extends Verdict {
  /** m³ to pour in. */
  pour: number;
  /** s; nothing where nobody names one. */
  least: number;
  most: number | null;
  /** What it may be called once it has lain as long as asked. */
  claim: SoakClaim;
  steps: JobStep[];
  rows: JobRow[];
}

const practice = 'common practice, no source';

/** What speaks against so strong a bath, and so much of it. */
const strengthReasons = ({ bath: { active, strength } }: BathAsked, soak: Soak): Reason[] => {
  const { family } = activeFacts[active];
  const top = family === 'vinegar' ? STRONGEST_VINEGAR : familyFacts[family].cleaningTop;
  const source = soak.row === 'soak-hard-alcohol' ? 'CDC-2008' : practice;
  if (strength < soak.strength * (1 - 1e-9))
    return [forbidden('bath-too-weak', source, { strength, floor: soak.strength })];
  return strength > top * (1 + 1e-9)
    ? [forbidden('bath-too-strong', source, { strength, most: top })]
    : [];
};

const sizeReasons = (asked: BathAsked, pour: number): Reason[] => {
  const { bath, vessel, load, covered } = asked;
  const alcohol = activeFacts[bath.active].family === 'alcohol';
  return [
    ...(pour <= 0 || load > vessel.volume * FULL * 0.6
      ? [forbidden('bath-does-not-cover', practice, { load, volume: vessel.volume })]
      : []),
    ...(alcohol && pour > MOST_ALCOHOL * (1 + 1e-9)
      ? [forbidden('bath-too-much', practice, { volume: pour, most: MOST_ALCOHOL })]
      : []),
    ...(alcohol && !covered ? [forbidden('bath-open', practice)] : []),
  ];
};

const check = ({ vessel, load, seconds }: BathAsked): void => {
  if (!(vessel.volume > 0 && vessel.volume <= 0.1))
    throw new RangeError(`a vessel of ${vessel.volume} m³: over 0 and at most 0.1 is allowed`);
  if (!(load >= 0)) throw new RangeError(`a load of ${load} m³: 0 or more is allowed`);
  if (!(seconds >= 0 && seconds <= 86_400))
    throw new RangeError(`${seconds} s: 0 to 86400 is allowed`);
};

/**
 * A bath for a thing: how much to pour so that it covers, how long it must and may lie, what is in
 * the air over it, and what it may be called. A longer soak never claims less. Throws a RangeError
 * for figures outside what is said. Source: CDC-2008 for hard things; common practice.
 */
export const soakBath = (asked: BathAsked, { book }: Judging): Bath => {
  check(asked);
  const { thing, bath, vessel, load, seconds, covered, room, situations, holds } = asked;
  const pour = Math.max(0, vessel.volume * FULL - load);
  const soak = soakFor(thing, bath);
  const refused = notSoaked(thing);
  if (refused || !soak) {
    const { family } = activeFacts[bath.active];
    const reason = refused ?? forbidden('no-such-soak', practice, { thing, family });
    return {
      ...verdictOf([reason]),
      pour: 0,
      least: 0,
      most: null,
      claim: 'nothing',
      steps:
        thing === 'sponge'
          ? plain('replace')
          : [{ code: 'wash-hot', figures: { temperature: washAt.home } }],
      rows: thing === 'sponge' ? ['sponge', 'soak-bath-tools'] : ['cloth-wash'],
    };
  }
  const put = productOf({ groups: groupsOf(bath), ...bath });
  const air = breatheBath(
    bath.active,
    { strength: bath.strength, area: vessel.mouth, covered, seconds },
    room,
  );
  const reasons: Reason[] = [
    ...strengthReasons(asked, soak),
    ...sizeReasons(asked, pour),
    ...soakFlameReasons(soak, { flame: room.flame, situations }),
    ...soakTimeReasons(seconds, soak),
    ...meetsAbout(put, { at: 'bath', keeps: holds, lifts: false }, book),
    judgeAir(bath.active, air),
  ];
  return {
    ...verdictOf(reasons),
    pour,
    least: soak.least,
    most: soak.most,
    claim: seconds >= soak.least ? soak.claim : 'nothing',
    steps: soakSteps(soak, { strength: bath.strength, pour, seconds }),
    rows: soakRows(soak),
  };
};
