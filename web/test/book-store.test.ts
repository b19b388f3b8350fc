import { jest } from '@jest/globals';
import type { Operation } from '@gleddo/core';
import { BookStore } from '../src/book/book-store';
import { FakeServer } from './fake-server';

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
