import { expect, test, type Page } from '@playwright/test';
import { StandIn } from '../stand-in/src/stand-in.js';
import { nothingSerious } from './accessible.js';
import { OwnServer } from './own-server.js';
import { comeInAs } from './people.js';

const server = new OwnServer(true);
let platform: StandIn;
test.beforeAll(async () => {
  await server.start();
  platform = await StandIn.begin(`http://localhost:${new URL(server.address).port}`);
});
test.afterAll(async () => {
  await platform.end();
  await server.throwAway();
});

const opens = async (page: Page, who: RegExp, place: RegExp) => {
  await page.goto(platform.address);
  await page.getByRole('row', { name: who }).getByRole('link', { name: place }).click();
};

const LABELS = {
  name: 'What people call it',
  issuer: 'Issuer',
  clientId: 'Client id',
  deployment: 'Deployment id',
  signInUrl: 'Its address for signing in',
  tokenUrl: 'Its address for access tokens',
  keysUrl: 'The address of its public keys',
} as const;

test('a school’s platform is added, its course linked, a student comes from it, and the mark goes back', async ({
  page,
  browser,
}) => {
  await comeInAs(page, 'Ruth Marsh', `${server.address}/house`);
  await page.getByRole('button', { name: 'Add a platform' }).click();
  const house = page.getByRole('region', { name: 'The school’s platform' });
  await nothingSerious(page, 'a new platform', 'main');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(house).toContainText('“Issuer” is missing.');
  for (const [field, label] of Object.entries(LABELS))
    await house.getByLabel(label).fill(platform.copied[field as keyof typeof LABELS]);
  await house.getByLabel(LABELS.keysUrl).fill('http://elsewhere.example/keys');
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(house.getByRole('alert')).toContainText('begins with https://');
  await house.getByLabel(LABELS.keysUrl).fill(platform.copied.keysUrl);
  await page.getByRole('button', { name: 'Add it' }).click();
  await expect(house).toContainText('0 people and 0 courses known');

  const phone = await (
    await browser.newContext({ viewport: { width: 390, height: 844 } })
  ).newPage();
  await opens(phone, /Anouk Tarn/, /First set-up/);
  await expect(phone.getByRole('alert')).toContainText('has not said yet which exercise this is');

  await opens(page, /Hedda Brook/, /First set-up/);
  await expect(page.getByRole('main')).toContainText('where you are called Hedda Brook');
  await page.getByRole('button', { name: 'Yes, both are me' }).click();
  await page.getByLabel(/who open it come to/).click();
  await page.keyboard.type('Where does it stand');
  await page.keyboard.press('Enter');
  await nothingSerious(page, 'where a place leads', 'main');
  await page.getByRole('button', { name: 'Let it lead there' }).click();
  await expect(page.getByRole('heading', { name: /Where does it stand/ })).toBeVisible();

  await opens(phone, /Anouk Tarn/, /First set-up/);
  await phone.getByRole('button', { name: 'Begin' }).click();
  await phone.getByRole('button', { name: 'Hand in' }).first().click();
  await phone
    .getByRole('dialog')
    .getByRole('button', { name: /^Hand in/ })
    .click();
  await expect(phone.getByText(/^Handed in/)).toBeVisible();

  await opens(page, /Hedda Brook/, /First set-up/);
  await page.getByRole('link', { name: 'Anouk Tarn' }).click();
  await page.getByRole('button', { name: 'Give back' }).first().click();
  await page.getByRole('dialog').getByRole('button', { name: /^Give/ }).click();
  await expect.poll(() => platform.world.markOf('place-1', 'u-201')?.grading).toBe('FullyGraded');

  await page.goto(`${server.address}/groups`);
  await page.getByRole('link', { name: /Bookkeeping on Tuesdays/ }).click();
  await page.getByRole('button', { name: 'Ask the school’s platform' }).click();
  await expect(page.getByText('3 students in the list: 2 new, 1 as they are.')).toBeVisible();
});
