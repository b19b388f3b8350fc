import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { SMTPServer } from 'smtp-server';
import { checkedRows, classOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

const ASKED = ['GLEDDO_LETTERS_HOUR', 'GLEDDO_LETTERS_EVERY', 'GLEDDO_ADDRESS', 'GLEDDO_SMTP'];
const A_DAY = 86_400_000;

/** A server that looks for letters each second, all day. */
async function writing(more: NodeJS.ProcessEnv = {}): Promise<RunningApp> {
  Object.assign(process.env, {
    ...{ GLEDDO_LETTERS_HOUR: '0', GLEDDO_LETTERS_EVERY: '1' },
    ...{ GLEDDO_ADDRESS: 'https://books.school.example', ...more },
  });
  try {
    return await runningApp(false);
  } finally {
    for (const name of ASKED) delete process.env[name];
  }
}

const student = async (running: RunningApp, { students }: TestClass, n: number) => {
  const visitor = running.visitor();
  const { login = '', password = '' } = students[n] ?? {};
  await visitor.post('sign-in', { login, password });
  return visitor;
};

const email = ({ groupId, ids, ruth }: TestClass, n: number, at: string) =>
  ruth.patch(`groups/${groupId}/members/${ids[n]}`, { email: at });

async function until<T>(look: () => Promise<T | undefined | false> | T | undefined | false) {
  for (let i = 0; i < 600; i++) {
    const found = await look();
    if (found) return found;
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
  throw new Error('It does not come.');
}

describe('letters into the folder', () => {
  let running: RunningApp;
  let classes: TestClass;
  let ruth: Visitor;
  beforeAll(async () => {
    running = await writing();
    classes = await classOf(running, 4);
    ({ ruth } = classes);
  });
  afterAll(() => running.close());

  const folder = () => join(running.data['GLEDDO_DATA'] ?? '', 'outbox');
  const lettersTo = (address: string): string[] =>
    existsSync(folder())
      ? readdirSync(folder())
          .map((name) => readFileSync(join(folder(), name), 'utf8').replace(/=\r?\n/g, ''))
          .filter((text) => text.includes(`<${address}>`))
      : [];

  it('tell a student what was handed out and closes soon, once a day; none to whom they are turned off, or who has no e-mail', async () => {
    const second = await student(running, classes, 1);
    expect((await second.get('me/letters')).body).toEqual({ email: '', isWanted: true });
    expect((await second.ask('put', 'me/letters', { isWanted: false })).body.isWanted).toBe(false);
    await email(classes, 1, 'two@school.example');
    await ruth.put(`exercises/${classes.exerciseId}/times`, {
      ...{ groupId: classes.groupId, opensAt: null, late: 'told' },
      closesAt: new Date(Date.now() + A_DAY / 2).toISOString(),
    });
    await email(classes, 0, 'one@school.example');
    const [letter = ''] = await until(() => {
      const found = lettersTo('one@school.example');
      return found.length > 0 && found;
    });
    expect(letter).toContain('Closes soon');
    expect(letter).toContain('Handed out');
    expect(letter).toContain('https://books.school.example/mine');
    expect(letter).not.toMatch(/points|marks?:/i);
    await email(classes, 2, 'three@school.example');
    await until(() => lettersTo('three@school.example').length > 0);
    expect(lettersTo('one@school.example')).toHaveLength(1);
    expect(lettersTo('two@school.example')).toEqual([]);
    const house = (await ruth.get('house')).body.letters;
    expect(house).toMatchObject({ goesTo: 'folder', folder: folder(), hour: 0, waiting: 0 });
    expect(house.sent).toBe(2);
  });

  it('tell of what was given back and answered, without the marks', async () => {
    const fourth = await student(running, classes, 3);
    const mine = (path = '') => `my-exercises/${classes.exerciseId}${path}`;
    await fourth.post(mine('/begin'));
    await fourth.post(mine('/words'), { text: 'Why?', about: '' });
    await fourth.post(mine('/hand-in'));
    await checkedRows(ruth, classes.exerciseId);

    const { questions } = (await ruth.get(`exercises/${classes.exerciseId}/at-work`)).body;
    const { tryId } = questions[0];
    await ruth.post(`exercises/${classes.exerciseId}/words`, {
      ...{ tries: [tryId], text: 'Since it lasts.', answers: questions[0]?.id },
    });
    const shows = { marks: true, notes: true, tells: 'there', key: false, copy: false };
    expect((await ruth.post(`tries/${tryId}/give-back`, { shows })).status).toBe(200);
    await email(classes, 3, 'four@school.example');
    const [letter = ''] = await until(() => {
      const found = lettersTo('four@school.example');
      return found.length > 0 && found;
    });
    expect(letter).toContain('Given back, marked');
    expect(letter).toContain('Answered');
    expect(letter).not.toContain('Since it lasts');
    expect(letter).not.toContain('Closes soon');
  });

  it('are theirs: two who are put together have one a day, told with their own data', async () => {
    const third = await student(running, classes, 2);
    const before = (await third.get('me/data')).body as string | { letters?: unknown[] };
    const told = typeof before === 'string' ? (JSON.parse(before) as typeof before) : before;
    expect(JSON.stringify(told)).toContain('Closes soon');
    const at = `groups/${classes.groupId}/members/${classes.ids[2]}`;
    const merged = await ruth.post(`${at}/merge`, { into: classes.ids[0] });
    expect(merged.status).toBe(200);
    const one = await student(running, classes, 0);
    const text = JSON.stringify((await one.get('me/data')).body);
    expect(text.split('Closes soon')).toHaveLength(2);
  });

  it('tell an instructor what is asked and came in, where they say that they want them, and nobody’s name', async () => {
    const second = await student(running, classes, 1);
    expect((await ruth.get('me/letters')).body).toEqual({ email: '', isWanted: true });
    const put = (visitor: Visitor, body: object) => visitor.ask('put', 'me/letters', body);
    for (const hostile of [{ email: 'no place' }, { email: null }, { isWanted: null }])
      expect((await put(ruth, hostile)).status).toBe(400);
    const refused = await put(second, { email: 'other@school.example' });
    expect(refused.status).toBe(422);
    expect(refused.body.detail).toMatch(/^A student’s e-mail stands in the list of their class/);
    const mine = (path = '') => `my-exercises/${classes.exerciseId}${path}`;
    await second.post(mine('/begin'));
    await second.post(mine('/words'), { text: 'Is a van an expense?', about: '' });
    expect((await put(ruth, { email: ' ruth@school.example ' })).body.email).toBe(
      'ruth@school.example',
    );
    const [letter = ''] = await until(() => {
      const found = lettersTo('ruth@school.example');
      return found.length > 0 && found;
    });
    expect(letter).toContain('Asked, and not answered yet');
    expect(letter).toContain('https://books.school.example/today');
    expect(letter).not.toMatch(/Student 0|Is a van/);
    await second.post(mine('/hand-in'));
    await checkedRows(ruth, classes.exerciseId);
    expect((await put(ruth, { isWanted: false })).body).toMatchObject({ isWanted: false });
    expect(lettersTo('ruth@school.example')).toHaveLength(1);
  });

  it('carry a link to whom it is for; not without an e-mail, and not to students who ask', async () => {
    const at = `groups/${classes.groupId}/members/${classes.ids[0]}`;
    const { body: made } = await ruth.post(`${at}/link`);
    expect(made.email).toBe('one@school.example');
    const gone = await ruth.post('letters/link', { token: made.token });
    expect(gone.body).toEqual({ email: 'one@school.example', goesTo: 'folder' });
    const carried = lettersTo('one@school.example').find((text) => text.includes('/link/'));
    expect(carried).toContain(`https://books.school.example/link/${made.token}`);
    await email(classes, 0, '');
    const { body: again } = await ruth.post(`${at}/link`);
    const refused = await ruth.post('letters/link', { token: again.token });
    expect(refused.body.detail).toMatch(/^No e-mail of Student 001 is known/);
    expect((await ruth.post('letters/link', { token: made.token })).status).toBe(422);
    const asks = await student(running, classes, 1);
    expect((await asks.post('letters/link', { token: again.token })).status).toBe(403);
    expect((await running.visitor().get('me/letters')).status).toBe(401);
  });
});

describe('letters by a mail server', () => {
  it('are sent; what it refuses waits, and is told to the head', async () => {
    const taken: string[] = [];
    const mail = new SMTPServer({
      ...{ authOptional: true, disabledCommands: ['STARTTLS'] },
      onRcptTo: ({ address }, _, done) =>
        done(address.startsWith('full') ? new Error('This box is full') : null),
      onData(stream, _, done) {
        let text = '';
        stream.on('data', (part: Buffer) => (text += part.toString()));
        stream.on('end', () => {
          taken.push(text);
          done();
        });
      },
    });
    const port = await new Promise<number>((resolve) => {
      const listening = mail.listen(0, '127.0.0.1', () =>
        resolve((listening.address() as { port: number }).port),
      );
    });
    const running = await writing({ GLEDDO_SMTP: `smtp://127.0.0.1:${port}` });
    try {
      const classes = await classOf(running, 2);
      await email(classes, 0, 'full@school.example');
      await email(classes, 1, 'two@school.example');
      await until(() => taken.length > 0);
      expect(taken[0]).toContain('two@school.example');
      const told = await until(async () => {
        const { letters } = (await classes.ruth.get('house')).body;
        return letters.fault !== null && letters;
      });
      expect(told).toMatchObject({ goesTo: 'mail', folder: null, waiting: 1 });
      expect(told.fault).toContain('This box is full');
      const at = `groups/${classes.groupId}/members/${classes.ids[0]}`;
      const { body: made } = await classes.ruth.post(`${at}/link`);
      const refused = await classes.ruth.post('letters/link', { token: made.token });
      expect(refused.body.detail).toMatch(/^The mail server did not take the letter/);
      expect(existsSync(join(running.data['GLEDDO_DATA'] ?? '', 'outbox'))).toBe(false);
    } finally {
      await running.close();
      mail.close();
    }
  });
});
