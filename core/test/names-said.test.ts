import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { NAME_ROWS, SPOKEN_ROWS } from '../../accuracy/src/name-rows.js';
import { readNames } from '../../accuracy/src/names.js';
import { checkWork, keyOf, type Book } from '../src/index.js';
import { acct, shop } from './builder.js';

describe('a name is wrong only where it says something else', () => {
  test.each([
    ['of the trade', NAME_ROWS, 0.01],
    ['as people say them', SPOKEN_ROWS, 0.3],
  ] as const)('names %s: an entry that is wrong takes none along', (_, rows, mayPass) => {
    const struck: string[] = [];
    const { honest, wrong, unseen } = readNames(rows, (line) => struck.push(line), true);
    expect(struck.filter((line) => line.includes('false alarm'))).toEqual([]);
    expect(honest).toBeGreaterThan(100);
    expect(unseen / wrong).toBeLessThan(mayPass);
  });

  test('what the names as people say them are measured by stands nowhere in the program', () => {
    const src = join(import.meta.dirname, '../src');
    const program = readdirSync(src, { recursive: true, encoding: 'utf8' })
      .filter((name) => name.endsWith('.ts'))
      .map((name) => readFileSync(join(src, name), 'utf8').toLowerCase())
      .join('\n');
    const said = SPOKEN_ROWS.flatMap(([, key, honest, wrong]) => [key, ...honest, ...wrong]);
    const long = said.filter((name) => name.split(' ').length > 2);
    expect(long.length).toBeGreaterThan(60);
    expect(long.filter((name) => program.includes(name.toLowerCase()))).toEqual([]);
  });

  test('a name that an author has said is another one is struck', () => {
    const rest = { number: '6500', name: 'Desk things' };
    const withDesk = (name: string): Book => ({
      ...shop(),
      accounts: [...shop().accounts, acct('desk', 'office', { ...rest, name })],
    });
    const accepts = (otherNames: readonly string[]) => [
      {
        account: 'desk',
        names: [],
        otherNames,
        types: [],
        number: 'in-band',
        required: true,
        several: true,
      } as const,
    ];
    const marks = (otherNames: readonly string[]) =>
      checkWork(
        keyOf(withDesk('Desk things'), { accepts: accepts(otherNames) }),
        withDesk('Pens and paper'),
      )
        .results.filter(({ outcome }) => outcome === 'not-met')
        .map(({ ref }) => ref);
    expect(marks([])).toEqual([]);
    expect(marks(['Pens & paper'])).toEqual(['account.name:desk']);
  });
});
