import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build } from './build.mjs';
import { ensureChromium, ensureInstalled, ensurePostgres } from './install.mjs';
import { ROOT, run } from './run.mjs';

const results = join(ROOT, 'node_modules', '.cache', 'gleddo-results');
const jest = ['--experimental-vm-modules', '--no-warnings', 'node_modules/jest/bin/jest.js'];

let passed = 0;
let failed = 0;

async function step(name, command, args, counts = null, env = {}) {
  process.stdout.write(`\n— ${name}\n`);
  const status = await run(command, args, { env: { ...process.env, NODE_ENV: 'test', ...env } });
  const found = counts === null ? { passed: 0, failed: 0 } : counts();
  passed += found.passed + (counts === null && status === 0 ? 1 : 0);
  failed += found.failed + (status !== 0 && found.failed === 0 ? 1 : 0);
}

const read = (file) => JSON.parse(readFileSync(file, 'utf8'));

function jestStep(name, projects, more = []) {
  const file = join(results, `${projects[0]}.json`);
  const args = [
    ...jest,
    '--selectProjects',
    ...projects,
    '--json',
    `--outputFile=${file}`,
    ...more,
  ];
  return step(
    name,
    process.execPath,
    args,
    () => {
      const { numPassedTests, numFailedTests, numFailedTestSuites } = read(file);
      return { passed: numPassedTests, failed: numFailedTests || numFailedTestSuites };
    },
    { GLEDDO_QUIET: '1' },
  );
}

function stories() {
  const file = join(results, 'stories.json');
  const args = ['node_modules/.bin/playwright', 'test', '-c', 'e2e/playwright.config.ts'];
  return step(
    'stories in the browser',
    process.execPath,
    args,
    () => {
      const { expected, unexpected, flaky } = read(file).stats;
      return { passed: expected + flaky, failed: unexpected };
    },
    { PLAYWRIGHT_JSON_OUTPUT_NAME: file },
  );
}

await ensureInstalled();
await ensureChromium();
await ensurePostgres();
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });
await step('lint', 'npm', ['run', '-s', 'lint']);
await step('types', 'npm', ['run', '-s', 'types']);
await jestStep('unit', ['core', 'cli', 'contract', 'web'], ['--passWithNoTests']);
await jestStep('server over HTTP', ['server'], ['-w', '1']);
await build();
await stories();
process.stdout.write(`\n${passed} passed, ${failed} failed\n`);
process.exitCode = failed > 0 ? 1 : 0;
