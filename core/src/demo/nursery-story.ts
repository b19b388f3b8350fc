import { addDays } from '../model/day/calendar.js';
import type { Amount } from '../model/money/amount.js';
import { worthOf } from '../model/money/quantity.js';
import { randomFrom } from '../model/chance/random.js';
import type { Document, DocumentKind, DocumentLine, Settlement } from '../model/shapes/document.js';

/** What the nursery sells, by item: what one costs and is sold for (minor units), and in which months most of it. */
export const PLANTS = {
  roses: { name: 'Roses, potted', cost: 420, price: 950, season: [4, 5, 6, 9, 10] },
  hedging: { name: 'Hedging, bare root', cost: 110, price: 260, season: [1, 2, 3, 11, 12] },
  herbs: { name: 'Herbs, small pots', cost: 85, price: 240, season: [4, 5, 6, 7] },
  fruit: { name: 'Fruit trees', cost: 1150, price: 2650, season: [2, 3, 10, 11] },
  compost: { name: 'Compost, 50 l', cost: 310, price: 690, season: [3, 4, 5, 9] },
} as const;

/** What customers owe and suppliers are owed on the first day, minor units. */
export const OPENINGS = {
  customers: { lock: 184_000, mill: 120_000, hall: 80_000 },
  suppliers: { growers: 176_000, peat: 120_000 },
} as const;

type Plant = keyof typeof PLANTS;
const ALL = Object.keys(PLANTS) as Plant[];

const LETTERS: Readonly<Partial<Record<DocumentKind, string>>> = {
  'goods-in': 'N',
  'goods-out': 'D',
  'supplier-invoice': 'P',
  'customer-invoice': 'R',
};

const CUSTOMERS = ['lock', 'mill', 'hall', 'parish'] as const;
const SUPPLIERS = ['growers', 'peat', 'fen'] as const;

const BLANK: DocumentLine = {
  item: null,
  quantity: null,
  price: null,
  account: null,
  amount: null,
};

type Said = Partial<Document> & { readonly kind: DocumentKind; readonly date: string };

const line = (item: Plant, pieces: number, price: Amount | null): DocumentLine => ({
  ...BLANK,
  item,
  quantity: 1000 * pieces,
  price,
});

const onAccount = (account: string, amount: Amount): DocumentLine => ({
  ...BLANK,
  account,
  amount,
});

const worth = (lines: readonly DocumentLine[]): Amount =>
  lines.reduce((sum, { quantity, price }) => sum + worthOf(quantity ?? 0, price ?? 0), 0);

/** A year of a nursery, week by week, as its documents: what is bought, sold, paid and counted, drawn from a seed. */
export class NurseryStory {
  readonly documents: Document[] = [];
  readonly #random: () => number;
  readonly #numbers = new Map<DocumentKind, number>();
  readonly #stock = new Map<Plant, number>(ALL.map((each) => [each, 120]));

  /** What lies in the till from the gate and was not brought to the bank yet. */
  #takings: Amount = 0;

  constructor(
    seed: number,
    private readonly firstDay: string,
  ) {
    this.#random = randomFrom(seed);
  }

  /** All of it, told once. */
  tell(): readonly Document[] {
    this.#paysOpening('customer-payment', OPENINGS.customers, 20);
    this.#paysOpening('supplier-payment', OPENINGS.suppliers, 12);
    for (let week = 0; week < 52; week++) this.#week(addDays(this.firstDay, 7 * week));
    this.#count(addDays(this.firstDay, 364));
    return this.documents;
  }

  /** What was owed when the books began is settled in January. */
  #paysOpening(
    kind: 'customer-payment' | 'supplier-payment',
    owed: Readonly<Record<string, Amount>>,
    days: number,
  ): void {
    for (const [party, amount] of Object.entries(owed))
      this.#add({
        ...{ kind, date: addDays(this.firstDay, days + this.#between(0, 7)), party, money: 'bank' },
        ...{ amount, settles: [{ document: 'opening', amount }] },
      });
  }

  #week(monday: string): void {
    const month = Number(monday.slice(5, 7));
    if (this.#random() < 0.8) this.#buy(monday, month);
    for (const each of CUSTOMERS) if (this.#random() < 0.46) this.#sell(monday, month, each);
    this.#gate(monday, month);
    if (Number(monday.slice(8)) <= 7) this.#monthly(monday);
  }

  /** Papers of one kind are numbered one after the other. */
  #reference(kind: DocumentKind): string {
    const letter = LETTERS[kind];
    if (letter === undefined) return '';
    const next = (this.#numbers.get(kind) ?? 100) + 1;
    this.#numbers.set(kind, next);
    return `${letter}${next}`;
  }

  #between(from: number, to: number): number {
    return from + Math.floor(this.#random() * (to - from + 1));
  }

  #wanted(month: number): Plant {
    const inSeason = ALL.filter((each) =>
      (PLANTS[each].season as readonly number[]).includes(month),
    );
    const among = inSeason.length > 0 && this.#random() < 0.8 ? inSeason : ALL;
    return among[this.#between(0, among.length - 1)] as Plant;
  }

  /** What would happen after the year's end is not told: it has no id. */
  #add(said: Said): string | null {
    if (said.date >= addDays(this.firstDay, 365)) return null;
    const id = `n${this.documents.length + 1}`;
    const blank = { party: null, money: null, to: null, amount: null, discount: 0 };
    const rest = { reference: this.#reference(said.kind), text: '', lines: [], settles: [] };
    this.documents.push({ ...rest, ...blank, ...said, id });
    return id;
  }

  /** Young plants come in; the invoice follows within days, sometimes before the goods; it is paid in time. */
  #buy(monday: string, month: number): void {
    const supplier = SUPPLIERS[this.#between(0, 2)] as string;
    const item = this.#wanted(month);
    const pieces = this.#between(7, 16) * 10;
    const lines = [line(item, pieces, PLANTS[item].cost + this.#between(-10, 15))];
    const invoiced = addDays(monday, this.#between(-3, 9));
    this.#stock.set(item, (this.#stock.get(item) ?? 0) + pieces);
    this.#add({ kind: 'goods-in', date: monday, party: supplier, lines });
    const date = invoiced < this.firstDay ? this.firstDay : invoiced;
    const invoice = this.#add({ kind: 'supplier-invoice', date, party: supplier, lines });
    this.#pay('supplier-payment', { party: supplier, invoice, date, owed: worth(lines) });
  }

  /** A garden centre takes what is there; it is invoiced and, mostly, pays. */
  #sell(monday: string, month: number, party: string): void {
    const item = this.#wanted(month);
    const there = this.#stock.get(item) ?? 0;
    const pieces = Math.min(there, this.#between(4, 12) * 5);
    if (pieces === 0) return;
    this.#stock.set(item, there - pieces);
    const day = addDays(monday, this.#between(0, 5));
    this.#add({ kind: 'goods-out', date: day, party, lines: [line(item, pieces, null)] });
    const lines = [line(item, pieces, PLANTS[item].price)];
    const date = addDays(day, this.#between(0, 6));
    const invoice = this.#add({ kind: 'customer-invoice', date, party, lines });
    this.#pay('customer-payment', { party, invoice, date, owed: worth(lines) });
  }

  /** Settled early with two per cent off, later in full, in two parts, or not yet. */
  #pay(
    kind: 'supplier-payment' | 'customer-payment',
    of: { party: string; invoice: string | null; date: string; owed: Amount },
  ): void {
    const dice = this.#random();
    if (dice < 0.06 || of.invoice === null) return;
    const early = dice > 0.75;
    const discount = early ? Math.floor(of.owed / 50) : 0;
    const date = addDays(of.date, early ? this.#between(3, 9) : this.#between(14, 40));
    const parts = dice < 0.14 ? [Math.floor(of.owed / 2)] : [of.owed - discount];
    for (const amount of parts) {
      const settles: Settlement[] = [{ document: of.invoice, amount: amount + discount }];
      this.#add({ kind, date, party: of.party, money: 'bank', amount, discount, settles });
    }
  }

  /** What people take home from the gate: paid at once, into the till. */
  #gate(monday: string, month: number): void {
    const item = this.#wanted(month);
    const there = this.#stock.get(item) ?? 0;
    const pieces = Math.min(there, this.#between(14, 46));
    if (pieces === 0) return;
    this.#stock.set(item, there - pieces);
    const date = addDays(monday, 5);
    this.#add({ kind: 'goods-out', date, party: 'gate', lines: [line(item, pieces, null)] });
    const taken = worth([line(item, pieces, PLANTS[item].price)]);
    this.#takings += taken;
    this.#add({
      ...{ kind: 'money-in', date, money: 'till', text: 'Sold at the gate' },
      lines: [onAccount('plant-sales', taken)],
    });
  }

  #monthly(monday: string): void {
    const out = (
      days: number,
      text: string,
      { account, amount }: { readonly account: string; readonly amount: Amount },
    ) =>
      this.#add({
        ...{ kind: 'money-out', date: addDays(monday, days), money: 'bank', text },
        lines: [onAccount(account, amount)],
      });
    out(3, 'Wages', { account: 'wages', amount: 100 * this.#between(410, 520) });
    out(4, 'Heating and water', { account: 'heating', amount: 100 * this.#between(60, 190) });
    out(5, 'Loan interest', { account: 'loan-interest', amount: 8000 });
    out(6, 'Salary of the first director', { account: 'directors', amount: 30_000 });
    out(6, 'Salary of the second director', { account: 'directors', amount: 25_000 });
    const amount = Math.floor((0.8 * this.#takings) / 10_000) * 10_000;
    if (amount === 0) return;
    this.#takings -= amount;
    const transfer = { kind: 'transfer', money: 'till', to: 'bank', amount } as const;
    this.#add({ ...transfer, date: addDays(monday, 6), text: 'Takings to the bank' });
  }

  /** At the year's end a few are missing, as ever. */
  #count(date: string): void {
    const lines = ALL.map((item) => {
      const there = this.#stock.get(item) ?? 0;
      return line(item, Math.max(0, there - this.#between(0, 3)), null);
    });
    this.#add({ kind: 'stock-count', date, text: 'Counted at the year’s end', lines });
  }
}
