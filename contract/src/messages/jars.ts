import {
  clothActs,
  clothKinds,
  flames,
  jarActs,
  jarEnds,
  layOutcomes,
  productIds,
  soakClaims,
  soakedThings,
  threats,
  ventilations,
  vessels,
  zones,
} from '@zymostat/core';
import * as v from 'valibot';
import { between, id, instant, name } from '../parts/text.ts';
import { active, strength, volume } from '../parts/trade.ts';

const cloths = v.pipe(
  v.number(),
  v.integer('whole-number-allowed'),
  v.minValue(1, 'over-zero-amount'),
  v.maxValue(500, 'most-amount'),
);

/** Measures in m, weights in kg. */
const cloth = v.strictObject({
  kind: v.picklist(clothKinds),
  length: between(0.02, 2),
  width: between(0.02, 2),
  weighed: v.nullable(v.strictObject({ dry: between(0, 5), dripping: between(0, 10) })),
});

/** A jar of wipes as somebody makes it; no batch is washing-up liquid in water. */
export const newJar = v.strictObject({
  id,
  cloth,
  count: cloths,
  batchId: v.nullable(id),
  /** m³, and the area of its mouth, m². */
  vessel: v.strictObject({ kind: v.picklist(vessels), volume, mouth: between(0, 0.2) }),
  /** For how long things are to be kept wet (s), against what, and in what air. */
  seconds: between(0, 3600),
  against: v.picklist(threats),
  ventilation: v.picklist(ventilations),
  temperature: between(0, 40),
  opened: between(0, 200),
});

/** What of a jar was worked out when it was made: m³, m², s, ms since 1970. */
const worked = {
  active: v.nullable(active),
  strength: v.nullable(strength),
  batchCode: v.nullable(v.string()),
  pour: v.number(),
  keepsWet: v.nullable(v.strictObject({ usual: v.number(), last: v.nullable(v.number()) })),
  held: v.number(),
  claim: v.picklist(['cleans', 'disinfects']),
  readyAt: instant,
  awayAt: instant,
  because: v.picklist(jarEnds),
};

export const jar = v.strictObject({
  ...newJar.entries,
  code: v.string(),
  ...worked,
  madeAt: instant,
  madeBy: name,
  left: v.number(),
  endedAt: v.nullable(instant),
});

/** Something done with a jar, so many cloths of it where cloths are meant. */
export const jarAct = v.strictObject({
  id,
  did: v.picklist(jarActs),
  count: v.pipe(v.number(), v.integer('whole-number-allowed'), v.minValue(0), v.maxValue(500)),
});

/** A bath as somebody sets it up: what lies in what, how much, how long, where. */
export const newBath = v.strictObject({
  id,
  thing: v.picklist(soakedThings),
  batchId: id,
  vessel: v.strictObject({ volume, mouth: between(0, 1) }),
  load: between(0, 0.1),
  seconds: between(0, 86_400),
  covered: v.boolean(),
  place: name,
  ventilation: v.picklist(ventilations),
  flame: v.picklist(flames),
  floorArea: between(0.5, 1000),
  height: between(1, 10),
  holds: v.array(v.picklist(productIds)),
});

export const bath = v.strictObject({
  ...newBath.entries,
  code: v.string(),
  active,
  strength,
  batchCode: v.string(),
  pour: v.number(),
  least: v.number(),
  most: v.nullable(v.number()),
  claim: v.picklist(soakClaims),
  begunAt: instant,
  begunBy: name,
  ended: v.nullable(
    v.strictObject({
      at: instant,
      by: name,
      seconds: v.number(),
      outcome: v.picklist(layOutcomes),
      claim: v.picklist(soakClaims),
    }),
  ),
});

export const endBath = v.strictObject({ id });

/** Something done with clean cloths of a zone; of a wash, how. */
export const clothAct = v.strictObject({
  id,
  zone: v.picklist(zones),
  did: v.picklist(clothActs),
  count: v.pipe(v.number(), v.integer('whole-number-allowed'), v.minValue(0), v.maxValue(5000)),
  wash: v.nullable(
    v.strictObject({
      of: v.picklist(['microfibre', 'other', 'mop-heads']),
      temperature: between(0, 100),
      softener: v.boolean(),
      solvent: v.boolean(),
      drawer: v.array(v.picklist(productIds)),
    }),
  ),
});

/** What stands in jars and baths, and the clean cloths there are. */
export const vesselsNow = v.strictObject({
  jars: v.array(jar),
  baths: v.array(bath),
  cloths: v.array(v.strictObject({ zone: v.picklist(zones), clean: v.number() })),
});

export type JarRow = v.InferOutput<typeof jar>;
export type BathRow = v.InferOutput<typeof bath>;
export type VesselsNow = v.InferOutput<typeof vesselsNow>;
