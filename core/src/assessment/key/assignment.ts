import TinyQueue from 'tinyqueue';

/** A possible pair: row and column, and what it is worth (over zero). */
export interface Edge {
  readonly row: number;
  readonly column: number;
  readonly worth: number;
}

/**
 * The set of pairs with the greatest total worth in which no row and no column comes twice. A best overall assignment,
 * never a greedy one: each row in turn takes the cheapest way to a free column, along which others may move on or give
 * up theirs (successive shortest paths with potentials; Tomizawa 1971, Edmonds and Karp 1972). Only the pairs that are
 * named are looked at.
 */
export function bestAssignment<E extends Edge>(edges: readonly E[]): E[] {
  const assigning = new Assigning(edges);
  for (const row of assigning.rows) assigning.place(row);
  return assigning.found();
}

interface Reached {
  readonly column: number;
  readonly way: number;
}

/** How a row came to a column, and how long the way was. */
interface Way {
  readonly row: number;
  readonly length: number;
}

class Assigning<E extends Edge> {
  private readonly edgesOf = new Map<number, E[]>();
  private readonly taken = new Map<number, E>();
  private readonly byColumn = new Map<number, number>();
  private readonly rowPrice = new Map<number, number>();
  private readonly columnPrice = new Map<number, number>();

  constructor(edges: readonly E[]) {
    for (const edge of edges) {
      const own = this.edgesOf.get(edge.row);
      if (own) own.push(edge);
      else this.edgesOf.set(edge.row, [edge]);
    }
    for (const [row, own] of this.edgesOf)
      this.rowPrice.set(row, -Math.max(0, ...own.map(({ worth }) => worth)));
  }

  get rows(): readonly number[] {
    return [...this.edgesOf.keys()];
  }

  found(): E[] {
    return [...this.taken.values()];
  }

  /** Finds a column for a row, or leaves without one whoever is worth least. */
  place(row: number): void {
    const reached = new Map<number, Way>();
    const settled: Reached[] = [];
    const ways = new TinyQueue<Reached>([], (a, b) => a.way - b.way);
    let leaves: Way = { row, length: Infinity };
    let end: number | null = null;
    let at: number | null = row;
    let length = 0;
    while (at !== null) {
      this.look(at, length, { reached, ways });
      const without = length - this.priceOf(at);
      if (without < leaves.length) leaves = { row: at, length: without };
      const next = nextOf(ways, reached);
      if (!next || next.way >= leaves.length) break;
      length = next.way;
      end = this.byColumn.has(next.column) ? null : next.column;
      if (end !== null) break;
      settled.push(next);
      at = this.byColumn.get(next.column) ?? null;
    }
    const total = end === null ? leaves.length : length;
    this.reprice(row, settled, total);
    if (end === null) this.leave(leaves.row, row, reached);
    else this.moveAlong(end, row, reached);
  }

  private priceOf(row: number): number {
    return this.rowPrice.get(row) ?? 0;
  }

  private look(
    row: number,
    length: number,
    { reached, ways }: { readonly reached: Map<number, Way>; readonly ways: TinyQueue<Reached> },
  ) {
    for (const { column, worth } of this.edgesOf.get(row) ?? []) {
      const cost = -worth - this.priceOf(row) - (this.columnPrice.get(column) ?? 0);
      const way = length + Math.max(0, cost);
      if (way >= (reached.get(column)?.length ?? Infinity)) continue;
      reached.set(column, { row, length: way });
      ways.push({ column, way });
    }
  }

  private reprice(row: number, settled: readonly Reached[], total: number): void {
    this.rowPrice.set(row, this.priceOf(row) + total);
    for (const { column, way } of settled) {
      const more = total - way;
      const owner = this.byColumn.get(column) as number;
      this.columnPrice.set(column, (this.columnPrice.get(column) ?? 0) - more);
      this.rowPrice.set(owner, this.priceOf(owner) + more);
    }
  }

  /** A row gives up its column, and those on the way to it move on. */
  private leave(leaving: number, from: number, reached: ReadonlyMap<number, Way>): void {
    const given = this.taken.get(leaving)?.column;
    this.taken.delete(leaving);
    if (given === undefined) return;
    this.byColumn.delete(given);
    if (leaving !== from) this.moveAlong(given, from, reached);
  }

  private moveAlong(end: number, from: number, reached: ReadonlyMap<number, Way>): void {
    let column: number | undefined = end;
    while (column !== undefined) {
      const to: number = column;
      const row = reached.get(to)?.row ?? from;
      const before: number | undefined = this.taken.get(row)?.column;
      const edge = this.edgesOf.get(row)?.find((each) => each.column === to);
      if (edge) this.taken.set(row, edge);
      this.byColumn.set(to, row);
      column = row === from ? undefined : before;
    }
  }
}

/** The nearest column to which no shorter way was found meanwhile. */
function nextOf(ways: TinyQueue<Reached>, reached: ReadonlyMap<number, Way>): Reached | null {
  for (let next = ways.pop(); next; next = ways.pop())
    if (reached.get(next.column)?.length === next.way) return next;
  return null;
}
