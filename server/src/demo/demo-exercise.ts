import { type Book } from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';

/** What a student of the demo exercise has to set up, and to record. */
const TO_SET_UP = new Set([
  'allowance',
  'slipway-prepaid',
  'insurance-prepaid',
  'fleet-dep',
  'van-dep',
  'season-passes',
  'depreciation',
  'fleet-charge',
  'van-charge',
]);
const TO_RECORD = new Set(['B10', 'A2', 'A3', 'A4', 'A5', 'A6']);

export const keyBook = (): Book => ternIsland();

/** The books as the student finds them: nine accounts and six entries are still to come. */
export function startBook(): Book {
  const key = keyBook();
  const balances = Object.entries(key.opening.balances).filter(([id]) => !TO_SET_UP.has(id));
  return {
    ...key,
    accounts: key.accounts.filter((account) => !TO_SET_UP.has(account.id)),
    opening: { ...key.opening, balances: Object.fromEntries(balances) },
    entries: key.entries.filter((entry) => !TO_RECORD.has(entry.reference)),
  };
}

export const TITLE = 'Quarter-end at Tern Island';

export const KEY_RULES = {
  accepts: [
    {
      account: 'slipway-prepaid',
      names: ['Rent paid ahead'],
      types: [],
      number: 'in-band',
    },
  ],
  aim: 'setting-up',
  total: 100,
  statementDates: [
    { statement: 'balance-sheet', at: '2027-03-31' },
    { statement: 'profit-and-loss', from: '2027-01-01', to: '2027-03-31' },
  ],
};

export const BRIEF = `Tern Island Kayaks hires out kayaks, guides tours and keeps a small shop. The books of
January to March 2027 are recorded, except for what follows. Nine accounts are missing.

**1. Set up these accounts**, each at its place and with a number that fits the plan:
an allowance for doubtful debts; prepaid slipway rent; prepaid insurance; accumulated depreciation for the
fleet and for the van (each under its asset); season passes paid ahead; depreciation of the fleet and of the
van, both under one account *Depreciation*.

**2. Opening balances at 31 December 2026**

| | |
|---|---:|
| Allowance for doubtful debts | 320 |
| Prepaid slipway rent | 6,000 |
| Prepaid insurance | 2,580 |
| Accumulated depreciation, fleet | 9,200 |
| Accumulated depreciation, van | 3,000 |

**3. Record**

- 15 March: 4,200 came in for season passes. The season begins in May.
- 31 March: slipway rent is 500 a month; three months are used up.
- 31 March: of the insurance, 860 is used up.
- 31 March: depreciation of the fleet is 2,300, of the van 650.
- 31 March: wages of 1,120 have been earned and are paid in April.
`;
