import {
  cpSync,
  existsSync,
  mkdirSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { availableParallelism, tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { spawn } from 'node:child_process';
import { ensureInstalled } from './install.mjs';
import { mutationsOf, switched } from './mutations.mjs';
import { ROOT } from './run.mjs';

/**
 * Changes one operator, sign, bound or condition of the core's heart at a time, and says whether a test notices.
 * `npm run mutants -- [how many] [seed] [folder …]`; what nobody notices is listed with its place.
 */
const FOLDERS = ['assessment', 'model/naming', 'accounting/statement', 'files/table'];
/** Lists of words and forms, not logic. */
const DATA = /(synonyms|headings)\.ts$/;
/** A mutant that goes round in circles is noticed, too. */
const LONGEST = 180_000;

/** Only whether it runs: with the tests of one folder. */
const IS_SMALL = process.env.GLEDDO_SMALL !== undefined;

const args = process.argv.slice(2);
const count = Number(args[0] ?? 100);
const seed = Number(args[1] ?? 1);
const folders = args.length > 2 ? args.slice(2) : IS_SMALL ? ['model/money'] : FOLDERS;
const copy = join(tmpdir(), `gleddo-mutants-${process.pid}`);

const filesIn = (folder) =>
  readdirSync(join(ROOT, 'core/src', folder), { recursive: true })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('index.ts') && !DATA.test(name))
    .map((name) => join('core/src', folder, name));

/** The same draw for the same seed. */
function drawn(all, many) {
  let state = seed * 2_654_435_761;
  const next = () => {
    state = (Math.imul(state ^ (state >>> 15), 2_246_822_519) + 3_266_489_917) >>> 0;
    return state / 2 ** 32;
  };
  const left = [...all];
  const taken = [];
  while (taken.length < many && left.length > 0)
    taken.push(...left.splice(Math.floor(next() * left.length), 1));
  return taken;
}

/** What a mutant may lie in is copied; all else that tests look at is where it was. */
const CHANGED = ['core', 'contract', 'package.json', 'tsconfig.json', 'tsconfig.base.json'];
const NOT_THERE = ['.git', 'jest.config.mjs'];

/** A copy of the core in which each mutant can be switched on by its number. */
function planted(mutants) {
  mkdirSync(copy, { recursive: true });
  for (const name of readdirSync(ROOT)) {
    if (NOT_THERE.includes(name)) continue;
    const [from, to] = [join(ROOT, name), join(copy, name)];
    if (CHANGED.includes(name))
      cpSync(from, to, { recursive: true, filter: (each) => !each.includes('node_modules') });
    else symlinkSync(from, to);
  }
  const config = readFileSync(join(ROOT, 'jest.config.mjs'), 'utf8');
  const setup = `setupFilesAfterEnv: ['${join(copy, 'switch.mjs')}'], cacheDirectory: '${join(copy, 'cache')}',`;
  writeFileSync(
    join(copy, 'jest.config.mjs'),
    config
      .replace("testEnvironment: 'node',", `testEnvironment: 'node', ${setup}`)
      .replace(/projects: \[[\s\S]*\],/, "projects: [project('core')],"),
  );
  writeFileSync(join(copy, 'switch.mjs'), SWITCH);
  writeFileSync(join(copy, 'order.mjs'), ORDER);
  mkdirSync(join(copy, 'reached'));
  for (const file of new Set(mutants.map((each) => each.file))) {
    const own = mutants.filter((each) => each.file === file);
    const text = readFileSync(join(ROOT, file), 'utf8');
    writeFileSync(join(copy, file), switched(text, own));
  }
}

const SWITCH = `
import { writeFileSync } from 'node:fs';
import { basename } from 'node:path';
const on = Number(process.env.MUTANT ?? -1);
const reached = new Set();
const began = performance.now();
globalThis.mutant = (id) => {
  if (on < 0) reached.add(id);
  return id === on;
};
afterAll(() => {
  if (on >= 0) return;
  const test = basename(expect.getState().testPath);
  const ids = [...reached];
  const took = performance.now() - began;
  writeFileSync(process.env.REACHED + '/' + test + '.json', JSON.stringify({ ids, took }));
});
`;

/** What is soon done is tried first: most mutants are noticed long before the last test. */
const ORDER = `
import Sequencer from '@jest/test-sequencer';
const order = process.env.ORDER?.split('|') ?? [];
const at = (test) => order.findIndex((name) => test.path.endsWith('/' + name));
export default class extends Sequencer.default {
  sort(tests) {
    return order.length === 0 ? super.sort(tests) : [...tests].sort((a, b) => at(a) - at(b));
  }
}
`;

/** How many were stopped since they did not end. */
let endless = 0;

function jest(more, env = {}) {
  const command = ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js'];
  const some = IS_SMALL ? ['--testPathPatterns', 'money'] : [];
  const all = [...command, '--selectProjects', 'core', '--silent', '--ci', ...some, ...more];
  const child = spawn(process.execPath, all, {
    cwd: copy,
    env: { ...process.env, NODE_ENV: 'test', REACHED: join(copy, 'reached'), ...env },
    stdio: process.env.MUTANTS_LOUD ? 'inherit' : 'ignore',
  });
  const stop = () => {
    endless += 1;
    child.kill('SIGKILL');
  };
  const timer = env.MUTANT ? setTimeout(stop, LONGEST) : null;
  return new Promise((resolve) =>
    child.once('exit', (status) => {
      clearTimeout(timer);
      resolve(status === 0);
    }),
  );
}

/** Which test files reach which mutant, the quickest first. */
function reach() {
  const found = new Map();
  const said = readdirSync(join(copy, 'reached')).map((name) => ({
    test: name.replace(/\.json$/, ''),
    ...JSON.parse(readFileSync(join(copy, 'reached', name), 'utf8')),
  }));
  for (const { test, ids } of said.sort((a, b) => a.took - b.took))
    for (const id of ids) found.set(id, [...(found.get(id) ?? []), test]);
  return found;
}

async function noticed(id, tests) {
  if (tests.length === 0) return false;
  const pattern = tests.map((name) => `/${name.replaceAll('.', '\\.')}$`).join('|');
  const order = ['--testSequencer', join(copy, 'order.mjs')];
  return !(await jest(['--bail', '-w', '1', ...order, '--testPathPatterns', pattern], {
    MUTANT: String(id),
    ORDER: tests.join('|'),
  }));
}

await ensureInstalled();
const all = folders
  .flatMap(filesIn)
  .flatMap((file) => mutationsOf(file, readFileSync(join(ROOT, file), 'utf8')));
const mutants = drawn(all, count).map((each, id) => ({ ...each, id }));
planted(mutants);
process.stdout.write(
  `${mutants.length} of ${all.length} mutants of ${folders.join(', ')}, seed ${seed}\n`,
);
try {
  if (!(await jest([]))) throw new Error('The tests fail without any mutant. Mend them first.');
  const tests = reach();
  const survivors = [];
  const queue = [...mutants];
  const work = async () => {
    for (let mutant = queue.shift(); mutant; mutant = queue.shift()) {
      const isNoticed = await noticed(mutant.id, tests.get(mutant.id) ?? []);
      if (isNoticed) continue;
      const { file, line, from, to } = mutant;
      survivors.push(mutant);
      process.stdout.write(`${relative('core/src', file)}:${line}  ${from}  →  ${to}\n`);
    }
  };
  await Promise.all(Array.from({ length: availableParallelism() }, work));
  const share = (100 * (mutants.length - survivors.length)) / mutants.length;
  process.stdout.write(
    `\n${share.toFixed(0)} of 100 noticed (${mutants.length - survivors.length} of ${mutants.length}), ${endless} of them since they did not end\n`,
  );
  process.exitCode = !IS_SMALL && share < 90 ? 1 : 0;
} finally {
  if (existsSync(copy)) rmSync(copy, { recursive: true, force: true });
}
