import { classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 2);
  ({ ruth } = classes);
});
afterAll(() => running.close());

const linkOf = async (at = 0): Promise<string> => {
  const made = await ruth.post(`groups/${classes.groupId}/members/${classes.ids[at] ?? ''}/link`);
  expect(made.status).toBe(200);
  return made.body.token as string;
};

describe('a link to choose a password', () => {
  it('says whom it is for, sets what they choose, signs them in, and is used up', async () => {
    const token = await linkOf();
    const { login = '', password = '' } = classes.students[0] ?? {};
    const student = running.visitor();
    expect((await student.get(`links/${token}`)).body).toEqual({ name: 'Student 001', login });
    const weak = await student.post(`links/${token}`, { password: 'password123' });
    expect(weak.status).toBe(422);
    expect((await student.get('me')).status).toBe(401);
    const chosen = await student.post(`links/${token}`, { password: 'kelp and driftwood' });
    expect(chosen.body).toMatchObject({ name: 'Student 001', role: 'student' });
    expect((await student.get('my-exercises')).status).toBe(200);
    const again = await running
      .visitor()
      .post(`links/${token}`, { password: 'kelp and tides now' });
    expect(again.body.detail).toMatch(/^This link has been used/);
    const other = running.visitor();
    expect((await other.post('sign-in', { login, password })).status).toBe(422);
    expect((await other.post('sign-in', { login, password: 'kelp and driftwood' })).status).toBe(
      200,
    );
  });

  it('leaves the password as it is until it is used; a newer one ends it', async () => {
    const first = await linkOf(1);
    const { login = '', password = '' } = classes.students[1] ?? {};
    expect((await running.visitor().post('sign-in', { login, password })).status).toBe(200);
    const second = await linkOf(1);
    expect((await running.visitor().get(`links/${first}`)).status).toBe(422);
    expect((await running.visitor().get(`links/${second}`)).status).toBe(200);
  });

  it('is worth nothing any more once the password was changed or set otherwise', async () => {
    const { login = '', password = '' } = classes.students[1] ?? {};
    const student = running.visitor();
    await student.post('sign-in', { login, password });
    const before = await linkOf(1);
    const own = { old: password, next: 'seven herons wading' };
    expect((await student.post('me/password', own)).status).toBe(204);
    expect((await running.visitor().get(`links/${before}`)).status).toBe(422);
    const next = await linkOf(1);
    const path = `groups/${classes.groupId}/members/${classes.ids[1] ?? ''}/password`;
    expect((await ruth.post(path)).status).toBe(200);
    expect((await running.visitor().get(`links/${next}`)).status).toBe(422);
  });

  it('is looked at by a whole class behind one address in the same minute', async () => {
    const token = await linkOf(1);
    const looks = await Promise.all(
      Array.from({ length: 80 }, () => running.visitor().get(`links/${token}`)),
    );
    expect(looks.every(({ status }) => status === 200)).toBe(true);
  });

  it('is used by one of those who use it at once', async () => {
    const token = await linkOf(1);
    const chosen = await Promise.all(
      ['oak and ash trees', 'elm and yew trees', 'fir and pine trees'].map((password) =>
        running.visitor().post(`links/${token}`, { password }),
      ),
    );
    expect(chosen.filter(({ status }) => status === 200)).toHaveLength(1);
  });

  it('is made for their own students by instructors, and for instructors by the head of the house', async () => {
    const made = await ruth.post('instructors', { name: 'Otto Fell', login: 'otto' });
    const otto = running.visitor();
    await otto.post('sign-in', { login: 'otto', password: made.body.password });
    const path = `groups/${classes.groupId}/members/${classes.ids[0] ?? ''}/link`;
    expect((await otto.post(path)).status).toBe(404);
    const id = (await otto.get('me')).body.id as string;
    expect((await otto.post(`instructors/${id}/link`)).status).toBe(403);
    const { token } = (await ruth.post(`instructors/${id}/link`)).body;
    const come = await running.visitor().post(`links/${token}`, { password: 'a harbour in june' });
    expect(come.body).toMatchObject({ name: 'Otto Fell', role: 'instructor' });
    expect((await otto.get('me')).status).toBe(401);
    expect((await running.visitor().get('links/made-up')).status).toBe(422);
  });
});

describe('a password that the program made', () => {
  it('is changed at the first sign-in, once, for one that nobody else knows; whoever else had it is out', async () => {
    const again = await ruth.post(`groups/${classes.groupId}/members/${classes.ids[1]}/password`);
    const { login, password } = again.body as { login: string; password: string };
    const [student, other] = [running.visitor(), running.visitor()];
    expect((await student.post('sign-in', { login, password })).body.isFirstPassword).toBe(true);
    await other.post('sign-in', { login, password });
    expect((await student.get('me')).body.isFirstPassword).toBe(true);
    const choose = (next: string) => student.post('me/first-password', { password: next });
    expect((await choose('short')).status).toBe(400);
    expect((await choose(password)).body.detail).toMatch(/^This is the one that you were given/);
    expect((await choose('password123')).status).toBe(422);
    expect((await choose('nine gulls inland')).body.isFirstPassword).toBe(false);
    expect((await student.get('me')).body.isFirstPassword).toBe(false);
    expect((await other.get('me')).status).toBe(401);
    expect((await choose('ten gulls inland')).body.detail).toMatch(/chosen a password already/);
    const later = await running.visitor().post('sign-in', { login, password: 'nine gulls inland' });
    expect(later.body.isFirstPassword).toBe(false);
    expect((await ruth.get('me')).body.isFirstPassword).toBe(false);
  });
});
