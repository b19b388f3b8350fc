import { ternIsland } from '@gleddo/core/demo';
import {
  draftOf,
  EMPTY_LINE,
  emptyDraft,
  entryFrom,
  readDraft,
  reversalOf,
  type DraftLine,
} from '../src/book/journal/entry-draft';

const book = ternIsland();
const line = (account: string, debit = '', credit = ''): DraftLine => ({ account, debit, credit });
const draft = (...lines: DraftLine[]) => ({ ...emptyDraft('2027-03-31'), lines });
const read = (...lines: DraftLine[]) => readDraft(book, draft(...lines));
const made = (...lines: DraftLine[]) => entryFrom(draft(...lines), read(...lines));

describe('an entry as it is typed', () => {
  it('is what was recorded, when it is opened again', () => {
    for (const entry of book.entries) {
      const opened = draftOf(book, entry);
      expect(entryFrom(opened, readDraft(book, opened))).toEqual(entry);
    }
  });

  it('the one line without an amount brings it into balance', () => {
    const lines = [line('insurance', '880'), line('insurance-prepaid'), EMPTY_LINE];
    expect(read(...lines)).toMatchObject({ difference: 88_000, balancing: 1 });
    expect(made(...lines)).toMatchObject({
      lines: [
        { account: 'insurance', amount: 88_000 },
        { account: 'insurance-prepaid', amount: -88_000 },
      ],
    });
  });

  it('two lines without an amount are left to the one who types', () => {
    expect(read(line('bank', '1'), line('till'), line('hire')).balancing).toBeNull();
  });

  it('nothing is filled in where nothing is missing', () => {
    expect(read(line('bank', '1'), line('till', '', '1'), line('hire')).balancing).toBeNull();
  });

  it.each<[string, DraftLine[], RegExp]>([
    ['a line on both sides', [line('bank', '5', '5')], /a debit or a credit, not both/],
    ['an amount with a minus', [line('bank', '-5')], /without a minus, on the other side/],
    ['an amount that is none', [line('bank', 'five')], /five/],
    ['an amount without an account', [line('', '5'), line('bank', '', '5')], /without an account/],
  ])('%s is refused in a sentence', (_, lines, says) => {
    expect(made(...lines)).toMatch(says);
  });

  it('needs a day', () => {
    const undated = { ...draft(line('bank', '5'), line('till', '', '5')), date: '' };
    expect(entryFrom(undated, readDraft(book, undated))).toBe('The entry needs a day. Choose one.');
  });
});

test('a reversal turns every line round, is an entry of its own, and says of which it is', () => {
  const [entry] = book.entries;
  if (!entry) throw new Error('no entry');
  const turned = reversalOf(book, entry);
  const reversed = entryFrom(turned, readDraft(book, turned));
  if (typeof reversed === 'string') throw new Error(reversed);
  expect(reversed.id).not.toBe(entry.id);
  expect(reversed.text).toBe(`Reversal: ${entry.text}`);
  expect(reversed.lines).toEqual(
    entry.lines.map(({ account, amount }) => ({ account, amount: -amount })),
  );
});
