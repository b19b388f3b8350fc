import { jest } from '@jest/globals';
import type { Operation } from '@gleddo/core';
import { BookStore } from '../src/book/open-book/book-store';
import { FakeLine, FakeServer } from './fake-server';

const rename = (id: string, name: string): Operation => ({ kind: 'rename-account', id, name });

let server: FakeServer;

beforeEach(() => {
  jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'nextTick'] });
  server = new FakeServer();
});
afterEach(() => jest.useRealTimers());

const open = () => BookStore.open('book');

/** Lets everything go on that can, retries after a wait included. */
async function settle(): Promise<void> {
  for (let i = 0; i < 40; i++) await jest.advanceTimersByTimeAsync(100);
}

const nameIn = (store: BookStore, id: string) =>
  store.snapshot().book.accounts.find((account) => account.id === id)?.name;

const nameOnServer = (id: string) => server.book.accounts.find((each) => each.id === id)?.name;

describe('an open book', () => {
  it('shows a change at once, sends it, and says when it is saved', async () => {
    const store = await open();
    store.change(rename('bank', 'Bank'));
    expect(nameIn(store, 'bank')).toBe('Bank');
    expect(store.snapshot().saving).toBe('saving');
    await settle();
    expect(store.snapshot().saving).toBe('saved');
    expect(nameOnServer('bank')).toBe('Bank');
    expect(Object.keys(localStorage)).toEqual([]);
  });

  it('lets go of what was done once the book that has it is kept; opened before that, it is not done again', async () => {
    const written: string[] = [];
    const put = (path: string) => new Promise(() => written.push(path));
    const caches = { has: () => Promise.resolve(true), open: () => Promise.resolve({ put }) };
    Object.defineProperty(globalThis, 'caches', { value: caches, configurable: true });
    const store = await open();
    store.change(rename('bank', 'Bank'));
    await settle();
    expect(store.snapshot().saving).toBe('saved');
    expect(written).toEqual(['/api/books/book', '/api/books/book/history']);
    expect(Object.keys(localStorage)).toHaveLength(1);
    const again = await open();
    await settle();
    expect(nameIn(again, 'bank')).toBe('Bank');
    expect(Object.keys(localStorage)).toEqual([]);
    expect(server.tokens).toHaveLength(1);
    Reflect.deleteProperty(globalThis, 'caches');
  });

  it('refuses here what can’t be done, and sends nothing', async () => {
    const store = await open();
    const { refusals } = store.change(rename('bank', ''));
    expect(refusals[0]?.says).toBe('An account needs a name.');
    await settle();
    expect(server.tokens).toEqual([]);
  });

  it('undoes and does again, each sent in its order', async () => {
    const store = await open();
    store.change(rename('bank', 'One'));
    store.change(rename('bank', 'Two'));
    store.undo();
    store.undo();
    store.redo();
    await settle();
    expect(nameIn(store, 'bank')).toBe('One');
    expect(nameOnServer('bank')).toBe('One');
    expect(server.revision).toBe(5);
    expect(store.snapshot()).toMatchObject({ canUndo: true, canRedo: true });
  });

  it('gives the same object for the book while it is only being saved', async () => {
    const store = await open();
    store.change(rename('bank', 'Bank'));
    const before = store.bookSnapshot();
    await settle();
    expect(store.bookSnapshot()).toBe(before);
  });
});

describe('when the server is away', () => {
  it.each(['unreachable', 'broken'] as const)(
    '%s: changes wait, and go in their order when it is back',
    async (mood) => {
      const store = await open();
      server.mood = mood;
      store.change(rename('bank', 'First'));
      store.change(rename('till', 'Second'));
      await settle();
      expect(store.snapshot().saving).toBe('waiting');
      expect(Object.keys(localStorage)).toHaveLength(2);
      server.mood = 'well';
      await settle();
      expect(store.snapshot().saving).toBe('saved');
      expect([nameOnServer('bank'), nameOnServer('till')]).toEqual(['First', 'Second']);
    },
  );

  it('what was not sent before a refresh is sent after it', async () => {
    const before = await open();
    server.mood = 'unreachable';
    before.change(rename('bank', 'Kept'));
    before.change(rename('bank', 'Kept on'));
    await settle();
    server.mood = 'well';
    const after = await open();
    expect(nameIn(after, 'bank')).toBe('Kept on');
    await settle();
    expect(nameOnServer('bank')).toBe('Kept on');
  });

  it('what was not sent of one book is never sent to another', async () => {
    const before = await open();
    server.mood = 'unreachable';
    before.change(rename('bank', 'Of the one book'));
    await settle();
    server.mood = 'well';
    const other = await BookStore.open('book-2');
    expect(nameIn(other, 'bank')).not.toBe('Of the one book');
    await settle();
    const sent = () => server.asked.filter((each) => each.startsWith('POST'));
    expect(sent().filter((each) => each.includes('book-2'))).toEqual([]);
    await open();
    await settle();
    expect(sent().filter((each) => each.includes('/book/'))).not.toEqual([]);
    expect(nameOnServer('bank')).toBe('Of the one book');
  });

  it('an answer that is lost on the way does nothing twice', async () => {
    const store = await open();
    server.losesAnswers = true;
    store.change({ kind: 'set-opening', id: 'bank', amount: 100 });
    await settle();
    server.losesAnswers = false;
    await settle();
    expect(server.revision).toBe(1);
    expect(store.snapshot().saving).toBe('saved');
  });

  it('one who is signed out is told so, and loses nothing', async () => {
    const store = await open();
    server.mood = 'signed-out';
    store.change(rename('bank', 'Still here'));
    await settle();
    expect(store.snapshot().said[0]).toMatch(/^You are signed out\./);
    server.mood = 'well';
    await settle();
    expect(store.snapshot()).toMatchObject({ saving: 'saved', said: [] });
    expect(nameOnServer('bank')).toBe('Still here');
  });
});

describe('undo', () => {
  const opening = (amount: number): Operation => ({ kind: 'set-opening', id: 'bank', amount });
  const bankIn = (store: BookStore) => store.snapshot().book.opening.balances['bank'];

  it('a change that was refused is gone with its reverse', async () => {
    const store = await open();
    store.change(rename('bank', 'Mine before'));
    await settle();
    server.changedElsewhere({ kind: 'renumber-account', id: 'till', number: '1033' });
    store.change({ kind: 'renumber-account', id: 'bank', number: '1033' });
    await settle();
    expect(store.snapshot().said).toHaveLength(1);
    const number = server.book.accounts.find(({ id }) => id === 'till')?.number;
    store.dismiss();
    store.undo();
    store.undo();
    await settle();
    expect(server.book.accounts.find(({ id }) => id === 'bank')?.number).toBe('1010');
    expect(number).toBe('1033');
  });

  it('after an undo and a refresh, redo is still there, and undo goes on', async () => {
    const before = await open();
    before.change(rename('bank', 'One'));
    before.change(rename('bank', 'Two'));
    before.undo();
    await settle();
    const after = await open();
    expect(after.snapshot()).toMatchObject({ canUndo: true, canRedo: true });
    after.undo();
    expect(nameIn(after, 'bank')).toBe('Bank, current account');
    expect(after.snapshot().canUndo).toBe(false);
    after.redo();
    after.redo();
    expect(nameIn(after, 'bank')).toBe('Two');
    await settle();
    expect(nameOnServer('bank')).toBe('Two');
  });

  it('means the same where nothing was sent yet when the page was left', async () => {
    const before = await open();
    server.mood = 'unreachable';
    before.change(rename('bank', 'One'));
    before.undo();
    await settle();
    const kept = Object.keys(localStorage).length;
    server.mood = 'well';
    const after = await open();
    expect(kept).toBe(2);
    expect(after.snapshot()).toMatchObject({ canUndo: false, canRedo: true });
    after.redo();
    await settle();
    expect(nameOnServer('bank')).toBe('One');
  });

  it('is not done where another tab wrote the same meanwhile, and says so', async () => {
    const store = await open();
    const hangUp = store.listen();
    store.change(opening(100));
    await settle();
    server.changedElsewhere(opening(200), false);
    await settle();
    expect(bankIn(store)).toBe(200);
    store.undo();
    await settle();
    expect(store.snapshot().said.join(' ')).toMatch(/^Not undone: it was changed again since/);
    expect([bankIn(store), server.book.opening.balances['bank']]).toEqual([200, 200]);
    expect(store.snapshot().canUndo).toBe(false);
    hangUp();
  });

  it('is not done by the server either, where the other’s change was not heard of yet', async () => {
    const store = await open();
    store.change(opening(100));
    await settle();
    server.changedElsewhere(opening(200));
    store.undo();
    await settle();
    expect(store.snapshot().said.join(' ')).toMatch(/^Not done: .*Changed since/);
    expect([bankIn(store), server.book.opening.balances['bank']]).toEqual([200, 200]);
  });
});

describe('what others change', () => {
  it('is seen within a moment, and told in words', async () => {
    const store = await open();
    const hangUp = store.listen();
    server.changedElsewhere(rename('till', 'Float'), false);
    server.changedElsewhere(rename('bank', 'Bank account'), false);
    await settle();
    expect([nameIn(store, 'till'), nameIn(store, 'bank')]).toEqual(['Float', 'Bank account']);
    expect(store.snapshot().news.join(' ')).toMatch(/^Changed by Ben Tallow: .*“Bank account”/);
    expect(store.snapshot().canUndo).toBe(false);
    store.change(rename('till', 'Mine'));
    expect(store.snapshot().news).toEqual([]);
    hangUp();
    expect(FakeLine.open).toBe(0);
  });

  it('in another tab of one’s own can be undone here', async () => {
    const store = await open();
    const hangUp = store.listen();
    server.changedElsewhere(rename('till', 'Float'));
    await settle();
    expect(store.snapshot().news[0]).toBe('Changed in another tab or window:');
    store.undo();
    await settle();
    expect(nameOnServer('till')).not.toBe('Float');
    hangUp();
  });

  it('asks for nothing after its own change is told back to it', async () => {
    const store = await open();
    const hangUp = store.listen();
    server.asked.length = 0;
    store.change(rename('till', 'Float'));
    await settle();
    FakeLine.tell(server.revision);
    await settle();
    expect(server.asked).toEqual(['POST /api/books/book/changes']);
    hangUp();
  });

  it('a line that is lost is told, made again, and what was missed is fetched', async () => {
    const store = await open();
    const hangUp = store.listen();
    FakeLine.cut();
    expect(store.snapshot().isConnected).toBe(false);
    server.changedElsewhere(rename('till', 'While away'));
    await settle();
    expect(FakeLine.open).toBe(1);
    FakeLine.tell(server.revision);
    await settle();
    expect(store.snapshot().isConnected).toBe(true);
    expect(nameIn(store, 'till')).toBe('While away');
    hangUp();
  });

  it('a tab that is not seen lets go of its line, and catches up when it is seen', async () => {
    const store = await open();
    const hangUp = store.listen();
    const page = document as unknown as EventTarget & { visibilityState: string };
    page.visibilityState = 'hidden';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(FakeLine.open).toBe(0);
    page.visibilityState = 'visible';
    page.dispatchEvent(new Event('visibilitychange'));
    expect(FakeLine.open).toBe(1);
    hangUp();
  });
});

describe('what waits', () => {
  it('goes in one request, after pauses that grow', async () => {
    const store = await open();
    server.mood = 'broken';
    server.asked.length = 0;
    server.tries = 0;
    for (let i = 0; i < 50; i++) store.change(rename('bank', `Name ${i}`));
    await settle();
    await settle();
    await settle();
    expect(server.tries).toBeLessThanOrEqual(5);
    server.mood = 'well';
    for (let i = 0; i < 5; i++) await settle();
    expect(server.asked).toEqual(['POST /api/books/book/changes']);
    expect(nameOnServer('bank')).toBe('Name 49');
    expect(store.snapshot().saving).toBe('saved');
  });

  it('very many go in several requests, and all arrive', async () => {
    const store = await open();
    server.mood = 'broken';
    for (let i = 0; i < 230; i++) store.change(rename('bank', `Name ${i}`));
    await settle();
    server.mood = 'well';
    server.asked.length = 0;
    for (let i = 0; i < 5; i++) await settle();
    expect(server.asked).toHaveLength(3);
    expect(nameOnServer('bank')).toBe('Name 229');
  });

  it('where one is refused and the book can’t be asked for just then, what was done stays on the screen', async () => {
    const store = await open();
    const hangUp = store.listen();
    server.changedElsewhere({ kind: 'renumber-account', id: 'till', number: '1033' });
    await settle();
    store.dismiss();
    server.mood = 'broken';
    store.change(rename('bank', 'Done all the same'));
    store.change({ kind: 'rename-account', id: 'till', name: 'Refused' });
    await settle();
    server.refuses = 'Refused';
    server.failsAfterChanges = true;
    server.mood = 'well';
    for (let i = 0; i < 4; i++) await settle();
    expect(store.snapshot().said.join(' ')).toMatch(/^Not done: /);
    server.mood = 'well';
    for (let i = 0; i < 4; i++) await settle();
    expect(nameIn(store, 'bank')).toBe('Done all the same');
    expect(nameOnServer('bank')).toBe('Done all the same');
    expect(store.snapshot().revision).toBe(server.revision);
    expect(store.snapshot().news).toEqual([]);
    hangUp();
  });

  it('an answer that can’t be read here is never told as saved', async () => {
    const store = await open();
    server.spoils = true;
    server.changedElsewhere(rename('till', 'Float'));
    store.change(rename('bank', 'Mine'));
    await settle();
    expect(store.snapshot().saving).toBe('waiting');
    expect(store.snapshot().said.join(' ')).toMatch(/Reload the page\.$/);
    expect(Object.keys(localStorage)).toHaveLength(1);
  });
});

describe('two tabs on one book', () => {
  it('the later one takes the newer book over, with its own change on top', async () => {
    const store = await open();
    server.changedElsewhere(rename('till', 'From elsewhere'));
    store.change(rename('bank', 'From here'));
    await settle();
    expect([nameIn(store, 'till'), nameIn(store, 'bank')]).toEqual(['From elsewhere', 'From here']);
  });

  it('what no longer fits is not done, and the reason is said', async () => {
    const store = await open();
    server.changedElsewhere({ kind: 'renumber-account', id: 'till', number: '1033' });
    store.change({ kind: 'renumber-account', id: 'bank', number: '1033' });
    await settle();
    expect(store.snapshot().said.join(' ')).toMatch(
      /^Not done: .*1033.* belongs to “1033 Till float”/,
    );
    expect(store.snapshot().book.accounts.find(({ id }) => id === 'bank')?.number).toBe('1010');
  });

  it('neither overwrites what the other still has to send', async () => {
    const one = await open();
    const other = await open();
    server.mood = 'unreachable';
    one.change(rename('bank', 'Of one'));
    other.change(rename('till', 'Of the other'));
    await settle();
    server.mood = 'well';
    const third = await open();
    await settle();
    expect([nameOnServer('bank'), nameOnServer('till')]).toEqual(['Of one', 'Of the other']);
    expect([nameIn(third, 'bank'), nameIn(third, 'till')]).toEqual(['Of one', 'Of the other']);
    expect(server.revision).toBe(2);
    expect(Object.keys(localStorage)).toEqual([]);
  });

  it('what is kept and can’t be read is left out', async () => {
    localStorage.setItem('gleddo.pending.book.x', '{"token":');
    localStorage.setItem('gleddo.pending.book.y', '7');
    const store = await open();
    await settle();
    expect(store.snapshot().saving).toBe('saved');
  });

  it('a browser that keeps nothing still sends what is done', async () => {
    Object.defineProperty(globalThis, 'localStorage', {
      configurable: true,
      get() {
        throw new Error('not allowed');
      },
    });
    const store = await open();
    store.change(rename('bank', 'Kept nowhere'));
    await settle();
    expect(nameOnServer('bank')).toBe('Kept nowhere');
    expect(store.snapshot().saving).toBe('saved');
  });
});
