import { partiesOn, type Book } from '@gleddo/core';
import { Input } from 'antd';
import { memo, useMemo } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { Refusal } from '../../platform/shell/Refusal';
import { accountOptions, SEARCH } from './account-options';
import type { DraftLine } from './entry-draft';
import styles from './entry.module.css';

interface EntryLineProps {
  readonly book: Book;
  readonly line: DraftLine;
  readonly at: number;
  /** What each side would need for the entry to be in balance; empty where it needs nothing. */
  readonly debitHint: string;
  readonly creditHint: string;
  readonly refusal: string | null;
  readonly mayGo: boolean;
  change(at: number, rest: Partial<DraftLine>): void;
  takeOut(at: number): void;
}

/** One line of an entry being typed: an account and an amount on one of the two sides. */
export const EntryLine = memo(function EntryLine(props: EntryLineProps) {
  const { line, at, debitHint, creditHint, refusal, mayGo, change, takeOut } = props;
  const side = (name: 'debit' | 'credit', label: string, hint: string) => (
    <Input
      aria-label={`${label} of line ${at + 1}`}
      inputMode="decimal"
      placeholder={hint || (at === 0 ? label : '')}
      value={line[name]}
      onChange={(event) => change(at, { [name]: event.target.value })}
    />
  );
  return (
    <>
      <div className={styles['line']}>
        <div className={styles['whose']}>
          <AccountSelect {...props} />
          <PartySelect {...props} />
        </div>
        {side('debit', 'Debit', debitHint)}
        {side('credit', 'Credit', creditHint)}
        <button
          type="button"
          className="link-button quiet"
          aria-label={`Take line ${at + 1} out`}
          tabIndex={-1}
          disabled={!mayGo}
          onClick={() => takeOut(at)}
        >
          ×
        </button>
      </div>
      <Refusal says={refusal} />
    </>
  );
});

function AccountSelect({ book, line, at, change }: EntryLineProps) {
  const options = useMemo(() => accountOptions(book, line.account), [book, line.account]);
  return (
    <QuickSelect
      aria-label={`Account of line ${at + 1}`}
      showSearch={SEARCH}
      placeholder="Account: number or name"
      value={line.account === '' ? null : line.account}
      options={options}
      onChange={(account: string | null) => change(at, { account: account ?? '', party: '' })}
    />
  );
}

/** Whose debt it is, on an account on which customers or suppliers stand. */
function PartySelect({ book, line, at, change }: EntryLineProps) {
  const parties = useMemo(() => partiesOn(book, line.account), [book, line.account]);
  if (parties.length === 0) return null;
  return (
    <QuickSelect
      aria-label={`Whose it is, line ${at + 1}`}
      showSearch={BY_LABEL}
      allowClear
      placeholder={parties[0]?.kind === 'customer' ? 'of which customer' : 'of which supplier'}
      value={line.party ? line.party : null}
      options={parties.map(({ id, name }) => ({ value: id, label: name }))}
      onChange={(party: string | null) => change(at, { party: party ?? '' })}
    />
  );
}
