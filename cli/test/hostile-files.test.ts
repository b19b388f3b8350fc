import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { keyOf, writeKey } from '@gleddo/core';
import { ternIsland } from '@gleddo/core/demo';
import { HOSTILE_FILES } from '../../scripts/hostile-files.mjs';
import { main } from '../src/index.js';

let folder: string;
let key: string;
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'gleddo-hostile-'));
  key = join(folder, 'the.key.json');
  const made = keyOf(ternIsland(), {
    statementDates: [{ statement: 'balance-sheet', at: '2027-03-31' }],
  });
  await writeFile(key, writeKey(made));
});
afterAll(() => rm(folder, { recursive: true, force: true }));

async function gleddo(...args: string[]) {
  let said = '';
  const hear = { write: (text: string) => (said += text) };
  const status = await main(args, hear, hear);
  return { status, said };
}

const LONGEST_LINE = 1_000;

/** Lines that can be read, and nothing of where in the program it was found. */
const isReported = (said: string): boolean =>
  said.split('\n').every((line) => line.length < LONGEST_LINE) &&
  !/\n {1,8}at |undefined|NaN/.test(said);

describe('the command, given a file that means harm', () => {
  it.each(HOSTILE_FILES)(
    '%s: says what is wrong, and marks the work beside it',
    async (name, bytes) => {
      const file = join(folder, name);
      await writeFile(file, bytes());
      const good = join(folder, 'good.csv');
      await writeFile(good, 'Account,Balance\nBank,5\nCapital,-5\n');
      const { status, said } = await gleddo('check', key, file, good);
      expect([0, 1]).toContain(status);
      expect(said).toContain('good.csv');
      const about = said.split('good.csv')[0] ?? '';
      expect(about).toContain(name);
      expect(isReported(about)).toBe(true);
      const { said: health } = await gleddo('health', file);
      expect(isReported(health)).toBe(true);
    },
    60_000,
  );
});
