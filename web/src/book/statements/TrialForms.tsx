import { Segmented } from 'antd';
import type { Choice } from './use-choice';

const FORMS: { value: 'trial' | 'worksheet'; label: string }[] = [
  { value: 'trial', label: 'What moved' },
  { value: 'worksheet', label: 'Worksheet' },
];

/** The trial balance by what moved, or as a worksheet with its adjustments. */
export const TrialForms = ({ choice: { shown, set } }: { choice: Choice }) => (
  <Segmented
    aria-label="Form of the trial balance"
    size="small"
    value={shown === 'worksheet' ? 'worksheet' : 'trial'}
    options={FORMS}
    onChange={(form) => set({ show: form })}
  />
);
