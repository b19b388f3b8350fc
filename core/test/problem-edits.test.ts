import {
  bookFromJson,
  bookToJson,
  LONGEST_PROBLEM,
  NO_EDITS,
  problemExercise,
  propose,
  proposedBook,
  sentenceNames,
  withEdits,
  type ProblemEdits,
} from '../src/index.js';

const TEXT = `Sable Loft sells lamps. Its books begin on 1 May 2027.
Bank: 900
Capital: 900
The owner puts 500 into the bank.
Buys wire on account, 40.
Pays wages of 60.
Pays wages of 60.`;

const read = (text = TEXT) => propose(text, { year: 2027 });
const shown = (edits: Partial<ProblemEdits>, text = TEXT) =>
  withEdits(read(text), { ...NO_EDITS, ...edits });
const linesOf = (proposal: ReturnType<typeof read>, at: number) =>
  proposal.sentences[at]?.entries.map(({ lines }) =>
    lines.map(({ account, amount }) => [account.name, account.type, amount]),
  );

test('an account put right is so wherever it stands, and no guess any more', () => {
  const wire = read().sentences[1]?.entries[0]?.lines[0]?.account;
  expect(wire?.isGuess).toBe(true);
  const name = wire?.name ?? '';
  const put = shown({ accounts: { [name]: { name: 'Wire', type: 'other-direct-cost' } } });
  expect(linesOf(put, 1)?.[0]?.[0]).toEqual(['Wire', 'other-direct-cost', 4000]);
  expect(put.accounts.find((each) => each.name === 'Wire')?.isGuess).toBe(false);
});

test('an entry said by hand stays with its sentence while the text around it is mended', () => {
  const names = sentenceNames(read().sentences);
  expect(new Set(names).size).toBe(names.length);
  const lines = [
    { account: 'Pay of the helper', amount: 7000 },
    { account: 'Bank', amount: -7000 },
  ];
  const edits = {
    added: [{ name: 'Pay of the helper', type: 'staff' }],
    entries: { [names[3] ?? '']: { date: '2027-05-09', lines } },
  };
  const mended = TEXT.replace('Buys wire on account, 40.\n', '').replace('500', '700');
  for (const [text, at] of [
    [TEXT, 3],
    [mended, 2],
  ] as const) {
    const put = shown(edits, text);
    expect(linesOf(put, at)).toEqual([
      [
        ['Pay of the helper', 'staff', 7000],
        ['Bank', 'bank', -7000],
      ],
    ]);
    expect(linesOf(put, at - 1)?.[0]?.[0]?.[2]).toBe(6000);
  }
});

test('an entry whose account is gone is not understood, and never half taken', () => {
  const [name = ''] = sentenceNames(read().sentences);
  const lines = [
    { account: 'Bank', amount: 100 },
    { account: 'constructor', amount: -100 },
  ];
  const put = shown({ entries: { [name]: { date: '2027-05-01', lines } } });
  expect(put.sentences[0]).toMatchObject({ entries: [], why: expect.stringMatching(/not there/) });
});

test('what begins a sentence that is not understood is not reckoned with later', () => {
  const text =
    'Buys a van for 900 on account and receives 70 for 30 of it. Pays half of what is owed for the van.';
  const { sentences, accounts } = read(text);
  expect(sentences.map(({ entries }) => entries)).toEqual([[], []]);
  expect(accounts).toEqual([]);
});

test('a list that names an account twice adds it up; the currency is the one that is said', () => {
  const proposal = read('Till Co.\nBank: £300\nBank: £200\nCapital: £500\nPays rent of £100.');
  const book = proposedBook(proposal, { sentences: null });
  expect(book.company.currency).toBe('GBP');
  expect(Object.values(book.opening.balances).sort()).toEqual([-50000, 50000]);
});

test('in a company that there is accounts stay where they are, and what they hold is known', () => {
  const first = proposedBook(read(), { sentences: null });
  const more = propose('Pays suppliers what is owed. Buys a press for 300 by cheque.', {
    book: first,
    year: 2027,
  });
  const book = proposedBook(more, { book: first, sentences: null });
  expect(book.accounts.slice(0, first.accounts.length)).toEqual(first.accounts);
  expect(book.accounts).toHaveLength(first.accounts.length + 1);
  expect(book.entries.at(-2)?.lines.map(({ amount }) => amount)).toEqual([4000, -4000]);
  expect(bookFromJson(bookToJson(book)).ok).toBe(true);
});

test('what was left stays among the sentences, and asks for nothing', () => {
  const made = problemExercise(read(), {
    ...{ title: 'Lamps', taken: new Set([0, 2]), start: 'accounts' as const, seed: 1 },
  });
  if (!made.ok) throw new Error('refused');
  const steps = made.value.guide.steps ?? [];
  expect(steps.flatMap(({ entries }) => entries ?? [])).toHaveLength(2);
  expect(steps.map(({ words }) => words).join('\n')).toContain('Buys wire on account, 40');
});

test('a text that is longer than a problem can be is refused', () => {
  expect(() => read('a'.repeat(LONGEST_PROBLEM + 1))).toThrow(RangeError);
});

test('what wears is the thing that is named, and never another for want of it', () => {
  const text = 'Buys a press for 1,200 by cheque. Depreciates the van by 20. Depreciation: 10.';
  const [, van, plain] = read(text).sentences;
  expect(van).toMatchObject({ entries: [], why: 'what wears isn’t said' });
  expect(plain?.entries).toHaveLength(1);
});
