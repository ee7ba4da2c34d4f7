import { groupsOf } from '../apart/groupsOf.ts';
import { requiredContact } from '../contact/requiredContact.ts';
import { isGeneric, type Active } from '../domain/families.ts';
import { activeFacts, familyFacts } from '../families/index.ts';
import { clothOf } from '../reference/wipes.ts';
import type { Judging } from '../verdict/judging.ts';
import { forbidden, type Reason } from '../verdict/reason.ts';
import type { JarAsked } from './jar.ts';

/** kg/m³ of cellulose and polyester: what the fibres themselves take up. Source: Perry. */
const FIBRE = 1450;

const practice = 'common practice, no source';

/** What speaks against such a vessel. */
export const vesselReasons = (
  { vessel, liquid }: JarAsked,
  { pour, dry }: { pour: number; dry: number },
): Reason[] => {
  const { kind, volume } = vessel;
  const wanted = pour + dry / FIBRE;
  const dissolves =
    liquid.active !== null && groupsOf(liquid as { active: Active }).includes('alcohol');
  return [
    ...(kind === 'clear-plastic' && dissolves ? [forbidden('jar-vessel-crazes', practice)] : []),
    ...(kind === 'bleach-tub' ? [forbidden('jar-held-bleach', practice)] : []),
    ...(wanted > volume ? [forbidden('jar-too-small', practice, { volume, wanted })] : []),
  ];
};

/** What is poured over them: whether it disinfects, and for how long it must then stay wet. */
export const liquidReasons = (
  { liquid, against, cloth }: JarAsked,
  { rules }: Judging,
): { reasons: Reason[]; seconds: number } => {
  if (liquid.active === null) return { reasons: [], seconds: 0 };
  const binds = clothOf(cloth.kind).cotton && groupsOf(liquid).includes('quat');
  const cotton: Reason[] = binds ? [forbidden('cotton-binds-quats', practice)] : [];
  if (!isGeneric(liquid.active))
    return { reasons: [...cotton, forbidden('jar-not-on-label', 'product label')], seconds: 0 };
  const { active, strength } = liquid;
  const contact = requiredContact({ active, strength }, { goal: 'disinfect', against }, rules);
  if (contact.outcome !== 'never')
    return { reasons: [...cotton, ...contact.reasons], seconds: contact.seconds };
  const span = familyFacts[activeFacts[active].family].disinfecting?.span(against, rules);
  const weak: Reason[] =
    span && strength < span.floor
      ? [
          {
            code: 'jar-cleans-only',
            outcome: 'care',
            figures: { strength, floor: span.floor, active },
            source: 'CDC-2008',
          },
        ]
      : contact.reasons.map((reason) => ({ ...reason, outcome: 'care' as const }));
  const clean = requiredContact({ active, strength }, { goal: 'clean', against }, rules);
  const barred = clean.outcome === 'never' ? clean.reasons : [];
  return { reasons: [...cotton, ...barred, ...weak], seconds: 0 };
};
