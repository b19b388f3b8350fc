import type { Book } from '@gleddo/core';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { accountOptions, SEARCH } from '../journal/account-options';
import css from './business.module.css';

interface AccountChoiceProps {
  readonly book: Book;
  readonly label: string;
  readonly value: string | null;
  readonly wide?: boolean;
  /** Whether none may be chosen. */
  readonly mayBeNone?: boolean;
  /** What stands there where none is chosen. */
  readonly none?: string;
  onChange(account: string | null): void;
}

/** An account, found by number or name, with what it is for above it. */
export function AccountChoice(props: AccountChoiceProps) {
  const { book, label, value, wide = false, mayBeNone = false, none = 'none', onChange } = props;
  return (
    <label className={wide ? css['double'] : undefined}>
      {label}
      <QuickSelect
        aria-label={label}
        style={{ width: '100%' }}
        allowClear={mayBeNone}
        placeholder={none}
        showSearch={SEARCH}
        value={value}
        options={accountOptions(book, value ?? '')}
        onChange={(account?: string | null) => onChange(account ?? null)}
      />
    </label>
  );
}
