import type { Me } from '@zymostat/contract';
import { houseQuestions, type HouseRules } from '@zymostat/core';
import { useState } from 'react';
import { useRuleEffectsQuery, useSetHouseRulesMutation } from '../protocols/api.ts';

/** The rules that stand, those that are chosen, and what the change would make untrue. */
export const useHouseRules = (me: Me) => {
  const stands = me.company.houseRules;
  const [chosen, setChosen] = useState<HouseRules>();
  const [save, saving] = useSetHouseRulesMutation();
  const rules = chosen ?? stands;
  const changes = houseQuestions.filter((question) => stands[question] !== rules[question]);
  const effects = useRuleEffectsQuery(rules, { skip: changes.length === 0 });
  const submit = async () => {
    const result = await save(rules);
    if (!result.error) setChosen(undefined);
  };
  return {
    stands,
    rules,
    choose: (to: Partial<HouseRules>) => setChosen({ ...rules, ...to }),
    changes,
    effects: changes.length > 0 ? effects.data : undefined,
    submit: () => void submit(),
    leave: () => setChosen(undefined),
    busy: saving.isLoading,
    error: effects.error ?? saving.error,
  };
};
export type HouseRulesChange = ReturnType<typeof useHouseRules>;
