import { defineConfig } from '@playwright/test';
import { rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const PORT = 3217;
const root = join(import.meta.dirname, '..');
const data = join(tmpdir(), 'gleddo-stories');

if (process.env['TEST_WORKER_INDEX'] === undefined) rmSync(data, { recursive: true, force: true });

export default defineConfig({
  testDir: '.',
  outputDir: 'results',
  timeout: 180_000,
  expect: { timeout: 20_000 },
  workers: 2,
  // A machine that is busy with other work may miss a moment; what needed a second go is told as flaky.
  retries: 1,
  fullyParallel: false,
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : [['list']],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-dev-shm-usage',
        '--disable-background-networking',
        '--no-first-run',
      ],
    },
    screenshot: 'only-on-failure',
  },
  webServer: {
    command: 'node scripts/build.mjs && node server/dist/main.mjs',
    cwd: root,
    env: { GLEDDO_DEMO: '1', GLEDDO_DATA: data, GLEDDO_PORT: String(PORT) },
    url: `http://localhost:${PORT}/api/welcome`,
    timeout: 120_000,
  },
});
