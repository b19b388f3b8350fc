import { AIM_NAMES, AIMS, type Aim } from '@gleddo/core';
import { Radio } from 'antd';

interface AimChoiceProps {
  readonly aim: Aim;
  onAim(aim: Aim): void;
}

const SAYS: Readonly<Record<Aim, string>> = {
  types: 'which type, section and statement an account belongs to weighs most',
  numbers: 'numbers, their bands and what stands under what weigh most',
  'setting-up': 'accounts with all that belongs to them, and what they open with',
  books: 'entries weigh most; names and numbers hardly',
};

/** What an exercise is about: the usual points follow from it. */
export function AimChoice({ aim, onAim }: AimChoiceProps) {
  return (
    <>
      <Radio.Group
        aria-label="What it is about"
        value={aim}
        onChange={(event) => onAim(event.target.value as Aim)}
        options={AIMS.map((value) => ({ value, label: AIM_NAMES[value] }))}
      />
      <p className="quiet">
        {AIM_NAMES[aim]}: {SAYS[aim]}.
      </p>
    </>
  );
}
