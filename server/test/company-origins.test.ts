import { nanoid } from 'nanoid';
import { COMPANY } from './class-of.js';
import { runningApp, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let ruth: Visitor;
let vera: { readonly id: string; readonly at: Visitor };

beforeAll(async () => {
  running = await runningApp(false);
  ruth = running.visitor();
  await ruth.post('first-instructor', {
    ...{ name: 'Ruth Marsh', login: 'ruth', password: 'a long password' },
  });
  const made = await ruth.post('instructors', { name: 'Vera', login: 'vera' });
  const at = running.visitor();
  await at.post('sign-in', { login: 'vera', password: made.body.password });
  vera = { id: (await at.get('me')).body.id, at };
});
afterAll(() => running.close());

/** A company of Ruth’s, and the copy that Vera took of it. */
async function copied() {
  const { body: origin } = await ruth.post('companies', { book: COMPANY });
  await ruth.put(`sharing/companies/${origin.id}`, { personId: vera.id, how: 'look' });
  const { body: copy } = await vera.at.post(`companies/${origin.id}/copy`);
  return { origin, copy };
}

async function change(who: Visitor, bookId: string, ...operations: readonly object[]) {
  const said = { revision: 0, token: nanoid(), operations };
  expect((await who.post(`books/${bookId}/operations`, said)).status).toBe(200);
}

const named = (id: string, name: string) => ({ kind: 'rename-account', id, name });
const nameIn = async (who: Visitor, bookId: string, account: string) =>
  (await who.get(`books/${bookId}`)).body.book.accounts.find(
    ({ id }: { readonly id: string }) => id === account,
  )?.name;

it('knows its origin, is told what was changed there, and takes it over once', async () => {
  const { origin, copy } = await copied();
  expect(copy.isCopy).toBe(true);
  expect((await vera.at.get(`companies/${copy.id}/origin`)).body).toEqual({
    ...{ bookId: origin.bookId, name: 'Quay Lamps', by: 'Ruth Marsh' },
    book: { count: 0, latest: [] },
  });
  await change(ruth, origin.bookId, named('rent', 'Rent of the quay'));
  await change(vera.at, copy.bookId, named('bank', 'House bank'));
  const { body: shown } = await vera.at.get(`companies/${copy.id}/origin`);
  expect(shown.book).toMatchObject({
    count: 1,
    latest: [{ says: expect.stringContaining('Rent of the quay'), by: 'Ruth Marsh' }],
  });
  const taking = () => vera.at.post(`companies/${copy.id}/origin/book`);
  const [one, other] = await Promise.all([taking(), taking()]);
  expect([one, other].map(({ status }) => status)).toEqual([200, 200]);
  expect(await nameIn(vera.at, copy.bookId, 'rent')).toBe('Rent of the quay');
  expect(await nameIn(vera.at, copy.bookId, 'bank')).toBe('House bank');
  expect((await vera.at.get(`companies/${copy.id}/origin`)).body.book.count).toBe(0);
  expect(await nameIn(ruth, origin.bookId, 'bank')).toBe('Bank');
});

it('takes over of the particulars only what was changed there: its own name stays', async () => {
  const { origin, copy } = await copied();
  const companyOf = async (who: Visitor, id: string) =>
    (await who.get(`books/${id}`)).body.book.company;
  const company = await companyOf(ruth, origin.bookId);
  await change(ruth, origin.bookId, {
    kind: 'change-company',
    company: { ...company, trade: 'Lamps for harbours' },
  });
  const taking = () => vera.at.post(`companies/${copy.id}/origin/book`);
  const taken = await Promise.all([taking(), taking(), taking()]);
  for (const { body } of taken) expect(body.refused).toEqual([]);
  expect(await companyOf(vera.at, copy.bookId)).toMatchObject({
    ...{ name: 'Copy of Quay Lamps', trade: 'Lamps for harbours' },
  });
});

it('leaves as it is what does not fit here any more, and says so', async () => {
  const { origin, copy } = await copied();
  await change(vera.at, copy.bookId, {
    ...{ kind: 'delete-account', id: 'creditors', children: 'refuse' },
  });
  await change(ruth, origin.bookId, named('creditors', 'Owed to suppliers'));
  await change(ruth, origin.bookId, named('stock', 'Lamps in stock'));
  const { body } = await vera.at.post(`companies/${copy.id}/origin/book`);
  expect(body).toEqual({ done: 1, refused: [expect.any(String)] });
  expect(await nameIn(vera.at, copy.bookId, 'stock')).toBe('Lamps in stock');
});

it('tells nothing of an origin that is shared no longer, and of none where there is none', async () => {
  const { origin, copy } = await copied();
  await ruth.remove(`sharing/companies/${origin.id}/${vera.id}`);
  for (const asked of [
    await vera.at.get(`companies/${copy.id}/origin`),
    await vera.at.post(`companies/${copy.id}/origin/book`),
  ]) {
    expect(asked.status).toBe(422);
    expect(asked.body.detail).toContain('no longer shared with you');
  }
  const none = await ruth.get(`companies/${origin.id}/origin`);
  expect(none.status).toBe(422);
  expect(none.body.detail).toContain('no copy of another');
  expect((await ruth.get(`companies/${copy.id}/origin`)).status).toBe(404);
});
