import { spawnSync } from 'node:child_process';
import { join } from 'node:path';
import { keyChanges, keyOf, type Account, type Book, type CheckResult } from '../src/index.js';

/** The core with a field of an account and two checks more, made as the recipes of `ARCHITECTURE.md` say. */
type Core = typeof import('../src/index.js') & typeof import('../src/demo/index.js');

let core: Core;
beforeAll(async () => {
  const made = join(import.meta.dirname, 'recipes/followed.mjs');
  const { status, stderr } = spawnSync(process.execPath, [made], { encoding: 'utf8' });
  if (status !== 0) throw new Error(stderr);
  const built = join(import.meta.dirname, '../dist/recipes/built');
  const parts = ['index.mjs', 'demo.mjs'].map((name) => import(join(built, name)));
  core = Object.assign({}, ...(await Promise.all(parts))) as Core;
});

const branched = (book: Book, id: string, branch: string): Book => ({
  ...book,
  accounts: book.accounts.map((each) => (each.id === id ? ({ ...each, branch } as Account) : each)),
});

const referred = (book: Book, id: string, reference: string): Book => ({
  ...book,
  entries: book.entries.map((each) => (each.id === id ? { ...each, reference } : each)),
});

const resultsOf = (check: string, key: Book, work: Book, start?: Book): CheckResult[] =>
  core
    .checkWork(core.keyOf(key), work, start ? { start } : {})
    .results.filter((each) => each.check === check) as CheckResult[];

const costs = (results: readonly CheckResult[]) =>
  results.filter(({ outcome }) => outcome === 'not-met').map(({ subject, of }) => [subject.id, of]);

describe('a field of an account with its check, made by the recipe alone', () => {
  it('counts without a start', () => {
    const key = branched(core.ternIsland(), 'bank', 'North');
    expect(costs(resultsOf('account.branch', key, key))).toEqual([]);
    expect(costs(resultsOf('account.branch', key, core.ternIsland()))).toEqual([['bank', 2]]);
  });

  it('counts where the start gave the account without it, and where it is spoilt', () => {
    const start = core.ternIsland();
    const key = branched(start, 'bank', 'North');
    expect(costs(resultsOf('account.branch', key, start, start))).toEqual([['bank', 2]]);
    const { points, of } = core.checkWork(core.keyOf(key), key, { start });
    expect([points, of]).toEqual([expect.any(Number), points]);
    expect(points).toBeGreaterThan(0);
    const spoilt = branched(start, 'till', 'South');
    expect(costs(resultsOf('account.branch', start, spoilt, start))).toEqual([['till', 2]]);
  });

  it('is told where a key changes it, and is a particular that is changed and undone with the others', () => {
    const start = core.ternIsland();
    const after = core.keyOf(branched(start, 'bank', 'North'));
    const said = core.keyChanges(core.keyOf(start), after);
    expect(said).toEqual(['Account changed: 1010 Bank, current account (branch).']);
    const [account] = start.accounts as [Account];
    expect(Object.keys(core.particularsOf(account))).toContain('branch');
    expect(keyChanges(keyOf(start), keyOf(start))).toEqual([]);
  });
});

describe('a check of entries, made by the recipe alone', () => {
  it('runs on entries that agree otherwise, with a start and without', () => {
    const start = core.ternIsland();
    const [first] = start.entries;
    const key = referred(start, first?.id ?? '', 'INV 7');
    expect(costs(resultsOf('entry.reference', key, key))).toEqual([]);
    expect(costs(resultsOf('entry.reference', key, start))).toEqual([[first?.id, 1]]);
    expect(costs(resultsOf('entry.reference', key, start, start))).toEqual([[first?.id, 1]]);
    expect(costs(resultsOf('entry.reference', start, key, start))).toEqual([[first?.id, 1]]);
  });
});
