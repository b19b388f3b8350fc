import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(import.meta.dirname, '../..');
const cruise = join(root, 'node_modules/.bin/depcruise');

/** What the rule over folders says of a workspace of some files. */
function said(files: Readonly<Record<string, string>>): { status: number | null; says: string } {
  const house = mkdtempSync(join(tmpdir(), 'gleddo-rooms-'));
  for (const name of ['.dependency-cruiser.cjs', 'tsconfig.json', 'tsconfig.base.json'])
    cpSync(join(root, name), join(house, name));
  symlinkSync(join(root, 'node_modules'), join(house, 'node_modules'));
  for (const [path, text] of Object.entries(files)) {
    mkdirSync(join(house, path, '..'), { recursive: true });
    writeFileSync(join(house, path), text);
  }
  const args = [cruise, 'core/src', '--config', '.dependency-cruiser.cjs'];
  const { status, stdout } = spawnSync(process.execPath, args, { cwd: house, encoding: 'utf8' });
  rmSync(house, { recursive: true, force: true });
  return { status, says: stdout };
}

const LOW = 'export const low = 1;\n';
const HIGH = "import { low } from '../low/low.js';\nexport const high = low;\n";

describe('the rule over rooms', () => {
  it('lets a room need one below it', () => {
    expect(said({ 'core/src/low/low.ts': LOW, 'core/src/high/high.ts': HIGH }).status).toBe(0);
  });

  it('finds two that need each other, though no file goes round in a circle', () => {
    const planted = "import { high } from '../high/high.js';\nexport const other = high;\n";
    const { status, says } = said({
      ...{ 'core/src/low/low.ts': LOW, 'core/src/high/high.ts': HIGH },
      'core/src/low/other.ts': planted,
    });
    expect(status).not.toBe(0);
    expect(says).toContain('no-rings-of-folders');
    expect(says).not.toContain('no-circles');
  });

  it('finds an arrow that points up to a higher floor', () => {
    const { status, says } = said({
      'core/src/accounting/sum/sum.ts': LOW,
      'core/src/model/amount/amount.ts':
        "import { low } from '../../accounting/sum/sum.js';\nexport const high = low;\n",
    });
    expect(status).not.toBe(0);
    expect(says).toContain('no-arrow-up-from-core-model');
  });
});
