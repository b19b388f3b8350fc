import { faultsOfCompany, type Company, type LegalForm, type Refusal } from '@gleddo/core';

export const LEGAL_FORM_NAMES: Readonly<Record<LegalForm, string>> = {
  company: 'Company limited by shares',
  'sole-trader': 'Sole trader',
  partnership: 'Partnership',
  'non-profit': 'Non-profit',
};

/** Currencies offered by name; any other three letters can be typed. Source: ISO 4217. */
export const CURRENCIES = [
  'EUR',
  'USD',
  'GBP',
  'CHF',
  'AUD',
  'CAD',
  'NZD',
  'JPY',
  'SEK',
  'DKK',
  'NOK',
  'INR',
  'ZAR',
  'KWD',
];

export const NEW_COMPANY: Company = {
  name: '',
  trade: '',
  legalForm: 'company',
  currency: 'EUR',
  firstDay: `${new Date().getFullYear() + 1}-01-01`,
  periods: 12,
};

/** What is wrong with a company's fields, by field. */
export const faultsByField = (company: Company): ReadonlyMap<string, Refusal> =>
  new Map(faultsOfCompany(company).map((fault) => [fault.at, fault]));
