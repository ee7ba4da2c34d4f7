import type { BatchFacts, JarRow } from '@zymostat/contract';
import {
  activeFacts,
  classify,
  isGeneric,
  judgeCombination,
  mixtureOf,
  nameOf,
  productOf,
  requiredContact,
  type Book,
  type GenericActive,
  type Group,
  type HouseRules,
  type Pictogram,
  type Product,
} from '@zymostat/core';
import { duration, percent, strengthOf } from '../figures.ts';
import type { KeyOf, Words } from '../words.ts';

/** Everything that a secondary-container label says, in words; dates in ms. */
export interface LabelWords {
  company: string;
  code: string;
  title: string;
  strength: string;
  purpose: string;
  signal?: string;
  pictograms: Pictogram[];
  statements: string[];
  precautions: string[];
  neverWith: string;
  madeAt: number;
  madeBy: string;
  discardAfter: number;
  emergency: string;
}

type LabelledBatch = Omit<BatchFacts, 'id' | 'stockId'>;

/** Whose label it is, and by what it is judged. */
export interface Labelling {
  company: { name: string; poisonLine: string };
  rules: HouseRules;
  book: Book;
}

/** What a label warns of, in the order of how often it is at hand. */
const things: readonly (readonly [KeyOf<'neverThing'>, readonly Group[]])[] = [
  ['acid', ['acid']],
  ['bleach', ['hypochlorite']],
  ['peroxide', ['peroxide']],
  ['alcohol', ['alcohol']],
  ['ammonia', ['ammonia']],
  ['soda', ['carbonate']],
  ['soap', ['soap']],
  ['drain-cleaner', ['strong-alkali', 'strong-acid']],
  ['acetone', ['ketone']],
  ['pool-chlorine', ['dry-chlorine']],
  ['unlabelled', ['unknown']],
];

/** Whatever must not be in its bottle or on its wet surface, said in things. */
const neverWith = ({ name }: Words, product: Product, book: Book): string => {
  const isNever = (other: Group, route: 'vessel' | 'surface') =>
    judgeCombination(product, { groups: [other] }, { route }, book).severity === 'never';
  return things
    .filter(([, of]) => of.some((one) => isNever(one, 'vessel') || isNever(one, 'surface')))
    .map(([thing]) => name('neverThing', thing))
    .join(' · ');
};

/** What every label says of whose bottle it is and until when. */
const shared = (
  { say }: Words,
  { code, madeAt, madeBy, discardAfter }: LabelledBatch,
  { name, poisonLine }: Labelling['company'],
) => ({
  company: name,
  code,
  madeAt,
  madeBy,
  discardAfter,
  emergency: say('label.emergency', { poisonLine }),
});

/** What is not classified still wants gloves, goggles when spraying, and air. */
const usualPrecautions = ({ name }: Words): string[] => [
  name('precaution', 'P102'),
  name('label', 'gloves'),
];

/** A product's own label stays on: this one only says whose bottle it is and until when. */
const productLabel = (words: Words, batch: LabelledBatch, { company }: Labelling): LabelWords => ({
  ...shared(words, batch, company),
  title: words.name('label', 'registered-product'),
  strength: words.name('figure', 'as-sold'),
  purpose: words.name('label', 'makers-label'),
  pictograms: [],
  statements: [],
  precautions: usualPrecautions(words),
  neverWith: words.name('label', 'any-other'),
});

/** Our own mix is never called a disinfectant: what is done with it is said, and what it is not. */
const purposeOf = (
  words: Words,
  { purpose, strength }: LabelledBatch,
  active: GenericActive,
  rules: HouseRules,
): string => {
  if (purpose !== 'disinfect') {
    const name = words.name('batchName', nameOf(active, strength, rules));
    return words.say('label.cleans', { name });
  }
  const against = active === '2-propanol' ? 'everyday' : 'respiratory';
  const wanted = { goal: 'disinfect' as const, against } as const;
  const { seconds } = requiredContact({ active, strength }, wanted, rules);
  return words.say('label.disinfects', { time: duration(words, seconds) });
};

export const labelWords = (
  words: Words,
  batch: LabelledBatch,
  labelling: Labelling,
): LabelWords => {
  const { active, strength } = batch;
  if (!isGeneric(active)) return productLabel(words, batch, labelling);
  const { company, rules, book } = labelling;
  const { signal, pictograms, statements, precautions } = classify(
    mixtureOf(active, strength, 1, 0),
  );
  const { family, group } = activeFacts[active];
  return {
    ...shared(words, batch, company),
    title: `${words.name('family', family)} ${percent(words, strength)}`,
    strength: words.say('label.in-water', {
      strength: strengthOf(words, active, strength),
      active: words.name('active', active),
    }),
    purpose: purposeOf(words, batch, active, rules),
    ...(signal ? { signal: words.name('label', signal === 'Danger' ? 'danger' : 'warning') } : {}),
    pictograms,
    statements: statements.map((code) => words.name('statement', code as KeyOf<'statement'>)),
    precautions:
      statements.length > 0
        ? precautions.map((code) => words.name('precaution', code))
        : usualPrecautions(words),
    neverWith: neverWith(words, productOf({ active, strength, groups: [group] }), book),
  };
};

type LabelledJar = Pick<
  JarRow,
  'code' | 'active' | 'strength' | 'claim' | 'held' | 'madeAt' | 'madeBy' | 'awayAt'
>;

/** What stands on a jar of wipes: what is in it, for how long a thing is kept wet, until when. */
export const jarLabelWords = (
  words: Words,
  { code, active, strength, claim, held, madeAt, madeBy, awayAt }: LabelledJar,
  labelling: Labelling,
): LabelWords => {
  const batch = { code, madeAt, madeBy, discardAfter: awayAt } as LabelledBatch;
  const kept =
    claim === 'disinfects'
      ? words.say('label.wipes-kept-wet', { time: duration(words, held) })
      : words.name('label', 'wipes-clean');
  if (active === null || strength === null || !isGeneric(active))
    return {
      ...shared(words, batch, labelling.company),
      title: words.name('label', 'washing-wipes'),
      strength: words.name('label', 'washing-liquid'),
      purpose: kept,
      pictograms: [],
      statements: [],
      precautions: usualPrecautions(words),
      neverWith: words.name('label', 'any-other'),
    };
  const own = { ...batch, active, strength, purpose: 'clean' as const };
  const label = labelWords(words, own, labelling);
  const family = words.name('family', activeFacts[active].family);
  return { ...label, title: words.say('label.wipes', { family }), purpose: kept };
};
