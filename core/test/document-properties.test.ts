import fc from 'fast-check';
import {
  apply,
  balanceSheet,
  bookFromJson,
  bookToJson,
  ENTRY_KINDS,
  ledgerSheet,
  subledgersOf,
  nextYear,
  profitAndLoss,
  stockCourse,
  whoOwes,
  WHOLE_LEDGER,
  type EntryKind,
  type Book,
  type Document,
  type Operation,
} from '../src/index.js';
import { COMPANY, entry } from './builder.js';
import { after, anyPapers, balances, dealer, END, put, withPapers } from './subledgers.js';

const YEAR = { from: '2027-01-01', to: END };

describe('whatever happened', () => {
  const property = (holds: (papers: Document[]) => void, numRuns = 200) =>
    fc.assert(fc.property(anyPapers, holds), { numRuns });

  test('sums of what is open equal the control accounts, after every document', () => {
    property((papers) => {
      let at = dealer();
      for (const each of papers) {
        at = withPapers(at, each);
        for (const kind of ['customer', 'supplier'] as const) {
          const { total, control } = whoOwes(at, kind, END);
          expect(total).toBe(control);
        }
      }
    }, 100);
  });

  test('the ledger of each customer and supplier ends at what they owe or are owed', () => {
    const opened = dealer();
    const { parties } = subledgersOf(opened);
    const begun = after(
      opened,
      ...parties.map((party, i): Operation => ({
        ...{ kind: 'put-party', party: { ...party, opening: 300 + i } },
      })),
    );
    property((papers) => {
      const at = withPapers(begun, ...papers);
      for (const kind of ['customer', 'supplier'] as const)
        for (const { party, owed } of whoOwes(at, kind, END).parties) {
          const { rows } = ledgerSheet(at, YEAR, { ...WHOLE_LEDGER, party: party.id });
          const [last] = rows.at(-1)?.cells.slice(-1) ?? [];
          const closing = typeof last === 'object' && 'amount' in last ? last.amount : 0;
          expect(closing).toBe(kind === 'customer' ? owed : 0 - owed);
          const [heading] = rows[0]?.cells ?? [];
          expect(heading).toBe(party.name);
        }
    }, 60);
  });

  test('the entries of each kind add up to what moved each account', () => {
    const addedUp = (at: Book, kind: EntryKind | null) => {
      const { rows } = ledgerSheet(at, YEAR, { ...WHOLE_LEDGER, kind });
      const sums = rows.filter((row) => row.kind === 'total').map(({ cells }) => cells.slice(4, 6));
      return sums.flat().reduce<number>((sum, cell, i) => {
        const amount = typeof cell === 'object' && 'amount' in cell ? cell.amount : 0;
        return sum + (i % 2 === 0 ? 1 : 1000) * amount;
      }, 0);
    };
    property((papers) => {
      const at = withPapers(dealer(), ...papers);
      const each = ENTRY_KINDS.map((kind) => addedUp(at, kind));
      expect(each.reduce((sum, amount) => sum + amount, 0)).toBe(addedUp(at, null));
    }, 40);
  });

  test('what lies in stock is worth what the stock account says', () => {
    property((papers) => {
      const at = withPapers(dealer(), ...papers);
      const worth = [...stockCourse(subledgersOf(at)).standing.values()];
      expect(worth.reduce((sum, { value }) => sum + value, 0)).toBe(balances(at)['stock'] ?? 0);
    });
  });

  test('in whichever order it is recorded, the books are the same', () => {
    const shuffledPapers = anyPapers.chain((papers) =>
      fc.tuple(
        fc.constant(papers.map((each, i) => ({ ...each, date: `2027-02-${i + 10}` }))),
        fc.shuffledSubarray(
          papers.map((_, i) => i),
          { minLength: papers.length },
        ),
      ),
    );
    fc.assert(
      fc.property(shuffledPapers, ([papers, order]) => {
        const one = withPapers(dealer(), ...papers);
        const other = withPapers(dealer(), ...order.map((i) => papers[i] as Document));
        expect(balances(other)).toEqual(balances(one));
        expect(balanceSheet(other, END).totals).toEqual(balanceSheet(one, END).totals);
        expect(profitAndLoss(other, YEAR).totals).toEqual(profitAndLoss(one, YEAR).totals);
      }),
      { numRuns: 150 },
    );
  });

  test('each is undone exactly, changed or removed, and written and read again', () => {
    property((papers) => {
      let at = dealer();
      const undoes = (operation: Operation) => {
        const applied = apply(at, operation);
        if (!applied.ok) return;
        expect(after(applied.value.book, applied.value.inverse)).toEqual(at);
        at = applied.value.book;
      };
      for (const each of papers) undoes(put(each));
      const read = bookFromJson(JSON.parse(JSON.stringify(bookToJson(at))));
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      expect(read.value).toEqual(at);
      for (const each of papers) undoes(put({ ...each, date: '2027-02-14' }));
      for (const { id } of papers) undoes({ kind: 'remove-document', id });
      expect(at.entries).toEqual([]);
    }, 100);
  });

  test('what is owed and in stock goes on into the next year', () => {
    property((papers) => {
      const year = withPapers(dealer(), ...papers);
      const closed: Book = { ...year, company: COMPANY };
      const result = balances(closed);
      const profit = ['sales', 'returns', 'cost', 'taken', 'change', 'rent'].filter(
        (id) => result[id] !== undefined && result[id] !== 0,
      );
      const lines = profit.map((account) => ({ account, amount: -(result[account] ?? 0) }));
      const kept = -lines.reduce((sum, { amount }) => sum + amount, 0);
      const all = kept === 0 ? lines : [...lines, { account: 'kept', amount: kept }];
      const closing = {
        ...entry('close', END, { lines: {} }),
        kind: 'closing' as const,
        lines: all,
      };
      const book =
        all.length > 1 ? after(closed, { kind: 'record-entry', entry: closing }) : closed;
      const next = nextYear(book, YEAR);
      if (!next.ok) throw new Error(next.refusals[0]?.says);
      for (const kind of ['customer', 'supplier'] as const) {
        const before = whoOwes(year, kind, END);
        const carried = whoOwes(next.value, kind, '2028-01-01');
        expect(carried.total).toBe(before.total);
        expect(carried.control).toBe(before.control);
      }
    }, 100);
  });
});
