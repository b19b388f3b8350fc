import { bookFromJson, exerciseFromJson } from '@gleddo/core';
import { checkedRows, classOf, goThrough, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 2);
  for (const student of classes.students) await goThrough(running, classes, student);
});
afterAll(() => running.close());

async function own(i: number): Promise<Visitor> {
  const student = running.visitor();
  const { login, password } = classes.students[i] as TestClass['students'][number];
  await student.post('sign-in', { login, password });
  return student;
}

describe('what is kept of a person', () => {
  it('is theirs whole: books as anybody reads them, marks once they are given back, nothing of others', async () => {
    const student = await own(0);
    const said = { text: 'Why is the van no expense?', about: 'Place them' };
    await student.post(`my-exercises/${classes.exerciseId}/words`, said);
    const { body } = await student.get('me/data');
    expect(body).toMatchObject({
      ...{ format: 'gleddo-own-data', version: 1 },
      person: { name: 'Student 001', login: 'student.001', role: 'student' },
      groups: [{ name: 'Evening class' }],
      works: [{ title: 'Place them', state: 'handed-in', answers: [], words: [said], hints: [] }],
      moreTime: [],
    });
    expect(Object.keys(body.works[0])).not.toContain('points');
    expect(bookFromJson(body.works[0].book).ok).toBe(true);
    expect(JSON.stringify(body)).not.toMatch(/argon2|Student 002|passwordHash|totp/);
    const [row] = await checkedRows(classes.ruth, classes.exerciseId);
    await classes.ruth.post(`tries/${row?.tryId}/give-back`);
    const after = (await student.get('me/data')).body;
    expect(after.works[0]).toMatchObject({ points: row?.points, of: row?.of });
  });

  it('of an instructor has their companies and exercises, as files that can be read again', async () => {
    const { body } = await classes.ruth.get('me/data');
    expect(body.companies).toHaveLength(1);
    expect(bookFromJson(body.companies[0].book).ok).toBe(true);
    expect(body.exercises.map((each: object) => exerciseFromJson(each).ok)).toEqual([true]);
    expect(JSON.stringify(body)).not.toMatch(/Student 00/);
  });
});
