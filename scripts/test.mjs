import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { ensureChromium, ensureInstalled, ensurePostgres } from './install.mjs';
import { ROOT, run } from './run.mjs';

const results = join(ROOT, 'node_modules', '.cache', 'gleddo-results');
const jest = [
  process.execPath,
  '--experimental-vm-modules',
  '--no-warnings',
  'node_modules/jest/bin/jest.js',
];

let passed = 0;
let failed = 0;

/** What runs beside another step says all that it has to say when it is done. */
async function step(name, [command, ...args], { counts = null, env = {}, beside = false } = {}) {
  if (!beside) process.stdout.write(`\n— ${name}\n`);
  const heard = [];
  const status = await run(command, args, {
    env: { ...process.env, NODE_ENV: 'test', ...env },
    ...(beside && { hear: (text) => heard.push(text) }),
  });
  if (beside) process.stdout.write(`\n— ${name}\n${heard.join('')}`);
  const found = counts === null ? { passed: 0, failed: 0 } : counted(counts);
  passed += found.passed + (counts === null && status === 0 ? 1 : 0);
  failed += found.failed + (status !== 0 && found.failed === 0 ? 1 : 0);
}

/** What ended before it could write what came of it has passed nothing. */
function counted(counts) {
  try {
    return counts();
  } catch {
    return { passed: 0, failed: 0 };
  }
}

const read = (file) => JSON.parse(readFileSync(file, 'utf8'));

/** The core's, the command's, the pages' and the server's own tests: whichever comes next, on two cores. */
function jestStep() {
  const file = join(results, 'jest.json');
  const args = [...jest, '--json', `--outputFile=${file}`, '-w', '2'];
  const counts = () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites } = read(file);
    return { passed: numPassedTests, failed: numFailedTests || numFailedTestSuites };
  };
  return step('unit, and the server over HTTP', args, { counts, env: { GLEDDO_QUIET: '1' } });
}

function stories() {
  const file = join(results, 'stories.json');
  const args = [
    process.execPath,
    'node_modules/.bin/playwright',
    'test',
    '-c',
    'e2e/playwright.config.ts',
  ];
  const counts = () => {
    const { expected, unexpected, flaky } = read(file).stats;
    return { passed: expected + flaky, failed: unexpected };
  };
  const env = { PLAYWRIGHT_JSON_OUTPUT_NAME: file };
  return step('stories in the browser', args, { counts, env });
}

/** The commands that try the code, each once and small: that they run, not what they say. */
const SMALL = [['accuracy', '2', '1'], ['mutants', '2', '4'], ['bench'], ['pictures']];

async function commands() {
  for (const [name, ...args] of SMALL)
    await step(`${name}, small`, ['npm', 'run', '-s', name, '--', ...args], {
      ...{ env: { GLEDDO_SMALL: '1', NODE_ENV: undefined }, beside: true },
    });
}

await ensureInstalled();
await ensurePostgres();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
// What the stories need is made ready while the rest is tested: no core waits for another.
await Promise.all([
  jestStep(),
  (async () => {
    await ensureChromium();
    for (const name of ['lint', 'types'])
      await step(name, ['npm', 'run', '-s', name], { beside: true });
    await build();
    await commands();
  })(),
]);
await stories();
process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exitCode = failed > 0 ? 1 : 0;
