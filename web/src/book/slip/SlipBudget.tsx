import {
  budgetPeriods,
  normalSide,
  parseAmount,
  typeOf,
  type Account,
  type Amount,
  type Particulars,
  writingOf,
  amountTyped,
} from '@gleddo/core';
import { Input } from 'antd';
import dayjs from 'dayjs';
import { useState } from 'react';
import { useFollowing } from '../../platform/kept/use-following';
import { Refusal } from '../../platform/shell/Refusal';
import { useChartState } from '../chart-state/chart-state';
import css from './slip-budget.module.css';

interface SlipBudgetProps {
  readonly account: Account;
  onSet(rest: Partial<Particulars>): void;
}

/** A budget for the year, and, where it is wanted, period by period; amounts on the account's normal side. */
export function SlipBudget({ account, onSet }: SlipBudgetProps) {
  const { book } = useChartState();
  const [isOpen, setOpen] = useState(account.budgets.length > 0);
  const type = typeOf(book.scheme, account.type);
  return (
    <>
      <label htmlFor="slip-budget">Budget</label>
      <BudgetField
        id="slip-budget"
        placeholder="For the whole year"
        says={type ? `in ${normalSide(book.scheme, type)}` : ''}
        kept={account.budget}
        onKeep={(amount) => onSet({ budget: amount, budgets: [] })}
      />
      {isOpen ? (
        <Periods {...{ account, onSet }} />
      ) : (
        <button type="button" className="link-button second" onClick={() => setOpen(true)}>
          Period by period
        </button>
      )}
    </>
  );
}

/** One field for each period; together they are the budget for the year. */
function Periods({ account: { budgets }, onSet }: SlipBudgetProps) {
  const { book } = useChartState();
  const count = budgetPeriods(book);
  const set = (at: number, amount: Amount | null) => {
    const all = Array.from({ length: count }, (_, i) => (i === at ? amount : budgets[i]) ?? 0);
    onSet({ budgets: all, budget: all.reduce((sum, each) => sum + each, 0) });
  };
  return (
    <fieldset className={css['periods']}>
      <legend className="sr-only">Budget by period</legend>
      {Array.from({ length: count }, (_, i) => (
        <label key={i}>
          <span className="quiet">{periodName(book.company.firstDay, i, 12 / count)}</span>
          <BudgetField
            id={`slip-budget-${i}`}
            placeholder=""
            says=""
            kept={budgets[i] ?? null}
            onKeep={(amount) => set(i, amount)}
          />
        </label>
      ))}
    </fieldset>
  );
}

/** A period by its months: `Jan`, or `Jan–Mar`. */
function periodName(firstDay: string, at: number, months: number): string {
  const first = dayjs(firstDay).add(at * months, 'month');
  const last = first.add(months - 1, 'month');
  return months === 1 ? first.format('MMM') : `${first.format('MMM')}–${last.format('MMM')}`;
}

interface BudgetFieldProps {
  readonly id: string;
  readonly placeholder: string;
  readonly says: string;
  readonly kept: Amount | null;
  onKeep(amount: Amount | null): void;
}

function BudgetField({ id, placeholder, says, kept, onKeep }: BudgetFieldProps) {
  const { book, mayChange } = useChartState();
  const writing = writingOf(book.company);
  const written = kept === null ? '' : amountTyped(kept, writing);
  const [text, setText] = useFollowing(written);
  const [refused, setRefused] = useState<string | null>(null);
  const keep = () => {
    if (text.trim() === written) return setRefused(null);
    if (text.trim() === '') return onKeep(null);
    const read = parseAmount(text, writing);
    if (!read.ok) return setRefused(read.refusals[0]?.says ?? '');
    setRefused(null);
    onKeep(read.value);
  };
  return (
    <>
      <Input
        id={id}
        disabled={!mayChange}
        value={text}
        maxLength={30}
        placeholder={placeholder}
        suffix={says && <span className="quiet">{says}</span>}
        onChange={(event) => setText(event.target.value)}
        onPressEnter={(event) => event.currentTarget.blur()}
        onBlur={keep}
      />
      <Refusal says={refused} />
    </>
  );
}
