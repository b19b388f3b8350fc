import { ROUTES, type RouteName } from '@gleddo/contract';
import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let ines: Visitor;
let ids: Readonly<Record<string, string>>;

beforeAll(async () => {
  running = await runningApp(true);
  ruth = await running.person('ruth.marsh');
  ines = await running.person('ines.okafor');
  const [exercise] = (await ruth.get('exercises')).body;
  const { rows } = (await ruth.get(`exercises/${exercise.id}/results`)).body;
  const [company] = (await ruth.get('companies')).body;
  const [group] = (await ruth.get('groups')).body;
  const other = rows.find((row: { student: string }) => row.student !== 'Ines Okafor');
  ids = {
    companies: company.id,
    books: company.bookId,
    groups: group.id,
    exercises: exercise.id,
    tries: other.tryId,
  };
});
afterAll(() => running.close());

/** What anybody may ask who is nobody yet. */
const DOORS: readonly RouteName[] = [
  'GET welcome',
  'POST first-instructor',
  'POST sign-in',
  'POST demo-sign-in',
  'POST sign-out',
  'GET links/:token',
  'POST links/:token',
  'GET platform/keys',
  'GET platform/sign-in',
  'POST platform/sign-in',
  'POST platform/launch',
];

/** What a student is there for; of all else nothing is theirs. */
const OF_STUDENTS = /^\w+ (me|welcome|my-exercises|practices|drills|books|leavings|sign-out)\b/;

const names = Object.keys(ROUTES) as RouteName[];

/** A route’s path with things that exist, somebody else’s, in the place of its names. */
function asked(who: Visitor, name: RouteName): Promise<Answer> {
  const [method = '', path = ''] = name.split(' ');
  const [first = ''] = path.split('/');
  const filled = path.replace(/:(\w+)/g, (_, of: string) =>
    of === 'id' ? (ids[first] ?? 'none') : 'none',
  );
  return who.ask(method.toLowerCase() as 'get', filled, method === 'GET' ? undefined : {});
}

it('are in the table, all of them, and no others', async () => {
  const { paths } = (await ruth.get('docs-json')).body as { paths: Record<string, object> };
  const there = Object.entries(paths).flatMap(([path, methods]) =>
    Object.keys(methods).map(
      (method) =>
        `${method.toUpperCase()} ${path.replace(/^\/api\//, '').replace(/\{(\w+)\}/g, ':$1')}`,
    ),
  );
  const ofPages = there.filter((name) => !name.includes(' /'));
  expect([...names].sort()).toEqual(ofPages.sort());
});

/** The routes that answer somebody otherwise than they should. */
async function answeringOtherwise(
  who: Visitor,
  those: readonly RouteName[],
  status: number,
): Promise<string[]> {
  const wrong: string[] = [];
  for (const name of those) {
    const answer = await asked(who, name);
    if (answer.status !== status) wrong.push(`${name}: ${answer.status}`);
  }
  return wrong;
}

const behindTheDoor = names.filter((name) => !DOORS.includes(name));

it('answer nobody who is not signed in', async () => {
  expect(await answeringOtherwise(running.visitor(), behindTheDoor, 401)).toEqual([]);
});

it('of those who teach answer no student', async () => {
  const theirs = behindTheDoor.filter((name) => !OF_STUDENTS.test(name));
  expect(await answeringOtherwise(ines, theirs, 403)).toEqual([]);
});
