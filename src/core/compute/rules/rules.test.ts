import { describe, expect, it } from 'vitest';
import type { Rule } from '../../findings/finding';
import { ruleGroupOf, ruleGroups, ruleIds, type RuleGroup } from '../../plan/rules';
import { coloursRules } from './coloursRules';
import { heightsRules } from './heightsRules';
import { marksRules } from './marksRules';
import { masksRules } from './masksRules';
import { paperRules } from './paperRules';
import { postRules } from './postRules';
import { rules } from './rules';
import { sheetsRules } from './sheetsRules';
import { stepsRules } from './stepsRules';
import { suppliesRules } from './suppliesRules';

const lists: Readonly<Record<RuleGroup, readonly Rule[]>> = {
  paper: paperRules,
  marks: marksRules,
  colours: coloursRules,
  masks: masksRules,
  heights: heightsRules,
  post: postRules,
  sheets: sheetsRules,
  steps: stepsRules,
  supplies: suppliesRules,
};

describe('the rules', () => {
  it('are each there once', () => {
    expect(rules.map(({ id }) => id).toSorted()).toEqual(ruleIds.toSorted());
  });

  it.each(ruleGroups)('of the group %s are those said to be of it, in their order', (group) => {
    const own = ruleIds.filter((id) => ruleGroupOf[id] === group);
    expect(lists[group].map(({ id }) => id)).toEqual(own);
  });
});
