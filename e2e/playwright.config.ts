import { defineConfig } from '@playwright/test';
import { join } from 'node:path';
import { launchOptions } from '../scripts/chromium.mjs';

const PORT = 3217;
const root = join(import.meta.dirname, '..');

export default defineConfig({
  testDir: '.',
  globalSetup: './demo-stays.ts',
  outputDir: 'results',
  timeout: 180_000,
  // As long as a class takes to be checked where four others want the same two cores.
  expect: { timeout: 60_000 },
  // One more than cores: a story waits for pages a quarter of its time.
  workers: 3,
  // A machine that is busy with other work may miss a moment; what needed a second go is told as flaky.
  retries: 1,
  fullyParallel: false,
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['list'], ['json']] : [['list']],
  use: {
    baseURL: `http://localhost:${PORT}`,
    viewport: { width: 1280, height: 800 },
    launchOptions: launchOptions(),
    screenshot: 'only-on-failure',
    // What cuts a page off must cut it off; who tries what is kept allows it.
    serviceWorkers: 'block',
  },
  webServer: {
    command: 'node scripts/stories-server.mjs',
    cwd: root,
    env: { GLEDDO_PORT: String(PORT) },
    // Its data is safe before it ends; a killed script would leave the server behind.
    gracefulShutdown: { signal: 'SIGTERM', timeout: 10_000 },
    url: `http://localhost:${PORT}/api/welcome`,
    timeout: 120_000,
  },
});
