import { RULE_SETS, ruleSetOf, USUAL_RULES } from '../src/index.js';

it('a set of rules is told by what it says, and no longer once one of its rules is another', () => {
  for (const name of ['learn', 'test'] as const) {
    const rules = { ...USUAL_RULES, ...RULE_SETS[name] };
    expect(ruleSetOf(rules)).toBe(name);
    expect(ruleSetOf({ ...rules, entriesMayChange: false, enters: 'entries' })).toBe(name);
    expect(ruleSetOf({ ...rules, mayPractise: !rules.mayPractise })).toBeNull();
  }
});

it('a test gives nothing of the key before it is given back', () => {
  expect(RULE_SETS.test).toMatchObject({
    ...{ checkWhileWorking: false, practiseOnceBack: true, mayGoOn: false },
  });
});

it('whoever goes on to learn earns nothing for what they did not do', () => {
  expect(RULE_SETS.learn).toMatchObject({ mayGoOn: true, goOnCost: null });
});
