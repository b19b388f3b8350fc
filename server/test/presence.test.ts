import { runningApp, type RunningApp, type Visitor } from './running-app.js';
import { testPostgres, type TestPostgres } from './postgres.js';

let postgres: TestPostgres;
let running: RunningApp;
let other: RunningApp;
let ruth: Visitor;
let odile: Visitor;
let id: string;

beforeAll(async () => {
  postgres = await testPostgres();
  const url = await postgres.database();
  running = await runningApp(true, url);
  other = await runningApp(true, url);
  ruth = await running.person('ruth.marsh');
  odile = await other.person('odile.fenn');
  [{ id }] = (await ruth.get('exercises')).body;
  const { others } = (await ruth.get(`sharing/exercises/${id}`)).body;
  const { id: personId } = others.find(({ name }: { name: string }) => name === 'Odile Fenn') ?? {};
  if (personId) await ruth.put(`sharing/exercises/${id}`, { personId, how: 'change' });
});
afterAll(async () => {
  await Promise.all([running.close(), other.close()]);
  await postgres.stop();
});

const here = (who: Visitor, page: string) => who.post(`here/exercises/${id}`, { page });

describe('whoever has the same exercise open, on whichever server', () => {
  it('sees the other, on which page, and what was changed meanwhile', async () => {
    const alone = (await here(ruth, 'steps')).body;
    expect(alone.others).toEqual([]);
    expect((await here(odile, 'brief')).body.others).toEqual([
      { name: 'Ruth Marsh', page: 'steps' },
    ]);
    const { brief } = (await odile.get(`exercises/${id}`)).body;
    const changed = await odile.post(`exercises/${id}/changes`, {
      changes: [{ at: '/brief', was: brief, now: `${brief}\n\nOne more line.` }],
    });
    expect(changed.status).toBe(200);
    const { others, revision } = (await here(ruth, 'checks')).body;
    expect(others).toEqual([{ name: 'Odile Fenn', page: 'brief' }]);
    expect(revision).toBe(alone.revision + 1);
  });

  it('is gone once they leave', async () => {
    await here(odile, 'brief');
    expect((await odile.remove(`here/exercises/${id}`)).status).toBe(200);
    expect((await here(ruth, 'steps')).body.others).toEqual([]);
  });

  it('many at once are each there once', async () => {
    await Promise.all(Array.from({ length: 12 }, (_, i) => here(odile, `page ${i % 3}`)));
    expect((await here(ruth, 'steps')).body.others).toHaveLength(1);
  });

  it('is told to nobody who may not see it, and of nothing that is none', async () => {
    const ines = await running.person('ines.okafor');
    expect((await here(ines, 'steps')).status).toBe(403);
    expect((await ruth.post(`here/exercises/none`, { page: 'steps' })).status).toBe(404);
    expect((await ruth.post(`here/people/${id}`, { page: 'steps' })).status).toBe(404);
    expect((await ruth.post(`here/exercises/${id}`, { page: 'x'.repeat(41) })).status).toBe(400);
    expect((await ruth.post(`here/exercises/${id}`, { page: 7 })).status).toBe(400);
    const [{ id: company }] = (await ruth.get('companies')).body;
    expect((await ruth.post(`here/companies/${company}`, { page: 'chart' })).body).toEqual({
      ...{ others: [], revision: null },
    });
  });
});
