import {
  accountLabel,
  activityOf,
  particularsOf,
  sectionOfAccount,
  typeOf,
  type Account,
  type Operation,
  type Particulars,
  type TaxItem,
} from '@gleddo/core';
import { Input, Select } from 'antd';
import { DayField } from '../../platform/figures/DayField';
import { useFollowing } from '../../platform/kept/use-following';
import { useChartState } from '../chart-state/chart-state';
import { ACTIVITIES } from '../scheme/activities';
import { SlipBudget } from './SlipBudget';
import { SlipOpening } from './SlipOpening';
import { BY_LABEL } from '../../platform/figures/by-label';

interface ParticularsProps {
  readonly account: Account;
  onChange(operation: Operation): void;
  /** Sets an opening balance; answers why it can’t be. */
  onOpening(operation: Operation): string | null;
}

const described = (account: Account, rest: Partial<Particulars>): Operation => ({
  kind: 'describe-account',
  id: account.id,
  ...particularsOf(account),
  ...rest,
});

const TAX_FIELDS = [
  ['lines', 'taxLine', 'Tax line'],
  ['codes', 'taxCode', 'Tax code'],
] as const;

/** What an account is besides its place: its part of the cash flow, a description, taxes, a budget. */
export function SlipParticulars({ account, onChange, onOpening }: ParticularsProps) {
  const { book, mayChange, withheld, help } = useChartState();
  const set = (rest: Partial<Particulars>) => onChange(described(account, rest));
  return (
    <>
      <CashFlow account={account} onSet={set} />
      <Description account={account} onSet={set} />
      {TAX_FIELDS.map(([list, field, name]) =>
        withheld.has('taxes') || book.taxLists[list].length === 0 ? null : (
          <TaxChoice
            key={field}
            name={name}
            items={book.taxLists[list]}
            value={account[field]}
            disabled={!mayChange}
            onChoose={(id) => set({ [field]: id })}
          />
        ),
      )}
      {help.totals && <SlipOpening account={account} onSet={onOpening} />}
      <SlipBudget key={account.id} account={account} onSet={set} />
      <ChargedOn account={account} onSet={set} />
      <TakesEntries account={account} onSet={set} />
      <BankDetails account={account} onSet={set} />
    </>
  );
}

interface FieldProps {
  readonly account: Account;
  onSet(rest: Partial<Particulars>): void;
}

function CashFlow({ account, onSet }: FieldProps) {
  const { book, mayChange } = useChartState();
  const usual = activityOf(book, { ...account, cashFlow: null });
  const name = ACTIVITIES.find((each) => each.value === usual)?.label ?? '';
  return (
    <>
      <label htmlFor="slip-flow">Cash flow</label>
      <Select
        id="slip-flow"
        disabled={!mayChange}
        value={account.cashFlow ?? ''}
        options={[{ value: '', label: `${name}, as its type` }, ...ACTIVITIES]}
        onChange={(value: string) =>
          onSet({ cashFlow: ACTIVITIES.find((each) => each.value === value)?.value ?? null })
        }
      />
    </>
  );
}

const Description = ({ account, onSet }: FieldProps) => (
  <TextField
    id="slip-description"
    label="Note on it"
    placeholder="What goes on it, in a few words"
    most={400}
    kept={account.description}
    onKeep={(description) => onSet({ description })}
  />
);

interface TextFieldProps {
  readonly id: string;
  readonly label: string;
  readonly placeholder: string;
  readonly most: number;
  readonly kept: string | null;
  onKeep(text: string | null): void;
}

/** A few words on the account, kept when the field is left. */
function TextField({ id, label, placeholder, most, kept, onKeep }: TextFieldProps) {
  const { mayChange } = useChartState();
  const [text, setText] = useFollowing(kept ?? '');
  return (
    <>
      <label htmlFor={id}>{label}</label>
      <Input
        id={id}
        disabled={!mayChange}
        value={text}
        maxLength={most}
        placeholder={placeholder}
        onChange={(event) => setText(event.target.value)}
        onPressEnter={(event) => event.currentTarget.blur()}
        onBlur={() => text !== (kept ?? '') && onKeep(text || null)}
      />
    </>
  );
}

interface TaxChoiceProps {
  readonly name: string;
  readonly items: readonly TaxItem[];
  readonly value: string | null;
  readonly disabled: boolean;
  onChoose(id: string | null): void;
}

function TaxChoice({ name, items, value, disabled, onChoose }: TaxChoiceProps) {
  const id = `slip-${name.toLowerCase().replace(' ', '-')}`;
  return (
    <>
      <label htmlFor={id}>{name}</label>
      <Select
        id={id}
        disabled={disabled}
        value={value ?? ''}
        showSearch={BY_LABEL}
        options={[
          { value: '', label: 'none' },
          ...items.map((item) => ({ value: item.id, label: `${item.id} ${item.name}` })),
        ]}
        onChange={(chosen: string) => onChoose(chosen || null)}
      />
    </>
  );
}

/** Of an expense that others bear: on which income account it is charged on to them. */
function ChargedOn({ account, onSet }: FieldProps) {
  const { book, mayChange } = useChartState();
  if (sectionOfAccount(book, account)?.class !== 'expense') return null;
  const incomes = book.accounts.filter(
    (each) => !each.retired && sectionOfAccount(book, each)?.class === 'income',
  );
  return (
    <>
      <label htmlFor="slip-charged">Charged on</label>
      <Select
        id="slip-charged"
        disabled={!mayChange}
        value={account.chargedTo ?? ''}
        options={[
          { value: '', label: 'no: the business bears it' },
          ...incomes.map((each) => ({ value: each.id, label: accountLabel(each) })),
        ]}
        onChange={(chosen: string) => onSet({ chargedTo: chosen || null })}
      />
    </>
  );
}

/** When it takes entries: always, from a day on, or never, since it only heads others. */
function TakesEntries({ account, onSet }: FieldProps) {
  const { book, mayChange } = useChartState();
  const { headsOnly, usedFrom } = account;
  const value = headsOnly ? 'never' : usedFrom === null ? 'always' : 'later';
  const choose = (when: string) =>
    onSet({
      headsOnly: when === 'never',
      usedFrom: when === 'later' ? (usedFrom ?? book.company.firstDay) : null,
    });
  return (
    <>
      <label htmlFor="slip-takes">Takes entries</label>
      <Select
        id="slip-takes"
        disabled={!mayChange}
        value={value}
        options={TAKES}
        onChange={choose}
      />
      {value === 'later' && (
        <>
          <label htmlFor="slip-from">In use from</label>
          <DayField
            id="slip-from"
            disabled={!mayChange}
            value={usedFrom ?? ''}
            onChange={(day) => onSet({ usedFrom: day })}
          />
        </>
      )}
    </>
  );
}

const TAKES = [
  { value: 'always', label: 'always' },
  { value: 'later', label: 'from a day on' },
  { value: 'never', label: 'none: it only heads others' },
];

/** The particulars of a money account at its bank, made up. */
function BankDetails({ account, onSet }: FieldProps) {
  const { book } = useChartState();
  if (typeOf(book.scheme, account.type)?.role !== 'cash') return null;
  return (
    <TextField
      id="slip-bank"
      label="At the bank"
      placeholder="Bank and account number, made up"
      most={120}
      kept={account.bankDetails}
      onKeep={(bankDetails) => onSet({ bankDetails })}
    />
  );
}
