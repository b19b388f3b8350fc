import type { Book } from '../../src/index.js';
import { chartOf } from './charts.js';

/** One’s own book as one reads it oneself: by name and by heading, debits positive, in minor units. */
export class OwnBook {
  private readonly ids: ReadonlyMap<string, string>;

  constructor(
    readonly book: Book,
    /** The amounts that each row of the words says. */
    private readonly rows: readonly (readonly number[])[],
  ) {
    this.ids = new Map(book.accounts.map(({ name, id }) => [name, id]));
  }

  idOf(name: string): string {
    const id = this.ids.get(name);
    if (id === undefined) throw new Error(`no account “${name}”`);
    return id;
  }

  /** The amount of a row that is called so: `a` is the first. */
  said(row: number, letter: string): number {
    const amount = this.rows[row]?.['abcdefgh'.indexOf(letter)];
    if (amount === undefined) throw new Error(`row ${row} says no ${letter}`);
    return amount;
  }

  stands = (name: string): number =>
    (this.book.opening.balances[this.idOf(name)] ?? 0) + this.moved(name);

  moved(name: string): number {
    const id = this.idOf(name);
    return this.book.entries
      .flatMap(({ lines }) => lines)
      .reduce((sum, { account, amount }) => sum + (account === id ? amount : 0), 0);
  }

  sum = (...headings: string[]): number =>
    chartOf(this.book.company.name)
      .filter(({ heading, name }) => headings.includes(heading) && this.ids.has(name))
      .reduce((sum, { name }) => sum + this.stands(name), 0);

  grossProfit = (): number => -this.sum('revenue', 'cost of sales');
  profit = (): number => -this.sum('revenue', 'cost of sales', 'expenses', 'other income');
}
