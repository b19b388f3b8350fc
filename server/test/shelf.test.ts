import { runningApp, type RunningApp, type Visitor } from './running-app.js';
import { classOf, type TestClass } from './class-of.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;

beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 1);
  ({ ruth } = classes);
});
afterAll(() => running.close());

interface Ready {
  readonly id: string;
  readonly title: string;
}

describe('the shelf', () => {
  it('is the same for every instructor, and for nobody else', async () => {
    const shelf = await ruth.get('shelf');
    expect(shelf.status).toBe(200);
    expect((shelf.body as Ready[]).length).toBeGreaterThanOrEqual(24);
    expect(shelf.body[0]).toMatchObject({ company: 'Marrow Lane Bakery', accounts: 27 });
    const student = running.visitor();
    const { login = '', password = '' } = classes.students[0] ?? {};
    await student.post('sign-in', { login, password });
    for (const path of ['shelf', 'shelf/bakery-types'])
      expect((await student.get(path)).status).toBe(403);
    expect((await student.post('shelf/bakery-types/take', {})).status).toBe(403);
    expect((await running.visitor().get('shelf/bakery-types')).status).toBe(401);
  });

  it('gives an exercise of one’s own, which can be changed and handed out; the next taking is another', async () => {
    const taken = await ruth.post('shelf/school-ahead/take', {});
    expect(taken.status).toBe(201);
    expect(taken.body).toMatchObject({
      title: 'Paid ahead: a school’s first quarter',
      ...{ mayGoOn: true, ready: 'school-ahead' },
    });
    const again = await ruth.post('shelf/school-ahead/take', {});
    expect(again.body.id).not.toBe(taken.body.id);
    const out = await ruth.post(`exercises/${taken.body.id}/hand-out`, {
      groupId: classes.groupId,
    });
    expect(out.body.state).toBe('handed-out');
    const looked = await ruth.get('shelf/school-ahead');
    const file = await ruth.get(`exercises/${taken.body.id}/file`);
    expect(file.body.key.book.accounts).toEqual(looked.body.key.book.accounts);
  });

  it('says so where nothing of that name lies on it', async () => {
    const none = await ruth.post('shelf/nothing/take', {});
    expect(none.status).toBe(404);
    expect(none.body.detail).toContain('This exercise of the shelf');
  });
});
