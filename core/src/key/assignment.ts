/** A possible pair: row and column, and what it is worth (over zero). */
export interface Edge {
  readonly row: number;
  readonly column: number;
  readonly worth: number;
}

/**
 * The set of pairs with the greatest total worth in which no row and no column comes twice. A best
 * overall assignment, never a greedy one. Solved for each connected part by itself, since what shares
 * neither rows nor columns can't compete.
 */
export function bestAssignment(edges: readonly Edge[]): Edge[] {
  return connectedParts(edges).flatMap((part) => (part.length === 1 ? part : solve(part)));
}

function connectedParts(edges: readonly Edge[]): Edge[][] {
  const root = new Map<string, string>();
  const find = (id: string): string => {
    let at = id;
    for (let up = root.get(at); up !== undefined; up = root.get(at)) at = up;
    return at;
  };
  for (const { row, column } of edges) {
    const one = find(`r${row}`);
    const other = find(`c${column}`);
    if (one !== other) root.set(one, other);
  }
  const parts = new Map<string, Edge[]>();
  for (const edge of edges) {
    const id = find(`r${edge.row}`);
    const part = parts.get(id);
    if (part) part.push(edge);
    else parts.set(id, [edge]);
  }
  return [...parts.values()];
}

/**
 * The Hungarian method (Kuhn 1955, Munkres 1957) in its form with potentials, on a square of costs where
 * a missing edge costs nothing and is left out of the answer.
 */
function solve(edges: readonly Edge[]): Edge[] {
  const rows = [...new Set(edges.map((edge) => edge.row))];
  const columns = [...new Set(edges.map((edge) => edge.column))];
  const size = Math.max(rows.length, columns.length);
  const rowAt = new Map(rows.map((row, i) => [row, i + 1]));
  const columnAt = new Map(columns.map((column, i) => [column, i + 1]));
  const costs = Array.from({ length: size + 1 }, () => new Float64Array(size + 1));
  const byCell = new Map<number, Edge>();
  for (const edge of edges) {
    const i = rowAt.get(edge.row) as number;
    const j = columnAt.get(edge.column) as number;
    (costs[i] as Float64Array)[j] = -edge.worth;
    byCell.set(i * (size + 1) + j, edge);
  }
  const rowOfColumn = hungarian(costs, size);
  const found: Edge[] = [];
  for (let j = 1; j <= size; j++) {
    const edge = byCell.get((rowOfColumn[j] ?? 0) * (size + 1) + j);
    if (edge) found.push(edge);
  }
  return found;
}

/** Costs with their potentials, and what is assigned so far; row and column 0 stand for none. */
interface Square {
  readonly costs: readonly Float64Array[];
  readonly size: number;
  readonly u: Float64Array;
  readonly v: Float64Array;
  readonly rowOfColumn: Int32Array;
  /** From which column each one was reached. */
  readonly way: Int32Array;
}

function hungarian(costs: readonly Float64Array[], size: number): Int32Array {
  const u = new Float64Array(size + 1);
  const v = new Float64Array(size + 1);
  const rowOfColumn = new Int32Array(size + 1);
  const way = new Int32Array(size + 1);
  const square = { costs, size, u, v, rowOfColumn, way };
  for (let row = 1; row <= size; row++) {
    rowOfColumn[0] = row;
    let column = augment(square);
    while (column !== 0) {
      const before = way[column] as number;
      rowOfColumn[column] = rowOfColumn[before] as number;
      column = before;
    }
  }
  return rowOfColumn;
}

/** Finds the cheapest way from the row in column 0 to a free column, which it answers. */
function augment({ costs, size, u, v, rowOfColumn, way }: Square): number {
  const least = new Float64Array(size + 1).fill(Infinity);
  const used = new Uint8Array(size + 1);
  let column = 0;
  do {
    used[column] = 1;
    const row = rowOfColumn[column] as number;
    const cost = costs[row] as Float64Array;
    let delta = Infinity;
    let next = 0;
    for (let j = 1; j <= size; j++) {
      if (used[j]) continue;
      const reduced = (cost[j] as number) - (u[row] as number) - (v[j] as number);
      if (reduced < (least[j] as number)) {
        least[j] = reduced;
        way[j] = column;
      }
      if ((least[j] as number) < delta) {
        delta = least[j] as number;
        next = j;
      }
    }
    for (let j = 0; j <= size; j++)
      if (used[j]) {
        u[rowOfColumn[j] as number] = (u[rowOfColumn[j] as number] as number) + delta;
        v[j] = (v[j] as number) - delta;
      } else least[j] = (least[j] as number) - delta;
    column = next;
  } while (rowOfColumn[column] !== 0);
  return column;
}
