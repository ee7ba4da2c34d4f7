import type { Me } from '@zymostat/contract';
import { houseQuestions, type HouseRules } from '@zymostat/core';
import { useState } from 'react';
import { useRuleEffectsQuery, useSetHouseRulesMutation } from '../protocols/api.ts';

/** The rules that stand, those that are chosen, and what the change would make untrue. */
export const useHouseRules = (me: Me) => {
  const { houseRules: stands, revision } = me.company;
  /** What is chosen, over which revision of what stood when the choosing began. */
  const [chosen, setChosen] = useState<{ rules: HouseRules; seen: number }>();
  const [save, saving] = useSetHouseRulesMutation();
  const rules = chosen?.rules ?? stands;
  const changes = houseQuestions.filter((question) => stands[question] !== rules[question]);
  const effects = useRuleEffectsQuery(rules, { skip: changes.length === 0 });
  const submit = async () => {
    const result = await save({ body: rules, seen: chosen?.seen ?? revision });
    if (!result.error) setChosen(undefined);
  };
  return {
    stands,
    rules,
    choose: (to: Partial<HouseRules>) =>
      setChosen({ rules: { ...rules, ...to }, seen: chosen?.seen ?? revision }),
    changes,
    effects: changes.length > 0 ? effects.data : undefined,
    submit: () => void submit(),
    leave: () => setChosen(undefined),
    busy: saving.isLoading,
    error: effects.error ?? saving.error,
  };
};
export type HouseRulesChange = ReturnType<typeof useHouseRules>;
