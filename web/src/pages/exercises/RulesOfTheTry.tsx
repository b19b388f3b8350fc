import { RULE_SETS, ruleSetOf, type EntersBy, type RuleSet, type RulesOfTry } from '@gleddo/core';
import { Checkbox, Radio, Select } from 'antd';
import { AskRules } from './AskRules';
import { GoOnRules } from './GoOnRules';
import { HintRules } from './HintRules';

const WAYS: { value: EntersBy; label: string }[] = [
  { value: 'both', label: 'as documents or in the journal' },
  { value: 'documents', label: 'as documents' },
  { value: 'entries', label: 'in the journal' },
];

interface RulesOfTheTryProps {
  readonly rules: RulesOfTry;
  onChange(rules: RulesOfTry): void;
}

/** How it is done: to learn, a test, or by rules of one's own; what is entered, what helps. */
export function RulesOfTheTry({ rules, onChange }: RulesOfTheTryProps) {
  return (
    <section className="paper">
      <h2>Rules of the try</h2>
      <RuleSetChoice rules={rules} onChange={onChange} />
      <label>
        What happens is entered{' '}
        <Select
          aria-label="What happens is entered"
          value={rules.enters}
          options={WAYS}
          style={{ width: '14.375rem' }}
          onChange={(enters) => onChange({ ...rules, enters })}
        />
      </label>
      <TryRuleBoxes rules={rules} onChange={onChange} />
      {rules.checkWhileWorking && (
        <AskRules rules={rules} onChange={(asks) => onChange({ ...rules, ...asks })} />
      )}
      {rules.mayGoOn && (
        <GoOnRules cost={rules.goOnCost} onCost={(goOnCost) => onChange({ ...rules, goOnCost })} />
      )}
      <HintRules rules={rules} onChange={(hints) => onChange({ ...rules, ...hints })} />
    </section>
  );
}

type YesOrNo = Exclude<
  keyof RulesOfTry,
  'enters' | 'askLimit' | 'askPause' | 'goOnCost' | 'hintsUpTo' | 'hintCost'
>;

const TRY_RULES: readonly (readonly [YesOrNo, string, string])[] = [
  [
    'entriesMayChange',
    'Recorded entries may be changed and removed',
    'Otherwise they are corrected by a reversing entry.',
  ],
  ['helpTypes', 'Sentences on the types of accounts', 'What such an account is, with examples.'],
  ['helpTotals', 'Figures and totals, live', 'Otherwise the chart shows places and numbers only.'],
  ['helpBands', 'The bands of the number plan', 'The ruler, free numbers, a word outside a band.'],
  [
    'helpHealth',
    'Health of their book',
    'What looks odd without a key: out of balance, a number outside its section, an asset without depreciation.',
  ],
  [
    'checkWhileWorking',
    'Checking while working',
    'A student may ask what is not right yet; what would be right is not said.',
  ],
  [
    'mayPractise',
    'Practising',
    'As often as one likes, with new figures where they are drawn, checked at once, without marks.',
  ],
  [
    'practiseOnceBack',
    'Practising only what is given back',
    'Until then nothing of it can be tried out: as befits a test.',
  ],
  [
    'mayGoOn',
    'Going on from a later step',
    'Who is stuck, or comes late, goes on with the key’s books as they stand at its beginning.',
  ],
  ['mayFile', 'Handing in a file', 'A table of accounts and balances, or a book, made elsewhere.'],
];

function TryRuleBoxes({
  rules,
  onChange,
}: {
  rules: RulesOfTry;
  onChange(rules: RulesOfTry): void;
}) {
  return (
    <>
      {TRY_RULES.map(([name, label, says]) => (
        <div key={name} style={{ padding: '3px 0' }}>
          <Checkbox
            checked={rules[name]}
            disabled={name === 'practiseOnceBack' && !rules.mayPractise}
            onChange={(event) => onChange({ ...rules, [name]: event.target.checked })}
          >
            {label} <span className="quiet">{says}</span>
          </Checkbox>
        </div>
      ))}
    </>
  );
}

const SETS: readonly { readonly value: RuleSet; readonly label: string }[] = [
  { value: 'learn', label: 'To learn' },
  { value: 'test', label: 'A test' },
];

const SAYS_SET: Readonly<Record<RuleSet, string>> = {
  learn: 'All that helps: hints, asking for a check, going on, practising at any time.',
  test: 'Nothing of the key before it is given back: no hints, no check, no going on, no practice.',
};

function RuleSetChoice({ rules, onChange }: RulesOfTheTryProps) {
  const chosen = ruleSetOf(rules);
  return (
    <>
      <Radio.Group
        aria-label="How it is done"
        value={chosen}
        options={[...SETS]}
        onChange={(event) => onChange({ ...rules, ...RULE_SETS[event.target.value as RuleSet] })}
      />
      <p className="quiet">
        {chosen ? SAYS_SET[chosen] : 'Neither as it stands: rules of your own.'}
      </p>
    </>
  );
}
