import fc from 'fast-check';
import { bestAssignment, type Edge } from '../src/assessment/key/assignment.js';

/** The most that any choice of pairs is worth, found by trying all. */
function bestOf(edges: readonly Edge[]): number {
  const [first, ...rest] = edges;
  if (!first) return 0;
  const left = rest.filter(({ row, column }) => row !== first.row && column !== first.column);
  return Math.max(bestOf(rest), first.worth + bestOf(left));
}

const worthOf = (edges: readonly Edge[]): number =>
  edges.reduce((sum, { worth }) => sum + worth, 0);

const anyEdges = fc.uniqueArray(
  fc.record({
    row: fc.nat(4),
    column: fc.nat(4),
    worth: fc.integer({ min: 1, max: 12 }).map((n) => n / 4),
  }),
  { selector: ({ row, column }) => `${row} ${column}`, maxLength: 12 },
);

describe('the best assignment', () => {
  it('is worth as much as the best that trying all finds, and takes nothing twice (a property)', () => {
    fc.assert(
      fc.property(anyEdges, (edges) => {
        const found = bestAssignment(edges);
        expect(worthOf(found)).toBeCloseTo(bestOf(edges), 9);
        expect(new Set(found.map(({ row }) => row)).size).toBe(found.length);
        expect(new Set(found.map(({ column }) => column)).size).toBe(found.length);
        expect(found.every((edge) => edges.includes(edge))).toBe(true);
      }),
      { numRuns: 400 },
    );
  });

  it('is not the greedy one', () => {
    const edges = [
      { row: 0, column: 0, worth: 10 },
      { row: 0, column: 1, worth: 9 },
      { row: 1, column: 0, worth: 9 },
      { row: 1, column: 1, worth: 1 },
    ];
    expect(worthOf(bestAssignment(edges))).toBe(18);
  });
});
