/** What accounts of a type are also called, beside the type's own name and examples: what a type is guessed from. */
export const USUAL_NAMES: Readonly<Record<string, readonly string[]>> = {
  'accrued-expense': [
    'Interest payable',
    'Rent payable',
    'Accrued interest',
    'Accrued rent',
    'Rent owing',
  ],
  'accrued-income': [
    'Interest receivable',
    'Rent receivable',
    'Commission receivable',
    'Fees earned, not invoiced',
  ],
  'accumulated-depreciation': [
    'Accumulated depreciation, van',
    'Accumulated depreciation, equipment',
  ],
  'deferred-income': [
    'Customer deposits',
    'Deposits from customers',
    'Rent received ahead',
    'Subscriptions paid ahead',
  ],
  'deposit-paid': ['Security deposit paid', 'Security deposit', 'Refundable deposit paid'],
  'depreciation-charge': [
    'Depreciation, van',
    'Depreciation, equipment',
    'Depreciation, furniture',
    'Depreciation, buildings',
    'Depreciation, computers',
  ],
  'dividends-received': ['Dividends received', 'Dividend income'],
  'income-tax-payable': ['Tax payable', 'Taxes payable', 'Taxation payable', 'Tax owed on profit'],
  'long-term-loan': ['Mortgage', 'Bank loan', 'Mortgage payable'],
  'own-shares': ['Treasury stock', 'Treasury shares'],
  'owner-capital': ['Owner’s capital', 'Owner’s equity', 'Capital introduced', 'Capital'],
  'share-capital': ['Common stock', 'Ordinary shares'],
  'sundry-operating': ['Supplies expense', 'Supplies used', 'Subscriptions', 'Training', 'Travel'],
  'vehicle-running': ['Van expenses', 'Car expenses', 'Fuel'],
  'wages-payable': ['Wages due', 'Salaries payable', 'Wages owed'],
};
