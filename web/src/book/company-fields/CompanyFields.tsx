import {
  LEGAL_FORMS,
  shippedScheme,
  typeOf,
  WORDS,
  WORDS_NAMES,
  type Company,
  type LegalForm,
  type Words,
} from '@gleddo/core';
import { AutoComplete, Input, InputNumber, Select } from 'antd';
import { DayField } from '../../platform/figures/DayField';
import { Refusal } from '../../platform/shell/Refusal';
import { CURRENCIES, LEGAL_FORM_NAMES } from './company-form';
import { CompanyWays } from './CompanyWays';
import { HowItWrites } from './HowItWrites';
import { WhereItIs } from './WhereItIs';

interface CompanyFieldsProps {
  readonly company: Company;
  readonly disabled?: boolean;
  /** The sentence to show at a field. */
  faultAt(field: string): string | undefined;
  onChange(company: Company): void;
}

/** Telling examples, so that nobody must know beforehand what the choice means. */
const SUCH_AS = ['inventory', 'trade-receivables'];

function wordIn(words: Words, id: string): string {
  const scheme = shippedScheme('current-first', words);
  return scheme ? (typeOf(scheme, id)?.name.toLowerCase() ?? id) : id;
}

/** The particulars of a company, each refusal at its field. */
export function CompanyFields(props: CompanyFieldsProps) {
  return (
    <div className="field">
      <FirstFields {...props} />
      <OtherFields {...props} />
    </div>
  );
}

const textOf = (
  { company, disabled = false, onChange }: CompanyFieldsProps,
  field: 'name' | 'trade',
) => ({
  id: `company-${field}`,
  disabled,
  value: company[field],
  onChange: (event: { target: { value: string } }) =>
    onChange({ ...company, [field]: event.target.value }),
});

/** What every company is asked: its name, its form, its money and its year; one types the name of a new one at once. */
export function FirstFields(props: CompanyFieldsProps & { readonly isBegun?: boolean }) {
  const { company, disabled = false, faultAt, onChange } = props;
  const set = (rest: Partial<Company>) => onChange({ ...company, ...rest });
  return (
    <>
      <label htmlFor="company-name">Name</label>
      <Input
        {...textOf(props, 'name')}
        autoFocus={props.isBegun === false}
        maxLength={200}
        status={faultAt('name') ? 'error' : ''}
      />
      <Refusal says={faultAt('name')} />
      <label htmlFor="company-form">Legal form</label>
      <Select
        id="company-form"
        disabled={disabled}
        value={company.legalForm}
        options={LEGAL_FORMS.map((form) => ({ value: form, label: LEGAL_FORM_NAMES[form] }))}
        onChange={(legalForm: LegalForm) => set({ legalForm })}
      />
      <MoneyAndYear {...{ company, disabled, faultAt, set }} />
    </>
  );
}

/** What mostly stays as it usually is. */
export function OtherFields(props: CompanyFieldsProps) {
  const { company, disabled = false, faultAt, onChange } = props;
  const set = (rest: Partial<Company>) => onChange({ ...company, ...rest });
  return (
    <>
      <label htmlFor="company-trade">Trade</label>
      <Input
        {...textOf(props, 'trade')}
        maxLength={200}
        placeholder="What it does, in a few words"
      />
      <label htmlFor="company-periods">Periods in the year</label>
      <InputNumber
        id="company-periods"
        disabled={disabled}
        value={company.periods}
        onChange={(periods) => set({ periods: periods ?? 0 })}
      />
      <Refusal says={faultAt('periods')} />
      <CompanyWays {...{ company, disabled, onChange }} />
      <label htmlFor="company-words">Words</label>
      <Select
        id="company-words"
        disabled={disabled}
        value={company.words ?? 'international'}
        options={WORDS_OFFERED}
        onChange={(words: Words) => set({ words })}
      />
      <HowItWrites {...{ company, disabled, onChange }} />
      <WhereItIs {...{ company, disabled, faultAt, onChange }} />
    </>
  );
}

const WORDS_OFFERED = WORDS.map((words) => ({
  value: words,
  label: `${WORDS_NAMES[words]}: ${SUCH_AS.map((id) => wordIn(words, id)).join(', ')}`,
}));

type MoneyAndYearProps = Pick<CompanyFieldsProps, 'company' | 'disabled' | 'faultAt'> & {
  set(rest: Partial<Company>): void;
};

function MoneyAndYear({ company, disabled = false, faultAt, set }: MoneyAndYearProps) {
  return (
    <>
      <label htmlFor="company-currency">Currency</label>
      <AutoComplete
        id="company-currency"
        disabled={disabled}
        value={company.currency}
        options={CURRENCIES.map((code) => ({ value: code }))}
        showSearch={{
          filterOption: (typed, option) => (option?.value ?? '').startsWith(typed.toUpperCase()),
        }}
        onChange={(code: string) => set({ currency: code.trim().toUpperCase() })}
      />
      <Refusal says={faultAt('currency')} />
      <label htmlFor="company-first-day">Financial year begins</label>
      <DayField
        id="company-first-day"
        disabled={disabled}
        value={company.firstDay}
        onChange={(firstDay) => set({ firstDay })}
      />
      <Refusal says={faultAt('firstDay')} />
    </>
  );
}
