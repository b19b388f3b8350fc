import {
  KIND_FACTS,
  namesOfDocuments,
  rowsOf,
  settlingsOf,
  typeOf,
  type Book,
  type Settling,
} from '@gleddo/core';
import { Checkbox, Input } from 'antd';
import { useEffect, useMemo } from 'react';
import { BY_LABEL } from '../../platform/figures/by-label';
import { QuickSelect } from '../../platform/figures/QuickSelect';
import { useDays } from '../../platform/figures/written-days';
import type { Money } from '../../platform/figures/money';
import { useSteady } from '../../platform/kept/use-steady';
import css from '../business/business.module.css';
import { withSettled, type DocumentDraft, type DraftChange } from '../business/document-draft';

interface PaymentFieldsProps {
  readonly book: Book;
  readonly draft: DocumentDraft;
  readonly money: Money;
  onChange(change: DraftChange): void;
}

const ownAccounts = (book: Book) =>
  rowsOf(book)
    .filter(({ account }) => !account.retired && typeOf(book.scheme, account.type)?.role === 'cash')
    .map(({ account }) => ({
      value: account.id,
      label: `${account.number ?? ''} ${account.name}`.trim(),
    }));

/** The first money account is taken where none is chosen. */
function useFirstAccount({ book, draft, onChange }: Omit<PaymentFieldsProps, 'money'>) {
  const accounts = useMemo(() => ownAccounts(book), [book]);
  const first = accounts[0]?.value;
  const isNotStated = KIND_FACTS[draft.kind].money && draft.money === null && first !== undefined;
  const take = useSteady(() => onChange((now) => ({ ...now, money: first ?? null })));
  useEffect(() => {
    if (isNotStated) take();
  }, [isNotStated, take]);
  return accounts;
}

/** On which own account money moves, how much, and what it settles. */
export function PaymentFields({ book, draft, money, onChange }: PaymentFieldsProps) {
  const accounts = useFirstAccount({ book, draft, onChange });
  const facts = KIND_FACTS[draft.kind];
  if (!facts.money) return null;
  const set = (rest: Partial<DocumentDraft>) => onChange((now) => ({ ...now, ...rest }));
  const isTransfer = draft.kind === 'transfer';
  const own = (name: 'money' | 'to', label: string) => (
    <OwnAccount
      {...{ label, accounts, value: draft[name] }}
      onChange={(id) => set({ [name]: id })}
    />
  );
  return (
    <>
      {facts.owed !== 0 && <Open {...{ book, draft, money, onChange }} />}
      <div className={css['payment']}>
        {own('money', isTransfer ? 'From' : 'Money account')}
        {isTransfer && own('to', 'To')}
        {facts.lines === 'none' && (
          <Figure label="Amount" value={draft.amount} onType={(amount) => set({ amount })} />
        )}
        {facts.owed !== 0 && (
          <Figure
            label="Discount"
            value={draft.discount}
            onType={(discount) => set({ discount })}
          />
        )}
      </div>
    </>
  );
}

interface OwnAccountProps {
  readonly label: string;
  readonly accounts: ReturnType<typeof ownAccounts>;
  readonly value: string | null;
  onChange(id: string): void;
}

const OwnAccount = ({ label, accounts, value, onChange }: OwnAccountProps) => (
  <label>
    {label}
    <QuickSelect
      aria-label={label}
      value={value}
      options={accounts}
      showSearch={BY_LABEL}
      style={{ width: '100%' }}
      onChange={onChange}
    />
  </label>
);

interface FigureProps {
  readonly label: string;
  readonly value: string;
  onType(value: string): void;
}

const Figure = ({ label, value, onType }: FigureProps) => (
  <label>
    {label}
    <Input
      className={css['figure-field'] ?? ''}
      inputMode="decimal"
      value={value}
      onChange={(event) => onType(event.target.value)}
    />
  </label>
);

/** What the party has open: what is ticked is settled, and the amount follows. */
function Open({ book, draft, money, onChange }: PaymentFieldsProps) {
  const { longDay } = useDays();
  const { party, date, id } = draft;
  const open = useMemo(
    () => settlingsOf(book, { party, at: date, except: id }),
    [book, party, date, id],
  );
  const nameOf = useMemo(() => namesOfDocuments(book), [book]);
  if (draft.party === null) return null;
  if (open.length === 0)
    return (
      <p className="quiet">Nothing is open there: it is paid ahead, and settles what comes next.</p>
    );
  const tick = ({ document, open: left }: Settling, isOn: boolean) => {
    onChange((now) => {
      const { [document]: _, ...others } = now.settles;
      const settles = isOn ? { ...now.settles, [document]: left } : others;
      return withSettled(book, { ...now, settles }, open);
    });
  };
  return (
    <ul className={css['open']} aria-label="Open documents">
      {open.map((each) => (
        <li key={each.document}>
          <Checkbox
            checked={draft.settles[each.document] !== undefined}
            onChange={(event) => tick(each, event.target.checked)}
          >
            {nameOf(each.document)}, due {longDay(each.due)}
          </Checkbox>
          {each.discount > 0 && (
            <span className="mark-says">{money(each.discount)} off if paid now</span>
          )}
          <span className="figure">{money(each.open)}</span>
        </li>
      ))}
    </ul>
  );
}
