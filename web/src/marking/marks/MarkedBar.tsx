import { Segmented, Switch } from 'antd';
import type { ReactNode } from 'react';
import type { Shown } from './MarkedSpread';
import styles from './marked.module.css';

/** What of a marked work lies open, and which side of it. */
export interface MarkedView {
  readonly part: 'statements' | 'opening' | 'journal' | 'what-if';
  readonly shown: Shown;
  readonly onlyDiffering: boolean;
}

const PARTS: readonly { value: MarkedView['part']; label: string }[] = [
  { value: 'statements', label: 'Statements' },
  { value: 'opening', label: 'Opening' },
  { value: 'journal', label: 'Journal' },
  { value: 'what-if', label: 'What if' },
];

const SIDES: readonly { value: Shown; label: string }[] = [
  { value: 'both', label: 'Theirs beside the key' },
  { value: 'theirs', label: 'Theirs alone' },
  { value: 'key', label: 'The key alone' },
];

interface MarkedBarProps {
  readonly view: MarkedView;
  readonly children?: ReactNode;
  onChange(view: MarkedView): void;
}

/** Chooses what of a marked work is shown. */
export function MarkedBar({ view, children, onChange }: MarkedBarProps) {
  return (
    <div className={styles['bar']}>
      <Segmented
        aria-label="Part of the work"
        value={view.part}
        options={[...PARTS]}
        onChange={(part) => onChange({ ...view, part })}
      />
      {view.part === 'statements' && (
        <Segmented
          aria-label="Show"
          value={view.shown}
          options={[...SIDES]}
          onChange={(shown) => onChange({ ...view, shown })}
        />
      )}
      {view.part !== 'what-if' && (
        <label>
          <Switch
            size="small"
            checked={view.onlyDiffering}
            onChange={(onlyDiffering) => onChange({ ...view, onlyDiffering })}
          />{' '}
          Only rows that differ
        </label>
      )}
      <span className="end">{children}</span>
    </div>
  );
}
