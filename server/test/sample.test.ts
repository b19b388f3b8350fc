import { checkedRows, classOf, signedIn, type TestClass } from './class-of.js';
import { testPostgres, type TestPostgres } from './postgres.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let postgres: TestPostgres;
beforeAll(async () => (postgres = await testPostgres()));
afterAll(() => postgres.stop());

describe.each(['embedded', 'PostgreSQL'])('a sample, %s', (kind) => {
  let running: RunningApp;
  let own: TestClass;
  let ruth: Visitor;
  beforeAll(async () => {
    running = await runningApp(false, kind === 'embedded' ? undefined : await postgres.database());
    own = await classOf(running, 1);
    ({ ruth } = own);
  });
  afterAll(() => running.close());

  const all = async () => {
    const [groups, exercises, companies, students] = await Promise.all(
      ['groups', 'exercises', 'companies', 'students'].map((path) => ruth.get(path)),
    );
    return [groups, exercises, companies, students].map((each) => each?.body);
  };
  const today = async () => (await ruth.get('today')).body;

  it('is laid out once, whoever asks twice, and counts as nothing of one’s own', async () => {
    const { has } = await today();
    const before = await all();
    const asked = await Promise.all([1, 2, 3].map(() => ruth.post('sample')));
    expect(asked.map(({ status }) => status).sort()).toEqual([201, 422, 422]);
    const { sample, has: now, waits } = await today();
    expect(now).toEqual(has);
    expect(sample.exerciseIds).toHaveLength(2);
    expect(waits).toContainEqual(expect.objectContaining({ toMark: 7, groups: ['Sample class'] }));
    const ids: string[] = sample.exerciseIds;
    const [placed, recorded] = await Promise.all(ids.map((id) => checkedRows(ruth, id)));
    expect(placed).toHaveLength(12);
    const states = (rows: { state: string }[] | undefined) =>
      [...new Set(rows?.map(({ state }) => state))].sort();
    expect(states(placed)).toEqual(['given-back', 'not-started']);
    expect(states(recorded)).toEqual(['given-back', 'handed-in', 'not-started', 'working']);
    expect(recorded?.find((row) => row.student === 'Greta Holm')?.points).toBeLessThan(100);
    expect((await ruth.get(`books/${sample.companyBookId}`)).status).toBe(200);

    expect((await ruth.remove('sample')).status).toBe(204);
    expect((await today()).sample).toBeNull();
    expect(await all()).toEqual(before);
    expect((await ruth.get(`books/${sample.companyBookId}`)).status).toBe(404);
    expect((await ruth.remove('sample')).status).toBe(422);
  });

  it('is thrown away while its works are checked, and nothing is told as a fault', async () => {
    for (const wait of [150, 700]) {
      const laid = ruth.post('sample');
      await new Promise((resolve) => setTimeout(resolve, wait));
      await ruth.remove('sample');
      expect([201, 422]).toContain((await laid).status);
      const { sample } = await today();
      for (const id of sample?.exerciseIds ?? []) await ruth.post(`exercises/${id}/check-again`);
      await ruth.remove('sample');
      expect((await today()).sample).toBeNull();
    }
    await new Promise((resolve) => setTimeout(resolve, 2000));
    expect(running.log).not.toMatch(/"level":50/);
  });

  it('stands, and can be thrown away, though a part of it was deleted by itself', async () => {
    const { companyBookId } = (await ruth.post('sample')).body;
    const made = (await ruth.get('companies')).body as { id: string; bookId: string }[];
    const company = made.find(({ bookId }) => bookId === companyBookId)?.id ?? '';
    await ruth.patch(`companies/${company}`, { putAway: true });
    expect((await ruth.remove(`companies/${company}`)).status).toBeLessThan(300);
    const { sample } = await today();
    expect(sample).toMatchObject({ companyBookId: null, groupId: expect.any(String) });
    expect((await ruth.remove('sample')).status).toBe(204);
    expect((await today()).sample).toBeNull();
  });

  it('is not thrown away under somebody real', async () => {
    const { groupId, exerciseIds } = (await ruth.post('sample')).body;
    const [exerciseId] = exerciseIds;
    await ruth.post(`exercises/${exerciseId}/hand-out`, { groupId: own.groupId });
    const [student] = await signedIn(running, own);
    const begun = await student?.post(`my-exercises/${exerciseId}/begin`);
    expect(begun?.status).toBeLessThan(300);
    const refused = await ruth.remove('sample');
    expect(refused.status).toBe(422);
    expect(JSON.stringify(refused.body)).toContain('Student 001');
    expect((await ruth.get(`groups/${groupId}`)).body.members).toHaveLength(12);
  });

  it('is laid out by who teaches alone', async () => {
    const [student] = await signedIn(running, own);
    expect((await student?.post('sample'))?.status).toBe(403);
    expect((await student?.remove('sample'))?.status).toBe(403);
    expect((await running.visitor().post('sample')).status).toBe(401);
  });
});
