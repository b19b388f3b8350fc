import { runningApp, type RunningApp } from './running-app.js';
import { listOf } from './class-of.js';

let running: RunningApp;
beforeAll(async () => (running = await runningApp(false)));
afterAll(() => running.close());

const RUTH = { name: 'Ruth Marsh', login: 'ruth', password: 'a long password' };

describe('coming in', () => {
  it('makes the first visitor the first instructor, and nobody after', async () => {
    const first = running.visitor();
    expect((await first.get('welcome')).body.needsFirstInstructor).toBe(true);
    const short = await first.post('first-instructor', { ...RUTH, password: 'short' });
    expect(short.status).toBe(400);
    expect(short.body.detail).toBe('Choose a password of at least 10 characters.');
    const made = await first.post('first-instructor', RUTH);
    expect(made.body).toMatchObject({ name: 'Ruth Marsh', role: 'instructor' });
    expect((await first.get('me')).body.name).toBe('Ruth Marsh');
    const second = await running.visitor().post('first-instructor', { ...RUTH, login: 'other' });
    expect(second.status).toBe(422);
  });

  it('says one sentence for a wrong name and a wrong password', async () => {
    const wrong = await running.visitor().post('sign-in', { login: 'ruth', password: 'no' });
    const nobody = await running.visitor().post('sign-in', { login: 'nobody', password: 'no' });
    expect(wrong.status).toBe(422);
    expect(wrong.body.detail).toBe(nobody.body.detail);
  });

  it('signs in whatever the capitals of the name, and out again', async () => {
    const ruth = running.visitor();
    expect((await ruth.post('sign-in', { login: ' RUTH ', password: RUTH.password })).status).toBe(
      200,
    );
    expect((await ruth.post('sign-out')).status).toBe(204);
    expect((await ruth.get('me')).status).toBe(401);
  });

  it('has no demo people where there is no demo', async () => {
    const tried = await running.visitor().post('demo-sign-in', { person: 'ruth' });
    expect(tried.status).toBe(404);
  });

  it('answers what is not understood as a problem, with unknown fields refused', async () => {
    const odd = await running.visitor().post('sign-in', { login: 'x', password: 'y', admin: true });
    expect(odd.status).toBe(400);
    expect(odd.body).toMatchObject({ title: 'Not understood', status: 400 });
    expect(odd.body.detail).toMatch(/admin/);
  });

  it('refuses a change that does not come from the application', async () => {
    const answer = await fetch(`${running.address}/api/sign-out`, { method: 'POST' });
    expect(answer.status).toBe(403);
  });
});

describe('class groups', () => {
  it('adds students, shows their passwords once, ', async () => {
    const ruth = running.visitor();
    await ruth.post('sign-in', { login: 'ruth', password: RUTH.password });
    const group = (await ruth.post('groups', { name: 'Evening class' })).body;
    const added = await ruth.post(`groups/${group.id}/members`, listOf(['Ann Lee', 'Ann Leé']));
    expect(added.body.added.map((each: { login: string }) => each.login)).toEqual([
      'ann.lee',
      'ann.lee2',
    ]);
    const ann = running.visitor();
    const { password } = added.body.added[0];
    expect((await ann.post('sign-in', { login: 'ann.lee', password })).body.role).toBe('student');
    const listed = (await ruth.get(`groups/${group.id}`)).body;
    expect(JSON.stringify(listed)).not.toContain(password);
  });
});
