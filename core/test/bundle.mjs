import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { rolldown } from 'rolldown';

const core = join(import.meta.dirname, '..');
const src = join(core, 'src');
const dir = join(core, 'dist/test');

const filesIn = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((each) => each.isFile())
    .map((each) => join(each.parentPath, each.name));

/** What tests ask of the core by its path: its door, and what is tested behind it. */
function doors() {
  const asked = filesIn(import.meta.dirname)
    .filter((file) => file.endsWith('.ts'))
    .flatMap((file) => [
      ...readFileSync(file, 'utf8').matchAll(/from '\.\.\/src\/([\w/-]+)\.js'/g),
    ]);
  return [
    ...new Set(['index', 'demo/index', 'shelf/index', ...asked.map(([, name]) => name)]),
  ].sort();
}

function isFresh(names) {
  const built = names.map((name) => join(dir, `${name}.mjs`));
  if (!built.every((file) => existsSync(file))) return false;
  const oldest = Math.min(...built.map((file) => statSync(file).mtimeMs));
  return filesIn(src).every((file) => statSync(file).mtimeMs < oldest);
}

/** The core in one piece: a test that reads its three hundred files one by one takes longer to begin than to run. */
export default async () => {
  const names = doors();
  if (isFresh(names)) return;
  const bundle = await rolldown({
    input: Object.fromEntries(names.map((name) => [name, join(src, `${name}.ts`)])),
    platform: 'node',
    cwd: core,
    tsconfig: false,
  });
  await bundle.write({
    dir,
    format: 'esm',
    entryFileNames: '[name].mjs',
    chunkFileNames: 'shared/[name].mjs',
  });
  await bundle.close();
};
