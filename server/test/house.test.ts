import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Secret, TOTP } from 'otpauth';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

const backups = mkdtempSync(join(tmpdir(), 'gleddo-nightly-'));
let running: RunningApp;
let ruth: Visitor;
const OWN = { login: 'ruth', password: 'a long password' };

beforeAll(async () => {
  writeFileSync(join(backups, 'gleddo-2020-01-01.backup'), 'old');
  writeFileSync(join(backups, 'letter.txt'), 'mine');
  Object.assign(process.env, {
    GLEDDO_BACKUPS: backups,
    GLEDDO_BACKUP_HOUR: '0',
    GLEDDO_METRICS_WORD: 'word of the watch',
  });
  running = await runningApp(false);
  for (const name of ['BACKUPS', 'BACKUP_HOUR', 'METRICS_WORD'])
    delete process.env[`GLEDDO_${name}`];
  ruth = running.visitor();
  await ruth.post('first-instructor', { name: 'Ruth Marsh', ...OWN });
});
afterAll(async () => {
  await running.close();
  rmSync(backups, { recursive: true, force: true });
});

const asked = (path: string, word?: string) =>
  fetch(`${running.address}/${path}`, {
    headers: word === undefined ? {} : { authorization: `Bearer ${word}` },
  });

describe('whatever watches over the server', () => {
  it('is told that it lives and can be asked', async () => {
    expect(await (await asked('health')).json()).toEqual({ lives: true });
    const ready = await asked('ready');
    expect([ready.status, await ready.json()]).toEqual([
      200,
      { ready: true, database: 'answers', disk: 'room' },
    ]);
  });

  it('is told what is measured, with the word for it and not without', async () => {
    await ruth.get('groups');
    for (const word of [undefined, 'another', 'word of the watch '])
      expect((await asked('metrics', word)).status).toBe(word?.endsWith(' ') ? 200 : 404);
    const described = await (await asked('metrics', 'word of the watch')).text();
    for (const name of ['tasks_waiting', 'checks_waiting', 'disk_full', 'database_bytes'])
      expect(described).toMatch(new RegExp(`^gleddo_${name} \\d`, 'm'));
    expect(described).toContain(
      'gleddo_request_seconds_count{method="GET",route="/api/groups",status="200"}',
    );
    expect(described).not.toMatch(/ruth/i);
  });
});

describe('the head of the house', () => {
  it('sees what runs, and the backup of the night, which is kept as long as is said', async () => {
    for (;;) {
      const { body } = await ruth.get('house');
      if (body.lastBackup === null) {
        await new Promise((resolve) => setTimeout(resolve, 200));
        continue;
      }
      expect(body).toMatchObject({
        ...{ engine: 'embedded', isDiskFull: false, people: 1, here: 1, tries: 0, toCheck: 0 },
        backups: { folder: backups, days: 14, hour: 0 },
        lastBackup: { fault: null, bytes: expect.any(Number) },
      });
      break;
    }
    expect(readdirSync(backups).sort()).toEqual([
      expect.stringMatching(/^gleddo-\d{4}-\d\d-\d\d\.backup$/),
      'letter.txt',
    ]);
  });

  it('finds what was done by whom, all of it, by its words and by people', async () => {
    for (const [name, login] of [
      ['Ada Wells', 'ada'],
      ['Tom 100%_\\', 'tom'],
    ])
      await ruth.post('instructors', { name, login });
    const found = async (words: string) =>
      (await ruth.get(`house/happened?q=${encodeURIComponent(words)}`)).body.rows;
    expect(await found('ADA')).toMatchObject([
      { by: 'Ruth Marsh', what: 'made an instructor of', about: 'Ada Wells' },
    ]);
    expect(await found('made an instructor')).toHaveLength(2);
    expect(await found('100%_')).toHaveLength(1);
    expect(await found('%')).toHaveLength(1);
    expect(await found('\u0000nobody')).toEqual([]);
    const ada = running.visitor();
    expect((await ada.get('house')).status).toBe(401);
  });

  it('reads it page by page, each once', async () => {
    const [, ada] = (await ruth.get('instructors')).body as { id: string }[];
    for (let i = 0; i < 105; i++)
      expect((await ruth.post(`instructors/${ada?.id}/password`)).status).toBe(200);
    const ids: number[] = [];
    let before: number | null = null;
    do {
      const { body } = await ruth.get(
        `house/happened${before === null ? '' : `?before=${before}`}`,
      );
      ids.push(...body.rows.map(({ id }: { id: number }) => id));
      ({ before } = body);
    } while (before !== null);
    expect(ids.length).toBeGreaterThan(105);
    expect(new Set(ids).size).toBe(ids.length);
    expect([...ids].sort((a, b) => b - a)).toEqual(ids);
  });
});

describe('a second device', () => {
  const codeOf = (secret: string, at = Date.now()) =>
    new TOTP({ secret: Secret.fromBase32(secret) }).generate({ timestamp: at });

  it('is asked for at signing in once it is set up; each code counts once; a new password turns it off', async () => {
    const made = (await ruth.post('instructors', { name: 'Bea', login: 'bea' })).body;
    const bea = running.visitor();
    const own = { login: 'bea', password: made.password as string };
    await bea.post('sign-in', own);
    const { secret, address } = (await bea.post('me/second-factor/offer')).body;
    expect(address).toContain('otpauth://totp/Gleddo:bea');
    const put = (code: string, password = own.password) =>
      bea.post('me/second-factor', { secret, code, password });
    expect((await put('000000')).body.faults[0].at).toBe('code');
    expect((await put(codeOf(secret), 'guess')).body.faults[0].at).toBe('password');
    const first = codeOf(secret);
    expect((await put(first)).status).toBe(204);
    expect((await bea.get('me/sign-in')).body).toEqual({ login: 'bea', hasSecondFactor: true });

    const again = running.visitor();
    const bare = await again.post('sign-in', own);
    expect([bare.status, bare.body.faults[0].code]).toEqual([422, 'sign-in.needs-code']);
    expect((await again.post('sign-in', { ...own, code: first })).status).toBe(422);
    const next = codeOf(secret, Date.now() + 30_000);
    expect((await again.post('sign-in', { ...own, code: next })).status).toBe(200);
    expect((await running.visitor().post('sign-in', { ...own, code: next })).status).toBe(422);

    const { id } = (await ruth.get('instructors')).body.find(
      ({ login }: { login: string }) => login === 'bea',
    );
    const { password } = (await ruth.post(`instructors/${id}/password`)).body;
    expect((await running.visitor().post('sign-in', { login: 'bea', password })).status).toBe(200);
  });
});
