import {
  checkpoint,
  subledgersOf,
  givenToStudents,
  keyOf,
  START_KINDS,
  startingPoint,
  writeBook,
  type Book,
} from '../src/index.js';
import { withOwnIds } from '../src/teaching/start/own-ids.js';
import { change, entry, shop } from './builder.js';

/* What an author has not posted yet, or keeps to begin from, may be the answer: no student receives it. */

const SECRET = 'Insurance used up, the answer';
const secret = entry('s', '2027-03-31', {
  lines: { insurance: 777, prepaid: -777 },
  rest: { text: SECRET },
});
const drafted: Book = change(
  {
    ...shop(),
    subledgers: {
      ...subledgersOf(shop()),
      waiting: [secret],
      templates: [{ id: 't', name: SECRET, entry: secret }],
    },
  },
  'insurance',
  { chargedTo: 'sales' },
);

describe('what is not posted, and what entries begin from', () => {
  it.each(START_KINDS)('stays with the author, however students begin: %s', (kind) => {
    const start = startingPoint(drafted, kind, { faults: {}, seed: 1 });
    expect(writeBook(givenToStudents(start, kind, 7))).not.toContain(SECRET);
  });

  it('does not come with a checkpoint', () => {
    const key = keyOf(drafted);
    const at = checkpoint(key, startingPoint(drafted, 'company-only', { faults: {}, seed: 1 }), {
      guide: {},
      upTo: 0,
    });
    expect(writeBook(at)).not.toContain(SECRET);
  });

  it('where a start is given with them, they name accounts by ids that tell nothing', () => {
    const given = withOwnIds(drafted, 3);
    const ids = new Set(given.accounts.map(({ id }) => id));
    const lines = [
      ...(given.subledgers?.waiting ?? []),
      ...(given.subledgers?.templates ?? []).map((each) => each.entry),
    ].flatMap((each) => each.lines);
    expect(lines).toHaveLength(4);
    for (const { account } of lines) expect(ids).toContain(account);
    for (const { chargedTo } of given.accounts)
      expect(chargedTo === null || ids.has(chargedTo)).toBe(true);
    expect(given.accounts.some(({ chargedTo }) => chargedTo !== null)).toBe(true);
  });

  it.each(['place-them', 'mend-it'] as const)(
    '%s: on what an expense is charged on is not told',
    (kind) => {
      const start = startingPoint(drafted, kind, { faults: {}, seed: 1 });
      expect(start.accounts.every(({ chargedTo }) => chargedTo === null)).toBe(true);
    },
  );
});
