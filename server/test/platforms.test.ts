import { setTimeout as after } from 'node:timers/promises';
import { StandIn, type Spoilt } from '../../stand-in/src/stand-in.js';
import { checkedRows, classOf, listOf, type TestClass } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let house: TestClass;
let standIn: StandIn;
const SHOWS = { marks: true, notes: true, key: false, copy: false, tells: 'there' };
const [HEDDA, IVO, ANOUK, BRAM, COSIMA] = ['u-100', 'u-101', 'u-201', 'u-202', 'u-203'] as const;

beforeAll(async () => {
  running = await runningApp(false);
  house = await classOf(running, 2);
  standIn = await StandIn.begin(`http://localhost:${new URL(running.address).port}`);
});
afterAll(async () => {
  await standIn.end();
  await running.close();
});

const fieldsIn = (page: string) =>
  Object.fromEntries(
    [...page.matchAll(/name="(\w+)" value="([^"]*)"/g)].map(([, name = '', value = '']) => [
      name,
      value,
    ]),
  );

/** Opens a place at the platform: the form that it sends on. */
async function formOf(visitor: Visitor, who: string, place: string) {
  const first = await visitor.led(`${standIn.address}/open?who=${who}&place=${place}`);
  const asked = await visitor.led(first.to ?? '');
  if (asked.to?.startsWith('/') !== false) return { refused: asked.to };
  return { fields: fieldsIn((await visitor.led(asked.to)).text) };
}

const launchAt = () => `http://localhost:${new URL(running.address).port}/api/platform/launch`;

/** The page of ours to which somebody is led who opens a place. */
async function opens(visitor: Visitor, who: string, place = 'place-1'): Promise<string> {
  const { fields, refused } = await formOf(visitor, who, place);
  if (!fields) return refused ?? '';
  return (await visitor.led(launchAt(), fields)).to ?? '';
}

const settle = async (is: () => Promise<boolean> | boolean): Promise<void> => {
  while (!(await is())) await after(200);
};

test('a platform that nobody has added is refused on a page; only the head adds one, by https', async () => {
  expect(await opens(running.visitor(), ANOUK)).toBe('/from-platform/refused/unknown');
  const copied = standIn.copied;
  const plain = { ...copied, keysUrl: 'http://platform.example/keys' };
  const refused = await house.ruth.post('platforms', plain);
  expect([refused.status, refused.body.detail]).toEqual([400, expect.stringMatching(/https/)]);
  const added = await house.ruth.post('platforms', copied);
  expect(added.body.platforms).toMatchObject([{ name: 'Hillside', people: 0, courses: 0 }]);
  expect(added.body.ours.launch).toBe(launchAt());
  const twice = await house.ruth.post('platforms', copied);
  expect([twice.status, twice.body.faults[0].code]).toEqual([422, 'platform.known']);
  const student = running.visitor();
  const { login, password } = house.students[0] as { login: string; password: string };
  await student.post('sign-in', { login, password });
  expect((await student.get('platforms')).status).toBe(403);
});

test('whoever comes before an instructor has said what it leads to is told so', async () => {
  const anouk = running.visitor();
  expect(await opens(anouk, ANOUK)).toBe('/from-platform/refused/not-set');
  expect((await anouk.get('me')).status).toBe(401);
});

test('an instructor says once who they are, in the browser in which they came, and what the place leads to', async () => {
  const { ruth } = house;
  const to = await opens(ruth, HEDDA);
  const token = to.replace('/from-platform/who/', '');
  expect((await ruth.post('platform/who', { token })).body).toEqual({
    ...{ platform: 'Hillside', name: 'Hedda Brook' },
  });
  const elsewhere = running.visitor();
  await elsewhere.post('sign-in', { login: 'ruth', password: 'a long password' });
  const lured = await elsewhere.post('platform/me', { token });
  expect([lured.status, lured.body.faults[0].code]).toEqual([422, 'platform.not-you']);
  const { body: done } = await ruth.post('platform/me', { token });
  const id = done.to.replace('/from-platform/link/', '');
  expect((await ruth.get(`platform/links/${id}`)).body).toEqual({
    ...{ id, platform: 'Hillside', course: 'Bookkeeping on Tuesdays', title: 'First set-up' },
    ...{ groupId: null, exerciseId: null, takesMarks: true },
  });
  const { exerciseId } = house;
  const strange = await ruth.put(`platform/links/${id}`, { exerciseId: 'none' });
  expect(strange.status).toBe(404);
  const set = await ruth.put(`platform/links/${id}`, { exerciseId });
  expect(set.body).toEqual({ to: `/results/${exerciseId}` });
  expect(await opens(running.visitor(), HEDDA)).toBe(`/results/${exerciseId}`);
});

test('who only marks an exercise hands it out to no other class by a platform, and nothing is half done', async () => {
  const made = await house.ruth.post('instructors', { name: 'Ivo Lark', login: 'ivo.lark' });
  const { login, password } = made.body;
  const ivo = running.visitor();
  await ivo.post('sign-in', { login, password });
  const { id: personId } = (await ivo.get('me')).body;
  await house.ruth.put(`sharing/groups/${house.groupId}`, { personId, how: 'teach' });
  const token = (await opens(ivo, IVO, 'place-2')).replace('/from-platform/who/', '');
  const { to } = (await ivo.post('platform/me', { token })).body;
  const link = `platform/${(to as string).replace('/from-platform/link/', 'links/')}`;
  const classes = async () => (await ivo.get('groups')).body.length as number;
  const before = await classes();
  const { exerciseId, groupId } = house;
  expect((await ivo.put(link, { exerciseId })).status).toBeGreaterThanOrEqual(400);
  expect(await classes()).toBe(before);
  expect((await ivo.put(link, { exerciseId, groupId: 'none' })).status).toBe(404);
  await house.ruth.remove(`sharing/groups/${groupId}/${personId}`);
});

test('a course is one class group, however often that is said', async () => {
  const named = async () =>
    ((await house.ruth.get('groups')).body as { name: string }[]).filter(
      ({ name }) => name === 'Bookkeeping on Tuesdays',
    ).length;
  const { exerciseId } = house;
  const to = await opens(house.ruth, HEDDA, 'place-2');
  const link = `platform/${to.replace('/from-platform/link/', 'links/')}`;
  const set = () => house.ruth.put(link, { exerciseId });
  const statuses = (await Promise.all([set(), set(), set()])).map(({ status }) => status);
  expect([statuses, await named()]).toEqual([[200, 200, 200], 1]);
});

test('a name alone opens nobody’s works', async () => {
  const { ruth, exerciseId } = house;
  const { body: groups } = await ruth.get('groups');
  const { id } = groups.find(({ name }: { name: string }) => name === 'Bookkeeping on Tuesdays');
  const added = await ruth.post(`groups/${id}/members`, listOf(['Cosima Reed']));
  const { login, password } = added.body.added[0];
  const own = running.visitor();
  await own.post('sign-in', { login, password });
  await own.post(`my-exercises/${exerciseId}/begin`);
  const namesake = running.visitor();
  expect(await opens(namesake, COSIMA)).toBe(`/mine/${exerciseId}`);
  const ids = await Promise.all([own, namesake].map(async (who) => (await who.get('me')).body.id));
  expect(ids[0]).not.toBe(ids[1]);
});

test('the class list comes along, page after page, to be looked at first', async () => {
  const { body: groups } = await house.ruth.get('groups');
  const { id } = groups.find(({ name }: { name: string }) => name === 'Bookkeeping on Tuesdays');
  const { body: list } = await house.ruth.get(`groups/${id}/platform-list`);
  expect(list).toEqual({
    platform: 'Hillside',
    students: [
      { name: 'Anouk Tarn', number: 'H-201', email: 'anouk.tarn@hillside.example' },
      { name: 'Bram Vale', number: 'H-202', email: 'bram.vale@hillside.example' },
      { name: 'Cosima Reed', number: 'H-203', email: 'cosima.reed@hillside.example' },
    ],
  });
  const plan = await house.ruth.post(`groups/${id}/list`, { students: list.students.slice(0, 1) });
  expect(plan.body.students).toMatchObject([{ becomes: 'new' }]);
  await house.ruth.post(`groups/${id}/members`, { students: list.students.slice(0, 1) });
  expect((await house.ruth.get(`groups/${house.groupId}/platform-list`)).body).toBe(null);
});

async function handsIn(who: string): Promise<Visitor> {
  const visitor = running.visitor();
  expect(await opens(visitor, who)).toBe(`/mine/${house.exerciseId}`);
  await visitor.post(`my-exercises/${house.exerciseId}/begin`);
  expect((await visitor.post(`my-exercises/${house.exerciseId}/hand-in`)).status).toBe(200);
  return visitor;
}

test('a student lands in the exercise: whoever stands in the class list is that one, whoever comes again the same', async () => {
  const [anouk, bram] = [await handsIn(ANOUK), await handsIn(BRAM)];
  expect((await anouk.get('me')).body).toMatchObject({ name: 'Anouk Tarn', role: 'student' });
  // Whoever has no password here is asked for none.
  expect((await bram.get('me')).body.isFirstPassword).toBe(false);
  const again = running.visitor();
  await Promise.all([opens(again, BRAM), opens(running.visitor(), BRAM)]);
  expect((await again.get('me')).body).toEqual((await bram.get('me')).body);
  const rows = await checkedRows(house.ruth, house.exerciseId);
  const came = rows.filter(({ student }) => ['Anouk Tarn', 'Bram Vale'].includes(student));
  expect(came).toHaveLength(2);
});

test.each<[Spoilt, string]>([
  ['forged', 'forged'],
  ['stale', 'old'],
  ['for another', 'forged'],
  ['of another deployment', 'other'],
  ['another nonce', 'forged'],
])('what is %s is refused', async (spoilt, why) => {
  standIn.spoilt = spoilt;
  const visitor = running.visitor();
  expect(await opens(visitor, COSIMA)).toBe(`/from-platform/refused/${why}`);
  standIn.spoilt = null;
  expect((await visitor.get('me')).status).toBe(401);
});

test('what came in once, in another browser, without a state, or as no form is refused', async () => {
  const visitor = running.visitor();
  const { fields = {} } = await formOf(visitor, COSIMA, 'place-1');
  const other = running.visitor();
  expect((await other.led(launchAt(), fields)).to).toBe('/from-platform/refused/browser');
  expect((await visitor.led(launchAt(), fields)).to).toBe(`/mine/${house.exerciseId}`);
  expect((await visitor.led(launchAt(), fields)).to).toBe('/from-platform/refused/old');
  const { state: _, ...rest } = fields;
  expect((await visitor.led(launchAt(), rest)).to).toBe('/from-platform/refused/old');
  expect((await visitor.led(`${running.address}/api/sign-in`, { login: 'ruth' })).status).toBe(415);
});

test('marks go to the platform when they are given back, again when they change, and until it takes them', async () => {
  const { ruth, exerciseId } = house;
  const rows = await checkedRows(ruth, exerciseId);
  const tryOf = (name: string) => rows.find(({ student }) => student === name)?.tryId ?? '';
  const markOf = (who: string) => standIn.world.markOf('place-1', who);
  const anouk = `tries/${tryOf('Anouk Tarn')}`;
  standIn.isAway = true;
  const { body: given } = await ruth.post(`${anouk}/give-back`, { shows: SHOWS });
  const fault = async () =>
    (await ruth.get(`exercises/${exerciseId}/platform-marks`)).body[0].fault as string | null;
  await settle(async () => (await fault()) !== null);
  expect(await fault()).toBe('It answered 503.');
  expect(markOf(ANOUK)).toBeUndefined();
  standIn.isAway = false;
  await ruth.post(`tries/${tryOf('Bram Vale')}/give-back`, { shows: SHOWS });
  await settle(() => markOf(BRAM) !== undefined);
  expect(markOf(BRAM)).toMatchObject({
    ...{ of: given.of, activity: 'Completed', grading: 'FullyGraded' },
  });
  const before = markOf(BRAM)?.given ?? 0;
  await ruth.post(`tries/${tryOf('Bram Vale')}/notes`, { text: 'Well told', points: 1 });
  await settle(() => markOf(BRAM)?.given === Math.min(given.of, before + 1));
  await ruth.post(`tries/${tryOf('Bram Vale')}/take-back`);
  await settle(() => markOf(BRAM)?.grading === 'PendingManual');
  expect(markOf(BRAM)?.given).toBeNull();
});

test('one’s own data says by which platform one comes; whoever left is nobody of it any more', async () => {
  const cosima = running.visitor();
  await opens(cosima, COSIMA);
  const { body: own } = await cosima.get('me/data');
  expect(own.platforms).toEqual([{ platform: 'Hillside', subject: COSIMA }]);
  const { id } = own.person;
  await house.ruth.put('leavings/term', { days: 0, fate: 'nameless' });
  await cosima.post(`leavings/person/${id}`);
  const later = running.visitor();
  expect(await opens(later, COSIMA)).toBe(`/mine/${house.exerciseId}`);
  expect((await later.get('me')).body.id).not.toBe(id);
});

test('a platform that is removed sends nobody any more; who came from it stays', async () => {
  const { body } = await house.ruth.get('platforms');
  expect(body.platforms[0]).toMatchObject({ people: 5, courses: 1 });
  const left = await house.ruth.remove(`platforms/${body.platforms[0].id}`);
  expect(left.body.platforms).toEqual([]);
  expect(await opens(running.visitor(), BRAM)).toBe('/from-platform/refused/unknown');
  const rows = await checkedRows(house.ruth, house.exerciseId);
  expect(rows.map(({ student }) => student)).toContain('Bram Vale');
});
