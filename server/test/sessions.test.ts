import pg from 'pg';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let postgres: TestPostgres;
let url: string;
let running: RunningApp;
let ruth: Visitor;
const OWN = { login: 'ruth', password: 'a long password' };

beforeAll(async () => {
  postgres = await testPostgres();
  url = await postgres.database();
  running = await runningApp(false, url);
  ruth = running.visitor();
  await ruth.post('first-instructor', { name: 'Ruth Marsh', ...OWN });
});
afterAll(async () => {
  await running.close();
  await postgres.stop();
});

/** Moves a time of all sessions, as if it were later by so much. */
async function later(column: 'expires_at' | 'seen_at', interval: string): Promise<void> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  await client.query(`update sessions set ${column} = ${column} - $1::interval`, [interval]);
  await client.end();
}

const isIn = async (): Promise<boolean> => (await ruth.get('me')).status === 200;

describe('a session', () => {
  it('ends when its time is over, however lately it was used', async () => {
    expect(await isIn()).toBe(true);
    await later('expires_at', '400 days');
    expect(await isIn()).toBe(false);
    await ruth.post('sign-in', OWN);
    expect(await isIn()).toBe(true);
  });

  it('ends when it was not used for long', async () => {
    await later('seen_at', '400 days');
    expect(await isIn()).toBe(false);
  });

  it('cannot be used any more by who kept its cookie, and is not listed', async () => {
    await ruth.post('sign-in', OWN);
    const list = (await ruth.get('me/sessions')).body as { isThis: boolean }[];
    expect(list.filter(({ isThis }) => !isThis)).toEqual([]);
  });
});
