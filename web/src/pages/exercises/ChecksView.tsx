import type { ExerciseAnswer } from '@gleddo/contract';
import { usualAim, type EntersBy, type KeyRulesFile, type RulesOfTry } from '@gleddo/core';
import { Checkbox, InputNumber, Select } from 'antd';
import { Link } from 'react-router';
import { useBookOf } from '../../book/open-book/book-of';
import { AimChoice } from './AimChoice';
import { AskRules } from './AskRules';
import { ComparedDates } from './ComparedDates';
import { ComparedSettings } from './ComparedSettings';
import { GoOnRules } from './GoOnRules';
import { KeepParts } from '../parts/KeepParts';
import { PointsOfChecks } from './PointsOfChecks';
import { PointsToEarn } from './PointsToEarn';
import { useParts } from '../parts/use-parts';
import { WhatWeighs } from './WhatWeighs';

/** What is compared, for how many points, at which dates; and the rules of the try. */
export function ChecksView({ exercise }: { exercise: ExerciseAnswer }) {
  const parts = useParts(exercise, 'checks');
  const { now } = parts;
  const { statementDates = [], settings = [] } = now.keyRules;
  const set = (rest: Partial<KeyRulesFile>) =>
    parts.change({ ...now, keyRules: { ...now.keyRules, ...rest } });
  return (
    <main className="desk">
      <div className="columns wide-left">
        <WhatIsChecked {...{ exercise, rules: now.keyRules }} onChange={set} />
        <div>
          <section className="paper">
            <h2>When the statements are compared</h2>
            <ComparedDates
              dates={statementDates}
              onChange={(next) => set({ statementDates: [...next] })}
            />
          </section>
          <ComparedSettings settings={settings} onChange={(next) => set({ settings: next })} />
          <RulesOfTheTry rules={now.rules} onChange={(rules) => parts.change({ ...now, rules })} />
          <p className="quiet">
            What else is accepted, and what may be left out, stands under{' '}
            <Link to={`/exercises/${exercise.id}/also-right`}>Also right</Link>.
          </p>
          <KeepParts label="Save the checks" of={parts} />
        </div>
      </div>
    </main>
  );
}

interface WhatIsCheckedProps {
  readonly exercise: ExerciseAnswer;
  readonly rules: KeyRulesFile;
  onChange(rules: Partial<KeyRulesFile>): void;
}

function WhatIsChecked({ exercise, rules, onChange }: WhatIsCheckedProps) {
  const key = useBookOf(exercise.keyBookId);
  if (!key) return <section className="paper" aria-busy="true" />;
  const { points = {}, aim = usualAim(key), total = null } = rules;
  return (
    <section className="paper">
      <h2>What it is about</h2>
      <AimChoice aim={aim} onAim={(next) => onChange({ aim: next })} />
      <PointsToEarn exercise={exercise} rules={rules} />
      <WholeCounts total={total} onTotal={(next) => onChange({ total: next ?? undefined })} />
      <h3>What weighs how much</h3>
      <WhatWeighs weighing={{ aim, points }} />
      <PointsOfChecks
        weighing={{ aim, points }}
        onChange={(check, value) => onChange({ points: { ...points, [check]: value } })}
      />
    </section>
  );
}

/** What a work without a fault counts, where that is not what its points add up to. */
function WholeCounts({
  total,
  onTotal,
}: {
  readonly total: number | null;
  onTotal(total: number | null): void;
}) {
  return (
    <div style={{ marginBlock: 12 }}>
      <label>
        The whole counts{' '}
        <InputNumber
          size="small"
          min={1}
          max={1000}
          precision={0}
          style={{ width: 72 }}
          placeholder="–"
          value={total}
          onChange={onTotal}
        />
      </label>{' '}
      <span className="quiet">
        {total === null
          ? 'as many points as there are to earn. Give a number (20, 100) to have marks out of it.'
          : 'points: marks are the share of the points earned, to the nearest whole one.'}
      </span>
    </div>
  );
}

const WAYS: { value: EntersBy; label: string }[] = [
  { value: 'both', label: 'as documents or in the journal' },
  { value: 'documents', label: 'as documents' },
  { value: 'entries', label: 'in the journal' },
];

interface RulesOfTheTryProps {
  readonly rules: RulesOfTry;
  onChange(rules: RulesOfTry): void;
}

function RulesOfTheTry({ rules, onChange }: RulesOfTheTryProps) {
  return (
    <section className="paper">
      <h2>Rules of the try</h2>
      <label>
        What happens is entered{' '}
        <Select
          aria-label="What happens is entered"
          value={rules.enters}
          options={WAYS}
          style={{ width: 230 }}
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
    </section>
  );
}

type YesOrNo = Exclude<keyof RulesOfTry, 'enters' | 'askLimit' | 'askPause' | 'goOnCost'>;

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
            onChange={(event) => onChange({ ...rules, [name]: event.target.checked })}
          >
            {label} <span className="quiet">{says}</span>
          </Checkbox>
        </div>
      ))}
    </>
  );
}
