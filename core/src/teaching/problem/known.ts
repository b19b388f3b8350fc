import type { Amount } from '../../model/money/amount.js';
import { plainName, similarity } from '../../model/naming/names.js';
import { wordsSpeakFor } from '../../model/naming/type-stems.js';
import { typeOf, type Scheme } from '../../model/scheme/scheme.js';

/** An account as a problem tells of it. */
export interface KnownAccount {
  readonly name: string;
  readonly type: string;
  /** Whether its type is a guess that somebody has to confirm. */
  readonly isGuess: boolean;
  /** Whether it was given: by a list in the text, or by a book. */
  readonly isGiven: boolean;
}

/** What is wanted: an account of a type; its name where it has one of its own. */
export interface Wanted {
  readonly type: string;
  readonly name?: string | undefined;
  readonly isGuess?: boolean | undefined;
}

export interface KnownLine {
  readonly account: KnownAccount;
  /** Minor units, debit positive. */
  readonly amount: Amount;
}

/** What somebody is owed, or owes. */
export interface Owed {
  readonly name: string;
  readonly line: KnownLine;
  /** What comes off where it is paid early; null: nothing is said. */
  readonly percent: number | null;
}

/** Something that was agreed or done and can be spoken of later. */
interface Remembered {
  /** What somebody is owed, or owes: by their name in small letters. */
  readonly owed: Map<string, Owed>;
  /** What was paid ahead: the account, how much, for how many months. */
  readonly ahead: {
    account: KnownAccount;
    expense: Wanted;
    amount: Amount;
    months: number;
    from: string;
  }[];
  /** What was received ahead and is still to be done. */
  readonly promised: {
    account: KnownAccount;
    amount: Amount;
    months: number;
    count: number;
    /** The sentence that told of it. */
    text: string;
  }[];
  /** Things that last, with what they cost. */
  readonly lasting: {
    account: KnownAccount;
    cost: Amount;
    from: string;
    residual: Amount;
    months: number;
    /** How many of them there are. */
    count: number;
  }[];
  readonly loans: { account: KnownAccount; amount: Amount; percent: number | null; from: string }[];
  /** What a piece of something had cost that was bought by number, by its words. */
  readonly prices: { readonly thing: string; readonly each: Amount; readonly count: number }[];
}

/** Types of which a business has one account, whatever somebody calls it in passing. */
const ONE_OF_A_KIND: ReadonlySet<string> = new Set(
  (
    'bank cash-in-hand trade-receivables trade-payables inventory supplies purchases cost-of-goods-sold returns-given ' +
    'returns-taken carriage-in carriage-out drawings retained-earnings share-capital share-premium dividends ' +
    'dividends-payable sales-tax income-tax income-tax-payable bad-debts allowance-doubtful-debts wages-payable ' +
    'interest-received interest-paid bank-overdraft gain-on-disposal loss-on-disposal owner-capital stock-change'
  ).split(' '),
);

const OF_EACH_PARTNER: ReadonlySet<string> = new Set(['owner-capital', 'drawings']);

function refill<K, V>(map: Map<K, V>, entries: readonly (readonly [K, V])[]): void {
  map.clear();
  for (const [key, value] of entries) map.set(key, value);
}

const SAME_NAME = 0.86;
const SAME_WORDS = 0.7;

/** The accounts that a problem has told of so far, their balances, and what can be spoken of later. */
export class Known {
  readonly accounts: KnownAccount[] = [];
  readonly remembered: Remembered = {
    owed: new Map(),
    ahead: [],
    promised: [],
    lasting: [],
    loans: [],
    prices: [],
  };
  /** Who owns it, by their names in the text. */
  readonly owners = new Set<string>();
  /** As what a thing is kept that was bought, by its words. */
  readonly keptAs = new Map<string, KnownAccount>();
  /** What the business sells, word by word. */
  readonly goods = new Set<string>();
  /** What was sold or done for customers, as it was named. */
  readonly sold = new Set<string>();
  /** Whether goods are taken to the cost of sales with each sale; false: counted at the end. */
  isPerpetual = true;
  /** Whether something that moved amounts was not understood: balances are not what they should be. */
  hasGaps = false;
  /** What was told that was not understood, in small letters: whoever is named there may owe another amount. */
  readonly gaps: string[] = [];
  /** Whether something wears of which a list says no more than that: it is kept under some other name. */
  lacksLasting = false;
  /** Whether it is said that the cost of what is sold is recorded with each sale. */
  recordsCost = false;
  /** Whether by what it is called it lives on what it does, and not on goods. */
  isService = false;
  /** Whether it belongs to partners, each of whom has a capital of their own. */
  hasPartners = false;
  /** Whether it is a club, whose members pay for it. */
  isClub = false;
  /** Whether it cost something to bring goods in: a piece had cost more than its price. */
  hasCarriage = false;
  /** The rate of the sales tax where the text says one for all, in hundredths of a percent; null: it doesn’t. */
  taxRate: number | null = null;
  /** Whether it is said that what is bought goes to purchases. */
  recordsPurchases = false;
  /** What was sold last without its cost: so many pieces. */
  soldLast: number | null = null;
  /** The last amount that was spoken of, and what came of a sale or purchase last. */
  last: Amount | null = null;
  private readonly balances = new Map<KnownAccount, Amount>();

  constructor(readonly scheme: Scheme) {}

  add(account: KnownAccount): KnownAccount {
    this.accounts.push(account);
    return account;
  }

  balanceOf = (account: KnownAccount): Amount => this.balances.get(account) ?? 0;

  /** Keeps what an entry, or an opening balance, moves. */
  move(lines: readonly KnownLine[]): void {
    for (const { account, amount } of lines)
      this.balances.set(account, this.balanceOf(account) + amount);
  }

  /**
   * Lets go of all that was told since a moment, where a sentence was begun and then not understood: nothing may be
   * reckoned from what nobody records. Answers how to go back to now.
   */
  moment(): () => void {
    const { owed, ahead, promised, lasting, loans, prices } = this.remembered;
    const [kept, balances, debts] = [this.accounts.length, [...this.balances], [...owed]];
    const lists = [ahead, promised, lasting, loans, prices] as unknown[][];
    const before = lists.map((list) => [...list]);
    const { soldLast, moneyIn } = this;
    const sold = [...this.sold];
    return () => {
      this.accounts.length = kept;
      refill(this.balances, balances);
      refill(owed, debts);
      this.sold.clear();
      for (const name of sold) this.sold.add(name);
      for (const [i, list] of lists.entries()) list.splice(0, list.length, ...(before[i] ?? []));
      Object.assign(this, { soldLast, moneyIn });
    };
  }

  ofType(...types: readonly string[]): readonly KnownAccount[] {
    return this.accounts.filter(({ type }) => types.includes(type));
  }

  /** Part of what somebody owes, or is owed, is settled: by whatever name it is spoken of. */
  settle({ line }: Owed, amount: Amount): void {
    const left = Math.max(0, Math.abs(line.amount) - amount);
    const rest = { ...line, amount: Math.sign(line.amount) * left };
    for (const [name, each] of this.remembered.owed)
      if (each.line === line) this.remembered.owed.set(name, { ...each, line: rest });
  }

  /** What a piece of something had cost: by its words, where all of them were bought at one price; null: it isn’t known. */
  priceOf(thing: string, count: number): Amount | null {
    const words = plainName(thing).words;
    const isOf = (each: { readonly thing: string }) =>
      plainName(each.thing).words.some((word) => words.includes(word));
    const all = this.remembered.prices.filter(isOf);
    const [first] = all;
    const bought = all.reduce((sum, each) => sum + each.count, 0);
    const isOne = first && all.every(({ each }) => each === first.each);
    return isOne && count <= bought ? first.each : null;
  }

  /** The account that is wanted, made where there is none. */
  account({ type, name, isGuess = false }: Wanted): KnownAccount {
    const said = name ?? typeOf(this.scheme, type)?.name ?? type;
    return (
      this.called(said, [type]) ??
      this.theOne(type, name) ??
      this.add({ name: said, type, isGuess, isGiven: false })
    );
  }

  /** The account that is there for a type, where a name of its own doesn’t matter. */
  private theOne(type: string, name: string | undefined): KnownAccount | null {
    const [first, ...others] = this.ofType(type);
    if (!first) return null;
    const isOne = ONE_OF_A_KIND.has(type) && !(this.hasPartners && OF_EACH_PARTNER.has(type));
    if (name === undefined || isOne) return first;
    return first.isGiven && others.length === 0 && this.speaksFor(first, name) ? first : null;
  }

  /** Whether a given account is meant by a name: one of its words stands in it, or none says anything else. */
  private speaksFor = (account: KnownAccount, name: string): boolean =>
    wordsSpeakFor(account.name, account.type) === 0 ||
    plainName(account.name).words.some((word) => plainName(name).words.includes(word)) ||
    ['premises', 'office', 'sundry-operating', 'staff', 'selling'].includes(account.type);

  /** The account that is called so, of some types or of any; null: none is. */
  called(name: string, types?: readonly string[]): KnownAccount | null {
    const wanted = plainName(name);
    const near = this.accounts
      .filter(({ type }) => !types || types.includes(type))
      .map((account) => ({ account, likeness: similarity(plainName(account.name), wanted) }))
      .sort((a, b) => b.likeness - a.likeness)[0];
    return near && near.likeness >= (types ? SAME_WORDS : SAME_NAME) ? near.account : null;
  }

  /** The account whose name has the most words of a text in it, of some types; null: none has any. */
  spokenOf(text: string, types: readonly string[]): KnownAccount | null {
    const words = new Set(plainName(text).words.filter((word) => word.length > 2));
    const shared = (account: KnownAccount) =>
      plainName(account.name).words.filter((word) => words.has(word)).length;
    const best = this.ofType(...types)
      .map((account) => ({ account, count: shared(account) }))
      .sort((a, b) => b.count - a.count)[0];
    return best && best.count > 0 ? best.account : null;
  }

  /** Money: at the bank or in the till, as it is said; where only one of them is spoken of, that. */
  money(isCash: boolean): KnownAccount {
    const type = this.moneyIn === 'both' ? (isCash ? 'cash-in-hand' : 'bank') : this.moneyIn;
    const [own] = this.ofType(type);
    const [other] = this.ofType('bank', 'cash-in-hand').filter(({ isGiven }) => isGiven);
    const name = type === 'cash-in-hand' ? 'Cash' : undefined;
    return own ?? other ?? this.account({ type, name });
  }

  /** Where the business keeps its money, as far as the problem says. */
  moneyIn: 'bank' | 'cash-in-hand' | 'both' = 'bank';
}
