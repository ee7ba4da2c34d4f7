import { activeFacts, classify, groups, isGeneric, judgeCombination, mixtureOf, nameOf, requiredContact, rules as reference, type Book, type Group, type HouseRules, type Pictogram, type SignalWord } from '@zymostat/core';
import type { BatchFacts } from '../messages.ts';
import { duration, strengthOf } from './figures.ts';
import { precautionWords, statementWords } from './mixtures.ts';
import { activeNames, batchNames, familyNames, groupNames } from './names.ts';

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

/** Whatever must not share its bottle or its wet surface. */
const neverWith = (own: Group, book: Book): string =>
  groups
    .filter((other) => other !== 'unknown' && (['vessel', 'surface'] as const).some((route) => judgeCombination({ groups: [own], strength: 0.03 }, { groups: [other] }, route, {}, book).severity === 'never'))
    .map((group) => groupNames[group])
    .join(', ');

/** A product's own label stays on: this one only says whose bottle it is and until when. */
const productLabel = (batch: LabelledBatch, company: { name: string; poisonLine: string }): LabelWords => ({
  company: company.name, code: batch.code, title: 'Registered product', strength: 'as sold', purpose: 'By the maker’s label, which stays on the bottle and comes first.', pictograms: [], statements: [], precautions: [precautionWords.P102, 'Wear gloves; goggles when spraying. Ventilate.'],
  neverWith: 'any other product', madeAt: batch.madeAt, madeBy: batch.madeBy, discardAfter: batch.discardAfter, emergency: `Emergency or swallowed: poison line ${company.poisonLine}.`,
});

export const labelWords = (batch: LabelledBatch, company: { name: string; poisonLine: string }, rules: HouseRules, book: Book = reference): LabelWords => {
  const { active, strength, purpose } = batch;
  if (!isGeneric(active)) return productLabel(batch, company);
  const { signal, pictograms, statements, precautions } = classify(mixtureOf(active, strength, 1, 0));
  const wet = requiredContact(active, strength, 'disinfect', 'everyday', rules).seconds;
  return {
    company: company.name, code: batch.code, title: `${familyNames[activeFacts[active].family]} ${purpose === 'disinfect' ? 'to disinfect' : 'cleaner'}`, strength: `${strengthOf(active, strength)} ${activeNames[active]} in water`,
    purpose: purpose === 'disinfect' ? `On a hard surface, washed first. Keep wet for ${duration(wet)}, then wipe.` : `For cleaning: ${batchNames[nameOf(active, strength, rules)]}.`,
    ...(signal ? { signal } : {}), pictograms, statements: statements.map((code) => statementWords[code]!),
    // What is not classified still wants gloves, goggles when spraying, and air.
    precautions: statements.length > 0 ? precautions.map((code) => precautionWords[code]) : [precautionWords.P102, 'Wear gloves; goggles when spraying. Ventilate.'],
    neverWith: neverWith(activeFacts[active].group, book), madeAt: batch.madeAt, madeBy: batch.madeBy, discardAfter: batch.discardAfter,
    emergency: `Emergency or swallowed: poison line ${company.poisonLine}.`,
  };
};
