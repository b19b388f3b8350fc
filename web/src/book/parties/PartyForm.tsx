import { blankParty, type Book, type Party, type PartyKind } from '@gleddo/core';
import { Select } from 'antd';
import { nanoid } from 'nanoid';
import { useState } from 'react';
import { AccountChoice } from '../business/AccountChoice';
import css from '../business/business.module.css';
import { amountsOf, numberFrom, typedAmount, quantitiesOf } from '../business/document-draft';
import { FormFoot } from '../business/FormFoot';
import { LabelledInput } from '../business/LabelledInput';
import { useChange } from '../open-book/use-change';

interface PartyFormProps {
  readonly book: Book;
  /** The one that is changed; null: a new one. */
  readonly party: Party | null;
  onDone(): void;
}

interface Typed {
  readonly kind: PartyKind;
  readonly name: string;
  readonly account: string | null;
  readonly control: string | null;
  readonly discount: string;
  readonly discountDays: string;
  readonly netDays: string;
  readonly opening: string;
}

function typedOf(book: Book, { kind, name, account, control, terms, opening }: Party): Typed {
  return {
    ...{ kind, name, account, control: control ?? null },
    discount: terms ? String(terms.discount / 1000) : '',
    discountDays: terms ? String(terms.discountDays) : '',
    netDays: terms ? String(terms.netDays) : '',
    opening: typedAmount(book, opening),
  };
}

const KINDS = [
  { value: 'customer', label: 'Customer' },
  { value: 'supplier', label: 'Supplier' },
] as const;

/** The party that is typed, or why it is none. */
function partyFrom(book: Book, typed: Typed, id: string): Party | string {
  const whole = { ...amountsOf(book), digits: 0 };
  const discount = numberFrom(typed.discount, quantitiesOf(book));
  const days = numberFrom(typed.discountDays, whole);
  const net = numberFrom(typed.netDays, whole);
  const opening = numberFrom(typed.opening, amountsOf(book));
  for (const each of [discount, days, net, opening]) if (typeof each === 'string') return each;
  const said = [discount, days, net].some((each) => each !== null);
  const terms = {
    discount: (discount as number | null) ?? 0,
    discountDays: (days as number | null) ?? 0,
    netDays: (net as number | null) ?? 30,
  };
  return {
    id,
    kind: typed.kind,
    name: typed.name.trim(),
    account: typed.account,
    opening: (opening as number | null) ?? 0,
    ...(said ? { terms } : {}),
    ...(typed.control === null ? {} : { control: typed.control }),
  };
}

/** What is typed of a party, and its being kept. */
function useTypedParty({ book, party, onDone }: PartyFormProps) {
  const [typed, setTyped] = useState(() => typedOf(book, party ?? blankParty('customer')));
  const { change, refused } = useChange();
  const set = (rest: Partial<Typed>) => setTyped((now) => ({ ...now, ...rest }));
  const save = () => {
    const made = partyFrom(book, typed, party?.id ?? `p-${nanoid(10)}`);
    if (!change(typeof made === 'string' ? made : { kind: 'put-party', party: made })) return;
    setTyped(typedOf(book, blankParty(typed.kind)));
    onDone();
  };
  return { typed, set, save, refused };
}

const FIELDS = [
  ['name', 'Name', true],
  ['opening', 'Owed when the books begin', false],
  ['discount', 'Discount, %', false],
  ['discountDays', 'if paid within days', false],
  ['netDays', 'Due after days', false],
] as const;

/** A customer or supplier: name, terms, usual account, and what stood when the books began. */
export function PartyForm(props: PartyFormProps) {
  const { book, party, onDone } = props;
  const { typed, set, save, refused } = useTypedParty(props);
  return (
    <form
      className={css['form']}
      aria-label={party ? 'Change a customer or supplier' : 'New customer or supplier'}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <label>
        Kind
        <Select
          aria-label="Kind"
          style={{ width: '100%' }}
          value={typed.kind}
          options={[...KINDS]}
          onChange={(kind) => set({ kind })}
        />
      </label>
      {FIELDS.map(([name, label, wide]) => (
        <LabelledInput
          key={name}
          {...{ label, wide, value: typed[name] }}
          onType={(value) => set({ [name]: value })}
        />
      ))}
      <Accounts {...{ book, typed, set }} />
      <FormFoot isChange={party !== null} refused={refused} onLeave={onDone} />
    </form>
  );
}

interface AccountsProps {
  readonly book: Book;
  readonly typed: Typed;
  set(rest: Partial<Typed>): void;
}

/** Where its invoices without items usually go, and on which account its debts stand. */
const Accounts = ({ book, typed, set }: AccountsProps) => (
  <>
    <AccountChoice
      {...{ book, label: 'Usual account', value: typed.account, mayBeNone: true }}
      onChange={(account) => set({ account })}
    />
    <AccountChoice
      {...{ book, label: 'Debts stand on', value: typed.control, mayBeNone: true }}
      none="the usual account"
      onChange={(control) => set({ control })}
    />
  </>
);
