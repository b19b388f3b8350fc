import { existsSync } from 'node:fs';

/** Debian's two packages of chromium, each by its file: the shell needs about two thirds of the browser's time. */
export const SHELL = '/usr/bin/chromium-headless-shell';
export const BROWSER = '/usr/bin/chromium';

/** How a script or a story starts whichever of them is there. */
export const launchOptions = (...more) => ({
  executablePath: existsSync(SHELL) ? SHELL : BROWSER,
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-dev-shm-usage',
    '--disable-background-networking',
    '--no-first-run',
    ...more,
  ],
});
