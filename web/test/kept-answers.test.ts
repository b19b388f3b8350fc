import { isKept, keepAnswers } from '../src/platform/offline/kept-answers';

test.each([
  'me',
  'my-exercises',
  'my-exercises/one',
  'my-exercises/one/words',
  'books/one',
  'books/one/history',
  'books/one/guide',
])('what %s answers is kept', (path) => {
  expect(isKept(`/api/${path}`)).toBe(true);
});

test.each([
  'me/data',
  'me/sessions',
  'books/one/events',
  'books/one/hints',
  'exercises',
  'exercises/one/results',
  'tries/one',
  'groups/one',
  'house',
  'my-exercises/one/words/two',
])('what %s answers is not', (path) => {
  expect(isKept(`/api/${path}`)).toBe(false);
});

test('nothing is kept where no worker keeps anything, and nothing fails', async () => {
  const opened: string[] = [];
  const caches = {
    has: () => Promise.resolve(false),
    open: (name: string) => {
      opened.push(name);
      return Promise.reject(new Error('There is no room.'));
    },
  };
  Object.defineProperty(globalThis, 'caches', { value: caches, configurable: true });
  await keepAnswers(() => new Map([['books/one', {}]]));
  expect(opened).toEqual([]);
  caches.has = () => Promise.resolve(true);
  await expect(keepAnswers(() => new Map([['books/one', {}]]))).resolves.toBeUndefined();
  expect(opened).toHaveLength(1);
  Reflect.deleteProperty(globalThis, 'caches');
});
