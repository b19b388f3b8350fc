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
  const found = counts === null ? { passed: 0, failed: 0 } : counts();
  passed += found.passed + (counts === null && status === 0 ? 1 : 0);
  failed += found.failed + (status !== 0 && found.failed === 0 ? 1 : 0);
}

const read = (file) => JSON.parse(readFileSync(file, 'utf8'));

function jestStep(name, projects, { beside }) {
  const file = join(results, `${projects[0]}.json`);
  const args = [
    ...jest,
    '--selectProjects',
    ...projects,
    '--json',
    `--outputFile=${file}`,
    ...['--passWithNoTests', '-w', '1'],
  ];
  const counts = () => {
    const { numPassedTests, numFailedTests, numFailedTestSuites } = read(file);
    return { passed: numPassedTests, failed: numFailedTests || numFailedTestSuites };
  };
  return step(name, args, { counts, env: { GLEDDO_QUIET: '1' }, beside });
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

await ensureInstalled();
await ensureChromium();
await ensurePostgres();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
// The server's tests take one core for as long as the rest of it takes the other.
await Promise.all([
  jestStep('server over HTTP', ['server'], { beside: false }),
  (async () => {
    await jestStep('unit', ['core', 'cli', 'contract', 'web'], { beside: true });
    for (const name of ['lint', 'types'])
      await step(name, ['npm', 'run', '-s', name], { beside: true });
  })(),
]);
await build();
await stories();
process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exitCode = failed > 0 ? 1 : 0;
