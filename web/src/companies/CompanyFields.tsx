import { LEGAL_FORMS, type Company, type LegalForm } from '@gleddo/core';
import { AutoComplete, Input, InputNumber, Select } from 'antd';
import { DayField } from '../figures/DayField';
import { CURRENCIES, LEGAL_FORM_NAMES } from './company-form';

interface CompanyFieldsProps {
  readonly company: Company;
  readonly disabled?: boolean;
  /** The sentence to show at a field. */
  faultAt(field: string): string | undefined;
  onChange(company: Company): void;
}

/** The particulars of a company, each refusal at its field. */
export function CompanyFields({
  company,
  disabled = false,
  faultAt,
  onChange,
}: CompanyFieldsProps) {
  const set = (rest: Partial<Company>) => onChange({ ...company, ...rest });
  const fault = (field: string) => {
    const says = faultAt(field);
    return says === undefined ? null : (
      <p className="refusal" role="alert">
        {says}
      </p>
    );
  };
  const text = (field: 'name' | 'trade') => ({
    id: `company-${field}`,
    disabled,
    value: company[field],
    onChange: (event: { target: { value: string } }) => set({ [field]: event.target.value }),
  });
  return (
    <div className="field">
      <label htmlFor="company-name">Name</label>
      <Input {...text('name')} maxLength={200} status={faultAt('name') ? 'error' : ''} />
      {fault('name')}
      <label htmlFor="company-trade">Trade</label>
      <Input {...text('trade')} maxLength={200} placeholder="What it does, in a few words" />
      <label htmlFor="company-form">Legal form</label>
      <Select
        id="company-form"
        disabled={disabled}
        value={company.legalForm}
        options={LEGAL_FORMS.map((form) => ({ value: form, label: LEGAL_FORM_NAMES[form] }))}
        onChange={(legalForm: LegalForm) => set({ legalForm })}
      />
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
      {fault('currency')}
      <label htmlFor="company-first-day">Financial year begins</label>
      <DayField
        id="company-first-day"
        disabled={disabled}
        value={company.firstDay}
        onChange={(firstDay) => set({ firstDay })}
      />
      {fault('firstDay')}
      <label htmlFor="company-periods">Periods in the year</label>
      <InputNumber
        id="company-periods"
        disabled={disabled}
        value={company.periods}
        onChange={(periods) => set({ periods: periods ?? 0 })}
      />
      {fault('periods')}
    </div>
  );
}
