import type { Account, Book, Company, LegalForm } from '../../model/book/book.js';
import { withSubledgers } from '../../model/book/subledgers.js';
import type { InventorySystem } from '../../model/shapes/subledgers.js';
import { account, freeId, newBook, slugOf } from '../../model/book/new-book.js';
import { numberedAnew } from '../../model/placing/renumber-chart.js';
import { namesInAnyWords, typeOf, type Scheme } from '../../model/scheme/index.js';
import { EVERYBODY, TRADES, type Trade } from './trades.js';

/** The equity of each legal form, besides the one account for profits kept: `name | type`. */
const EQUITY: Readonly<Record<LegalForm, string>> = {
  company:
    'Share capital | share-capital\nDividends | dividends\nIncome tax payable | income-tax-payable\nIncome tax | income-tax',
  'sole-trader': 'Capital, owner | owner-capital\nDrawings | drawings',
  partnership:
    'Capital, first partner | owner-capital\nCapital, second partner | owner-capital\nDrawings, first partner | drawings\nDrawings, second partner | drawings',
  'non-profit': 'Funds kept for a purpose | reserve',
};

const tradeById = (id: string): Trade | null => TRADES.find((trade) => trade.id === id) ?? null;

interface Row {
  readonly name: string;
  readonly type: string;
  readonly under: string | null;
}

const rowsOf = (text: string): Row[] =>
  text
    .trim()
    .split('\n')
    .map((row) => {
      const [name = '', type = '', under] = row.split('|').map((cell) => cell.trim());
      return { name, type, under: under ?? null };
    });

/** An account that is called as its type is (and of what: `Accumulated depreciation, van`), is so in the company's words. */
function nameIn(scheme: Scheme, { name, type }: Row): string {
  const own = typeOf(scheme, type);
  const [head = '', ...of] = name.split(', ');
  return own && namesInAnyWords(type).includes(head) ? [own.name, ...of].join(', ') : name;
}

function accountsOf(rows: readonly Row[], scheme: Scheme, taken: Set<string>): Account[] {
  const ids = new Map<string, string>();
  return rows.map((row) => {
    const { name, type, under } = row;
    const id = freeId(slugOf(name), taken);
    taken.add(id);
    ids.set(name, id);
    return account(id, nameIn(scheme, row), {
      type,
      parent: under === null ? null : (ids.get(under) ?? null),
    });
  });
}

/** In the order in which the scheme shows types: inventory before prepayments, profits kept after capital. */
function inOrderOfTypes({ types }: Scheme, accounts: readonly Account[]): Account[] {
  const at = new Map(types.map(({ id }, i) => [id, i]));
  const rank = ({ type }: Account) => at.get(type ?? '') ?? types.length;
  return [...accounts].sort((a, b) => rank(a) - rank(b));
}

/** A chart with a change of stock counts it when the period ends; one with a cost of goods sold takes that with each sale. */
const inventoryOf = (accounts: readonly Account[]): InventorySystem =>
  accounts.some(({ type }) => type === 'stock-change') ? 'periodic' : 'perpetual';

/** What a starter chart is made for. */
export interface StarterFrame {
  readonly company: Company;
  /** The ids of a shipped scheme and number plan; a null plan works without numbers. */
  readonly scheme: string;
  readonly numberPlan: string | null;
}

/**
 * A starter chart of our own for a trade: the accounts of every business, those of the trade, the equity of
 * the company's legal form; numbered by the plan. Throws for a trade that is not shipped.
 */
export function starterChart(tradeId: string, frame: StarterFrame): Book {
  const trade = tradeById(tradeId);
  if (!trade) throw new RangeError(`no starter chart for the trade ${tradeId}`);
  const empty = newBook(frame);
  const taken = new Set(empty.accounts.map((each) => each.id));
  const rows = [EVERYBODY, trade.rows, EQUITY[frame.company.legalForm]].flatMap(rowsOf);
  const accounts = [...empty.accounts, ...accountsOf(rows, empty.scheme, taken)];
  const numbered = numberedAnew({
    ...empty,
    accounts: inOrderOfTypes(empty.scheme, accounts),
  });
  return withSubledgers(numbered, { inventory: inventoryOf(accounts) });
}
