import {
  accountLabel,
  accountOf,
  chargingTax,
  notChargingTax,
  subledgersOf,
  type Book,
  type Operation,
  type TaxRule,
} from '@gleddo/core';
import { useState } from 'react';
import { TableHead } from '../../platform/figures/TableHead';
import { Refusal } from '../../platform/shell/Refusal';
import { AccountChoice } from '../business/AccountChoice';
import css from '../business/business.module.css';
import { numberFrom, quantitiesOf, quantityText } from '../business/document-draft';
import { FormFoot } from '../business/FormFoot';
import { LabelledInput } from '../business/LabelledInput';
import { RowTools } from '../business/RowTools';
import { useOpenBook } from '../open-book/open-book';
import { useChange } from '../open-book/use-change';
import { useMayCharge } from './use-may-charge';

const nameOf = ({ taxLists }: Book, code: string): string =>
  taxLists.codes.find(({ id }) => id === code)?.name ?? '';

/** The tax codes that act in documents: at what rate, and where their tax stands. */
export function TaxRules() {
  const { book } = useOpenBook();
  const may = useMayCharge();
  const { change, refused } = useChange();
  const [taken, setTaken] = useState<TaxRule | null>(null);
  const { taxes } = subledgersOf(book);
  return (
    <>
      {may === 'all' && (
        <TaxForm
          key={taken?.code ?? `new ${taxes.length}`}
          {...{ book, rule: taken }}
          onDone={() => setTaken(null)}
        />
      )}
      <Refusal says={refused} />
      {taxes.length > 0 && (
        <table className="lines-table" aria-label="Taxes that documents charge">
          <TableHead names={['Code', 'Name', 'Its tax on']} figures={['Rate', '']} />
          <tbody>
            {taxes.map((rule) => (
              <Rule
                key={rule.code}
                {...{ book, rule, may }}
                onAccount={(account) =>
                  change(chargingTax(book, { ...rule, account }, nameOf(book, rule.code)))
                }
                onChange={() => setTaken(rule)}
                onRemove={() => change(notChargingTax(book, rule.code))}
              />
            ))}
          </tbody>
        </table>
      )}
    </>
  );
}

interface RuleProps {
  readonly book: Book;
  readonly rule: TaxRule;
  readonly may: ReturnType<typeof useMayCharge>;
  onAccount(account: string | null): void;
  onChange(): void;
  onRemove(): void;
}

function Rule({ book, rule, may, onAccount, onChange, onRemove }: RuleProps) {
  const account = accountOf(book, rule.account);
  return (
    <tr>
      <td>{rule.code}</td>
      <td>{nameOf(book, rule.code)}</td>
      <td className={account ? '' : 'quiet'}>
        {may === 'accounts' ? (
          <AccountChoice
            {...{
              book,
              label: `The tax of ${rule.code}`,
              value: rule.account,
              onChange: onAccount,
            }}
          />
        ) : account ? (
          accountLabel(account)
        ) : (
          'none'
        )}
      </td>
      <td className="figure" style={{ whiteSpace: 'nowrap' }}>
        {quantityText(book, rule.rate)} %
      </td>
      <td className="figure" style={{ whiteSpace: 'nowrap' }}>
        {may === 'all' && <RowTools of={rule.code} {...{ onChange, onRemove }} />}
      </td>
    </tr>
  );
}

interface TaxFormProps {
  readonly book: Book;
  /** The one that is changed; null: a new one. */
  readonly rule: TaxRule | null;
  onDone(): void;
}

interface Typed {
  readonly code: string;
  readonly name: string;
  readonly rate: string;
  readonly account: string | null;
}

/** Where the last one’s tax stands; else on the account for tax that the chart has. */
const usualAccount = (book: Book): string | null =>
  subledgersOf(book).taxes.at(-1)?.account ??
  book.accounts.find(({ type, retired }) => type === 'sales-tax' && !retired)?.id ??
  null;

const typedOf = (book: Book, rule: TaxRule | null): Typed =>
  rule
    ? {
        ...{ code: rule.code, name: nameOf(book, rule.code), account: rule.account },
        rate: quantityText(book, rule.rate) || '0',
      }
    : { code: '', name: '', rate: '', account: usualAccount(book) };

/** What is typed as a change of the book, or why it is none yet. */
function operationFrom(book: Book, { account, ...typed }: Typed): Operation | string {
  const code = typed.code.trim();
  if (code === '') return 'A tax needs a short code, as it will stand beside a line: S20.';
  const rate = numberFrom(typed.rate.replace('%', ''), quantitiesOf(book));
  if (rate === null) return 'Say at which rate it is charged, in percent: 20, or 0 for none.';
  if (typeof rate === 'string') return rate;
  return chargingTax(book, { code, rate, account }, typed.name.trim() || nameOf(book, code));
}

function TaxForm({ book, rule, onDone }: TaxFormProps) {
  const [typed, setTyped] = useState(() => typedOf(book, rule));
  const { change, refused } = useChange();
  const set = (rest: Partial<Typed>) => setTyped((now) => ({ ...now, ...rest }));
  return (
    <form
      className={css['form']}
      aria-label={rule ? 'Change a tax' : 'New tax'}
      onSubmit={(event) => {
        event.preventDefault();
        if (change(operationFrom(book, typed))) onDone();
      }}
    >
      {rule === null && (
        <LabelledInput label="Code" value={typed.code} onType={(code) => set({ code })} />
      )}
      <LabelledInput label="Name" wide value={typed.name} onType={(name) => set({ name })} />
      <LabelledInput label="Rate, %" value={typed.rate} onType={(rate) => set({ rate })} />
      <AccountChoice
        {...{ book, label: 'Its tax on', value: typed.account, wide: true, mayBeNone: true }}
        onChange={(account) => set({ account })}
      />
      <FormFoot isChange={rule !== null} refused={refused} onLeave={onDone} />
    </form>
  );
}
