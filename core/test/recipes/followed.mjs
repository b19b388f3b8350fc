import { cpSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { rolldown } from 'rolldown';

const here = import.meta.dirname;
const core = join(here, '../..');
const copy = join(core, 'dist/recipes');

/** Puts a line behind another in a file of the copy: the place that the recipe names has to be there. */
function put(file, after, line) {
  const path = join(copy, 'src', file);
  const text = readFileSync(path, 'utf8');
  if (!text.includes(after)) throw new Error(`“${after}” is no longer in ${file}: mend the recipe`);
  writeFileSync(path, text.replace(after, `${after}\n${line}`));
}

function replace(file, before, after) {
  const path = join(copy, 'src', file);
  const text = readFileSync(path, 'utf8');
  if (!text.includes(before))
    throw new Error(`“${before}” is no longer in ${file}: mend the recipe`);
  writeFileSync(path, text.replace(before, after));
}

const checkFile = (name, room) =>
  cpSync(join(here, `${name}.txt`), join(copy, 'src/assessment', room, `${name}.ts`));

rmSync(copy, { recursive: true, force: true });
cpSync(join(core, 'src'), join(copy, 'src'), { recursive: true });

// A field of an account, as ARCHITECTURE.md says it.
put(
  'model/shapes/account.ts',
  'export const accountShape = record({',
  '  branch: orNull(text(60)),',
);
put(
  'model/shapes/account.ts',
  'export const ACCOUNT_FIELDS = {',
  "  branch: { says: 'branch', isCompared: true, isParticular: true },",
);

// A check, as ARCHITECTURE.md says it: its file, and its line in the list.
checkFile('account-branch', 'account-checks');
checkFile('entry-reference', 'entry-checks');
put(
  'assessment/all-checks/check-list.ts',
  "import type { Check } from '../check/check.js';",
  "import { accountBranch } from '../account-checks/account-branch.js';\nimport { entryReference } from '../entry-checks/entry-reference.js';",
);
put('assessment/all-checks/check-list.ts', '  accountRetired,', '  accountBranch,');
put('assessment/all-checks/check-list.ts', '  entryKind,', '  entryReference,');
replace(
  'model/shapes/entry.ts',
  "reference: { says: 'reference', isCompared: false }",
  "reference: { says: 'reference', isCompared: true }",
);

const bundle = await rolldown({
  input: { index: join(copy, 'src/index.ts'), demo: join(copy, 'src/demo/index.ts') },
  platform: 'node',
  cwd: core,
  tsconfig: false,
});
await bundle.write({ dir: join(copy, 'built'), format: 'esm', entryFileNames: '[name].mjs' });
await bundle.close();
