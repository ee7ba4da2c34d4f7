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
  type Group,
  type HouseRules,
  type Pictogram,
  type Product,
  type SignalWord,
} from '@zymostat/core';
import type { BatchFacts } from '../messages.ts';
import { duration, percent, strengthOf } from './figures.ts';
import { precautionWords, statementWords } from './mixtures.ts';
import { activeNames, batchNames, familyNames } from './names.ts';

/** Everything that a secondary-container label says, in words; dates in ms. */
export interface LabelWords {
  company: string;
  code: string;
  title: string;
  strength: string;
  purpose: string;
  signal?: SignalWord;
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

/**
 * What people have in their hands, not groups: what a label warns of. In the order of how often it
 * is at hand.
 */
const things: readonly { words: string; of: readonly Group[] }[] = [
  { words: 'vinegar, lemon, descaler', of: ['acid'] },
  { words: 'bleach', of: ['hypochlorite'] },
  { words: 'peroxide', of: ['peroxide'] },
  { words: 'rubbing alcohol', of: ['alcohol'] },
  { words: 'ammonia', of: ['ammonia'] },
  { words: 'baking or washing soda', of: ['carbonate'] },
  { words: 'soap', of: ['soap'] },
  { words: 'oven or drain cleaner', of: ['strong-alkali', 'strong-acid'] },
  { words: 'nail-polish remover', of: ['ketone'] },
  { words: 'pool chlorine, chlorine tablets', of: ['dry-chlorine'] },
  { words: 'anything without a label', of: ['unknown'] },
];

/** Whatever must not be in its bottle or on its wet surface, said in things. */
const neverWith = (product: Product, book: Book): string =>
  things
    .filter(({ of }) =>
      of.some((other) =>
        (['vessel', 'surface'] as const).some(
          (route) =>
            judgeCombination(product, { groups: [other] }, { route: route }, book).severity ===
            'never',
        ),
      ),
    )
    .map(({ words }) => words)
    .join(' · ');

/** A product's own label stays on: this one only says whose bottle it is and until when. */
const productLabel = (
  batch: LabelledBatch,
  company: { name: string; poisonLine: string },
): LabelWords => ({
  company: company.name,
  code: batch.code,
  title: 'Registered product',
  strength: 'as sold',
  purpose: 'By the maker’s label, which stays on the bottle and comes first.',
  pictograms: [],
  statements: [],
  precautions: [precautionWords.P102, 'Wear gloves; goggles when spraying. Ventilate.'],
  neverWith: 'any other product',
  madeAt: batch.madeAt,
  madeBy: batch.madeBy,
  discardAfter: batch.discardAfter,
  emergency: `Emergency or swallowed: poison line ${company.poisonLine}.`,
});

export const labelWords = (
  batch: LabelledBatch,
  company: { name: string; poisonLine: string },
  rules: HouseRules,
  book: Book,
): LabelWords => {
  const { active, strength, purpose } = batch;
  if (!isGeneric(active)) return productLabel(batch, company);
  const { signal, pictograms, statements, precautions } = classify(
    mixtureOf(active, strength, 1, 0),
  );
  const wet = requiredContact(
    { active, strength },
    { goal: 'disinfect', against: active === '2-propanol' ? 'everyday' : 'respiratory' },
    rules,
  ).seconds;
  const disinfects = purpose === 'disinfect';
  return {
    company: company.name,
    code: batch.code,
    title: `${familyNames[activeFacts[active].family]} ${percent(strength)}`,
    strength: `${strengthOf(active, strength)} ${activeNames[active]} in water`,
    // Our own mix is never called a disinfectant: what is done with it is said, and what it is not.
    purpose: disinfects
      ? `On a hard, clean surface. Keep wet ${duration(wet)}, then wipe. Not a registered disinfectant.`
      : `For cleaning: ${batchNames[nameOf(active, strength, rules)]}.`,
    ...(signal ? { signal } : {}),
    pictograms,
    statements: statements.map((code) => statementWords[code]!),
    // What is not classified still wants gloves, goggles when spraying, and air.
    precautions:
      statements.length > 0
        ? precautions.map((code) => precautionWords[code])
        : [precautionWords.P102, 'Wear gloves; goggles when spraying. Ventilate.'],
    neverWith: neverWith(
      productOf({ active, strength, groups: [activeFacts[active].group] }),
      book,
    ),
    madeAt: batch.madeAt,
    madeBy: batch.madeBy,
    discardAfter: batch.discardAfter,
    emergency: `Emergency or swallowed: poison line ${company.poisonLine}.`,
  };
};
