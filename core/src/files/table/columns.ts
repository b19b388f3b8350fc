import { ColumnContent, looksAmount, looksName, looksNumber, looksSide } from './column-content.js';
import {
  headingOf,
  monthOf,
  plainHeading,
  whenOf,
  yearOf,
  type ColumnKind,
  type Heading,
  type When,
} from './headings.js';

/** Which column holds what: an index for each kind that was found. */
export type Columns = Readonly<Partial<Record<ColumnKind, number>>>;

export interface FoundColumns {
  readonly columns: Columns;
  /** The row of the headings; -1 when there are none and the columns were told by their content. */
  readonly headingRow: number;
  /** Whether the headings say that the balances are opening balances. */
  readonly saysOpening: boolean;
}

const ROWS_SEARCHED = 30;
/** From this share of its cells on, a column holds a thing. */
const MOSTLY = 0.6;

/**
 * Proposes the columns: by the first row that heads at least a name or a number and another, and by what stands below;
 * else by what stands there alone. `year`: of which year balances are wanted, where there are several.
 */
export function proposeColumns(
  rows: readonly (readonly string[])[],
  year: string | null = null,
): FoundColumns {
  for (let at = 0; at < Math.min(rows.length, ROWS_SEARCHED); at++) {
    const row = rows[at] ?? [];
    const headings = row.map(headingOf);
    if (!isHeadingRow(row, headings)) continue;
    const found = new Headed(rows, at, { headings, year }).columns();
    if (found.columns.name !== undefined) return { ...found, headingRow: at };
  }
  return { columns: byContent(rows), headingRow: -1, saysOpening: false };
}

function isHeadingRow(row: readonly string[], headings: readonly Heading[]): boolean {
  const isText = row.every(
    (cell) => !looksAmount(cell) || yearOf(cell) !== null || monthOf(cell) !== null,
  );
  const kinds = headings.filter(({ kind }) => kind !== null);
  const names = kinds.some(({ kind }) => kind === 'name' || kind === 'number' || kind === 'note');
  const amounts = headings.filter(({ side }) => side !== null).length;
  return isText && names && new Set(kinds.map(({ kind }) => kind)).size + amounts >= 2;
}

interface AmountColumn {
  readonly at: number;
  readonly side: 'debit' | 'credit' | 'either';
  readonly when: When | null;
  readonly year: string | null;
  readonly month: number | null;
}

/** Columns under headings. */
class Headed {
  readonly headings: readonly Heading[];
  readonly year: string | null;
  private readonly content: ColumnContent;
  private readonly chosen: Partial<Record<ColumnKind, number>> = {};

  constructor(
    private readonly rows: readonly (readonly string[])[],
    private readonly at: number,
    { headings, year }: Pick<Headed, 'headings' | 'year'>,
  ) {
    this.headings = headings;
    this.year = year;
    this.content = new ColumnContent(rows.slice(at + 1));
  }

  columns(): Omit<FoundColumns, 'headingRow'> {
    this.headings.forEach(({ kind }, i) => {
      if (kind !== null) this.chosen[kind] ??= i;
    });
    this.takeSide();
    this.takeNumberAndName();
    const amounts = this.amountColumns();
    const opening = amounts.filter(({ when }) => when === 'opening');
    const balances = this.balancesAmong(amounts);
    const saysOpening = balances.length === 0 && opening.length > 0;
    this.put(saysOpening ? opening : balances, 'debit', { credit: 'credit', either: 'amount' });
    if (!saysOpening)
      this.put([...opening, ...this.yearBefore(amounts)], 'opening-debit', {
        credit: 'opening-credit',
        either: 'opening',
      });
    return { columns: this.chosen, saysOpening };
  }

  /** A column headed as one of sides that holds amounts is one of amounts. */
  private takeSide(): void {
    const { side } = this.chosen;
    if (side === undefined || this.content.share(side, looksSide) >= MOSTLY) return;
    delete this.chosen.side;
  }

  private takeNumberAndName(): void {
    const { chosen, content } = this;
    const { name, number } = chosen;
    if (name !== undefined && content.share(name, looksNumber) > MOSTLY) {
      const other = this.textColumn(name);
      if (other !== null) {
        chosen.name = other;
        if (number === undefined || number === other) chosen.number = name;
      }
    }
    if (chosen.name === undefined) {
      const other = this.textColumn(chosen.number ?? -1);
      if (other !== null) chosen.name = other;
    }
    if (chosen.name !== undefined && chosen.note === chosen.name) delete chosen.note;
    if (chosen.number === chosen.name) delete chosen.number;
    if (
      chosen.number !== undefined &&
      content.filled(chosen.number) > 0 &&
      content.share(chosen.number, looksNumber) < 1 - MOSTLY
    )
      this.numberIsNone();
    if (chosen.number === undefined) this.findNumber();
  }

  /** What is headed as a number and holds words is a name, where there is none. */
  private numberIsNone(): void {
    const { number } = this.chosen;
    delete this.chosen.number;
    this.chosen.name ??= number as number;
  }

  /** The column of names that nothing else claims, beside one. */
  private textColumn(beside: number): number | null {
    const { type, section, parent, side } = this.chosen;
    const taken = [beside, type, section, parent, side];
    const fits = Array.from({ length: this.content.width }, (_, i) => i).filter(
      (i) => !taken.includes(i) && this.content.share(i, looksName) > MOSTLY,
    );
    return fits.sort((a, b) => this.content.distinct(b) - this.content.distinct(a))[0] ?? null;
  }

  private findNumber(): void {
    const claimed = new Set(Object.values(this.chosen));
    const found = this.headings.findIndex(
      ({ side, kind }, i) =>
        !claimed.has(i) && side === null && kind === null && this.content.areNumbers(i),
    );
    if (found >= 0) this.chosen.number = found;
  }

  private amountColumns(): AmountColumn[] {
    const claimed = new Set(Object.values(this.chosen));
    const above = this.above();
    const found = this.headings.flatMap(({ side, when, year, month, kind }, at): AmountColumn[] => {
      if (claimed.has(at)) return [];
      const isAmounts =
        this.content.filled(at) === 0 || this.content.share(at, looksAmount) >= 1 - MOSTLY;
      if (!isAmounts || (side === null && kind !== 'side')) return [];
      const over = above[at] ?? null;
      return [
        {
          at,
          side: side ?? 'either',
          when: when ?? over?.when ?? null,
          year: year ?? over?.year ?? null,
          month,
        },
      ];
    });
    return found.length > 0 ? found : this.unheadedAmounts(claimed);
  }

  private unheadedAmounts(claimed: ReadonlySet<number>): AmountColumn[] {
    const all = Array.from({ length: this.content.width }, (_, i) => i);
    const amounts = all.filter(
      (i) => !claimed.has(i) && this.content.share(i, looksAmount) > MOSTLY,
    );
    return sided(amounts, this.content).map(({ at, side }) => ({
      at,
      side,
      when: null,
      year: null,
      month: null,
    }));
  }

  /** What the row above the headings says of each column: a heading there reaches to the next. */
  private above(): readonly (Pick<Heading, 'when' | 'year'> | null)[] {
    const row = this.rows[this.at - 1] ?? [];
    if (row.filter((cell) => cell.trim() !== '').length < 2) return [];
    let over: Pick<Heading, 'when' | 'year'> | null = null;
    return Array.from({ length: Math.max(row.length, this.headings.length) }, (_, i) => {
      const cell = row[i] ?? '';
      if (cell.trim() !== '') over = { when: whenOf(plainHeading(cell)), year: yearOf(cell) };
      return over;
    });
  }

  /** Closing balances before those of which nothing is said; of several years the one that is wanted, or the last. */
  private balancesAmong(amounts: readonly AmountColumn[]): AmountColumn[] {
    const standing = amounts.filter(({ when }) => when === null || when === 'closing');
    const closing = standing.filter(({ when }) => when === 'closing');
    const pool = closing.length > 0 ? closing : standing;
    const years = pool.flatMap(({ year }) => year ?? []).sort();
    const wanted = this.year !== null && years.includes(this.year) ? this.year : years.at(-1);
    const ofYear = pool.filter(({ year }) => year === wanted);
    return newest(wanted !== undefined && ofYear.length > 0 ? ofYear : pool);
  }

  /** The balances of the year before are what the wanted one begins with. */
  private yearBefore(amounts: readonly AmountColumn[]): AmountColumn[] {
    const [balance] = this.balancesAmong(amounts);
    const before = balance?.year ? String(Number(balance.year) - 1) : null;
    return amounts.filter(
      ({ year, when }) => before !== null && year === before && when !== 'movement',
    );
  }

  private put(
    among: readonly AmountColumn[],
    debit: 'debit' | 'opening-debit',
    {
      credit,
      either,
    }: { readonly credit: 'credit' | 'opening-credit'; readonly either: 'amount' | 'opening' },
  ): void {
    const debits = among.find(({ side }) => side === 'debit');
    const credits = among.find(({ side }) => side === 'credit');
    const one = among.find(({ side }) => side === 'either') ?? debits ?? credits;
    if (debits && credits) {
      this.chosen[debit] = debits.at;
      this.chosen[credit] = credits.at;
    } else if (one) this.chosen[either] = one.at;
  }
}

/** Of balances at several months’ ends the last. */
function newest(columns: readonly AmountColumn[]): AmountColumn[] {
  const last = Math.max(...columns.map(({ month }) => month ?? 0));
  return columns.filter(({ month }) => (month ?? 0) === last);
}

/** Two columns of amounts of which each row fills one are debit and credit; else the first is one of amounts. */
function sided(
  amounts: readonly number[],
  content: ColumnContent,
): { at: number; side: AmountColumn['side'] }[] {
  const [first, second] = amounts;
  if (first === undefined) return [];
  if (second === undefined || content.filled(first) === 0) return [{ at: first, side: 'either' }];
  return [
    { at: first, side: 'debit' },
    { at: second, side: 'credit' },
  ];
}

function byContent(rows: readonly (readonly string[])[]): Columns {
  const content = new ColumnContent(rows);
  const all = Array.from({ length: content.width }, (_, i) => i);
  const name = all.find((i) => content.share(i, looksName) > MOSTLY);
  if (name === undefined) return {};
  const number = all.find((i) => i < name && content.share(i, looksNumber) > MOSTLY);
  const amounts = all.filter((i) => i > name && content.share(i, looksAmount) > MOSTLY);
  const side = all.find((i) => i > name && content.share(i, looksSide) > MOSTLY);
  const put =
    side === undefined
      ? sided(amounts, content)
      : amounts.slice(0, 1).map((at) => ({ at, side: 'either' as const }));
  return {
    name,
    ...(number === undefined ? {} : { number }),
    ...(side === undefined ? {} : { side }),
    ...Object.fromEntries(put.map(({ at, side: on }) => [on === 'either' ? 'amount' : on, at])),
  };
}
