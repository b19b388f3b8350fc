import { chromium } from '@playwright/test';
import { launchOptions } from '../scripts/chromium.mjs';
import { startDemo } from './demo-server.mjs';

/** What goes over the wire, from a browser that has nothing yet: to sign in, and to open a try. */

async function weighed(page) {
  const session = await page.context().newCDPSession(page);
  await session.send('Network.enable');
  let bytes = 0;
  let answers = 0;
  session.on('Network.loadingFinished', ({ encodedDataLength }) => {
    bytes += encodedDataLength;
    answers += 1;
  });
  return () => `${Math.round(bytes / 1000)} kB in ${answers} answers`;
}

const quiet = (page) => page.waitForLoadState('networkidle').catch(() => undefined);

export async function weights(server) {
  const demo = await startDemo(server);
  const browser = await chromium.launch(launchOptions());
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const bytes = await weighed(page);
  await page.goto(demo.address);
  await page.getByRole('button', { name: /^Vera Quill/ }).waitFor();
  await quiet(page);
  const signingIn = bytes();
  await page.getByRole('button', { name: /^Vera Quill/ }).click();
  await page.getByRole('link', { name: /Quarter-end/ }).click();
  await page.locator('.row.account').first().waitFor();
  const aTry = bytes();
  await page.waitForTimeout(3_000);
  const besides = bytes();
  await browser.close();
  await demo.end();
  process.stdout.write(
    `\nOn the wire, from nothing\nsigning in ${signingIn} (wanted: 250 kB), a try until its chart stands ${aTry} (wanted: 400 kB), with what is fetched behind it ${besides}\n`,
  );
}
