import type { PartChange } from '@gleddo/core';
import { classOf, rework, type TestClass } from './class-of.js';
import { runningApp, type Answer, type RunningApp, type Visitor } from './running-app.js';

let running: RunningApp;
let classes: TestClass;
let ruth: Visitor;
beforeAll(async () => {
  running = await runningApp(false);
  classes = await classOf(running, 1);
  ({ ruth } = classes);
});
afterAll(() => running.close());

const exercise = async () => (await ruth.get(`exercises/${classes.exerciseId}`)).body;
const send = (changes: readonly PartChange[], who = ruth): Promise<Answer> =>
  who.post(`exercises/${classes.exerciseId}/changes`, { changes });
const changed = async () => (await ruth.get(`exercises/${classes.exerciseId}/changes`)).body;

const STEP = '/guide/steps/s1';
const BANK = '/keyRules/points/account.type:bank';

describe('an exercise that two pages change', () => {
  it('keeps the points of one account that the one set, whatever the other saves of what it had before', async () => {
    await rework(ruth, classes.exerciseId, { guide: { steps: [{ id: 's1', title: 'First' }] } });
    // One page has the step before it and types; the other gives an account points; then the first saves.
    const half: PartChange = {
      ...{ at: STEP, was: { id: 's1', title: 'First' } },
      now: { id: 's1', title: 'First of all' },
    };
    expect((await send([{ at: BANK, now: 7 }])).status).toBe(200);
    expect((await send([half])).status).toBe(200);
    const { guide, keyRules } = await exercise();
    expect(guide.steps).toEqual([{ id: 's1', title: 'First of all' }]);
    expect(keyRules.points['account.type:bank']).toBe(7);
  });

  it('says which part was changed since, and does nothing of it', async () => {
    const { revision } = await exercise();
    const refused = await send([
      { at: '/title', was: 'Place them', now: 'Place all' },
      { at: BANK, was: 3, now: 9 },
    ]);
    expect(refused.status).toBe(409);
    expect(refused.body.faults).toMatchObject([{ at: BANK, code: 'exercise.overtaken' }]);
    expect(refused.body.detail).toContain('the points for “Account type” of “1010 Bank”');
    expect(await exercise()).toMatchObject({ revision, title: 'Place them' });
  });

  it('sixty changes at once, each of another part, are all there', async () => {
    const { keyRules } = await exercise();
    const answers = await Promise.all(
      Array.from({ length: 60 }, (_, i) =>
        send([{ at: `/keyRules/points/account.type:a${i}`, now: i }]),
      ),
    );
    expect(new Set(answers.map(({ status }) => status))).toEqual(new Set([200]));
    const after = (await exercise()).keyRules.points;
    expect(Object.keys(after)).toHaveLength(Object.keys(keyRules.points).length + 60);
  });

  it('of one part at once one is done and the others are told', async () => {
    const { brief } = await exercise();
    const answers = await Promise.all(
      ['one', 'two', 'three'].map((now) => send([{ at: '/brief', was: brief, now }])),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
  });

  it('is sent again as if once', async () => {
    const { revision } = await exercise();
    const change = { at: '/rules/mayFile', was: false, now: true };
    expect((await send([change])).body.revision).toBe(revision + 1);
    expect((await send([change])).body.revision).toBe(revision + 1);
  });

  it('tells who changed what, and takes a step back where it still stands', async () => {
    const { revision } = await exercise();
    expect((await changed())[0]).toMatchObject({
      ...{
        revision,
        by: 'Ruth Marsh',
        what: ['whether a file may be handed in'],
        mayTakeBack: true,
      },
    });
    const path = `exercises/${classes.exerciseId}/changes/${revision}/take-back`;
    expect((await ruth.post(path)).body.mayFile).toBe(false);
    expect((await changed())[1]).toMatchObject({ revision, mayTakeBack: false });
    await send([{ at: '/rules/mayFile', was: false, now: true }]);
    await send([{ at: '/rules/mayFile', was: true, now: false }]);
    const last = (await exercise()).revision as number;
    await ruth.post(`exercises/${classes.exerciseId}/changes/${last}/take-back`);
    expect((await exercise()).mayFile).toBe(true);
  });

  it('goes on where the key lost an account of which something was said, and where it came to use a forbidden one', async () => {
    const { keyBookId, title } = await exercise();
    const inKey = async (operation: object) => {
      const { revision } = (await ruth.get(`books/${keyBookId}`)).body;
      const sent = { revision, token: `k${revision}`, operations: [operation] };
      const { status, body } = await ruth.post(`books/${keyBookId}/operations`, sent);
      return status === 200 ? 'done' : body.detail;
    };
    const said = [
      {
        at: '/keyRules/accepts/debtors',
        now: { account: 'debtors', names: ['Owed by customers'] },
      },
      { at: '/keyRules/accepts/stock', now: { account: 'stock', forbidden: true } },
    ];
    expect((await send(said)).status).toBe(200);
    expect(await inKey({ kind: 'delete-account', id: 'debtors', children: 'lift' })).toBe('done');
    expect(await inKey({ kind: 'set-opening', id: 'stock', amount: 100 })).toBe('done');
    const renamed = await send([{ at: '/title', was: title, now: 'Place them still' }]);
    expect(renamed.body.detail).toBeUndefined();
    expect(renamed.body.title).toBe('Place them still');
    const anew = { at: '/keyRules/accepts/bank', now: { account: 'bank', forbidden: true } };
    expect((await send([anew])).body.faults[0].code).toBe('key.forbidden-used');
    const unknown = { at: '/keyRules/accepts/gone', now: { account: 'gone', names: ['Gone'] } };
    expect((await send([unknown])).status).toBe(422);
    await send([{ at: '/title', was: 'Place them still', now: title }]);
  });

  it('a title is kept as it is shown, and that change can be taken back, too', async () => {
    const { title } = await exercise();
    const { body } = await send([{ at: '/title', was: title, now: `${title} now  ` }]);
    expect(body.title).toBe(`${title} now`);
    const back = await ruth.post(
      `exercises/${classes.exerciseId}/changes/${body.revision}/take-back`,
    );
    expect(back.body.title).toBe(title);
  });

  it('what is huge ends soon: an order of a quarter of a million names, and others go on', async () => {
    const names = Array.from({ length: 120_000 }, (_, i) => i.toString(36));
    const order = { at: '/guide/steps/', was: names, now: [...names].reverse() };
    const [refused, me] = await Promise.all([send([order]), ruth.get('me')]);
    expect([400, 409, 413]).toContain(refused.status);
    expect(me.status).toBe(200);
  });

  it('refuses what makes no exercise, whatever it is called; others change nothing', async () => {
    const before = await exercise();
    for (const change of [
      { at: '/title', was: before.title, now: ' ' },
      { at: '/title', was: before.title },
      { at: '/rules/askLimit', was: before.askLimit, now: 0 },
      { at: '/keyRules/points/account.type', was: before.keyRules.points['account.type'], now: -1 },
      { at: '/guide/steps/s9', now: { id: 's9' } },
    ] as PartChange[])
      expect([change.at, (await send([change])).status]).toEqual([change.at, 422]);
    for (const at of [
      '/owner',
      '/__proto__/a',
      '/keyRules/nothing',
      '',
      '///',
      '/title/a',
      '/title/',
    ])
      expect((await send([{ at, now: 'me' }])).status).toBe(409);
    expect(
      (await ruth.post(`exercises/${classes.exerciseId}/changes`, { changes: [1] })).status,
    ).toBe(400);
    const student = running.visitor();
    const [{ login, password }] = classes.students as [{ login: string; password: string }];
    await student.post('sign-in', { login, password });
    expect((await send([{ at: '/brief', now: 'mine' }], student)).status).toBe(403);
    expect(await exercise()).toEqual(before);
  });
});
