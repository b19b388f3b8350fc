import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { topicsAt, topicsFor } from '../src/pages/guide/topics';

const inside = readFileSync(join(import.meta.dirname, '../src/inside.tsx'), 'utf8');

/** The addresses of the pages, as they stand in the routes of one kind of person. */
function pathsOf(routes: string): string[] {
  const [, body = ''] = inside.split(`function ${routes}`);
  const [own = ''] = body.split(/^}/m);
  return [...own.matchAll(/path="([^"]+)"/g)]
    .map(([, path = '']) => path)
    .filter((path) => path !== '/' && path !== '*');
}

const BOOK = ['chart', 'opening', 'documents', 'journal', 'statements', 'history'];
const OF_AN_EXERCISE = ['brief', 'steps', 'also-right', 'checks', 'own-figures', 'try', 'hand-out'];

/** What may stand in an address in the place of a part of it. */
function valuesAt(piece: string, path: string): readonly string[] {
  if (piece === ':part') return path.includes('/:tab/') ? [...BOOK, '2'] : BOOK;
  if (piece !== ':tab') return [piece.startsWith(':') ? 'x1' : piece];
  if (path.startsWith('/mine')) return path.endsWith(':tab') ? BOOK : ['put-right', 'earlier'];
  return path.endsWith(':tab') ? [...OF_AN_EXERCISE, 'versions'] : ['key', 'start', 'try'];
}

const filled = (path: string): string[] =>
  path
    .slice(1)
    .split('/')
    .reduce<string[]>(
      (found, piece) =>
        found.flatMap((before) => valuesAt(piece, path).map((each) => `${before}/${each}`)),
      [''],
    );

test.each([
  ['instructor', 'InstructorRoutes'],
  ['student', 'StudentRoutes'],
] as const)('each page of an %s is explained', (role, routes) => {
  const paths = pathsOf(routes);
  expect(paths.length).toBeGreaterThan(8);
  const untold = paths.flatMap(filled).filter((path) => topicsAt(path, role).length === 0);
  expect(untold).toEqual([]);
});

test('a part of a book is told before the whole that it belongs to', () => {
  const titles = (path: string, role: 'instructor' | 'student') =>
    topicsAt(path, role).map(({ title }) => title);
  expect(titles('/exercises/x1/key/journal', 'instructor')).toEqual(['Journal', 'Answer key']);
  expect(titles('/mine/x1/chart', 'student')).toEqual(['Chart', 'Your work']);
  expect(titles('/mine/x1/given-back', 'student')).toEqual(['Given back', 'Your work']);
});

test('a student is told nothing of what is the instructor’s', () => {
  const ids = new Set(topicsFor('student').map(({ id }) => id));
  for (const id of ['key', 'marking', 'results', 'house', 'own-figures'])
    expect(ids.has(id)).toBe(false);
  expect(new Set(topicsFor('instructor').map(({ id }) => id)).has('mine')).toBe(false);
});

/** All that stands in the pages, without the topics themselves. */
const pages = readdirSync(join(import.meta.dirname, '../src'), {
  recursive: true,
  encoding: 'utf8',
})
  .filter((path) => /\.tsx?$/.test(path) && !path.endsWith('topics.ts'))
  .map((path) =>
    readFileSync(join(import.meta.dirname, '../src', path), 'utf8').replace(/\s+/g, ' '),
  );

test('what a topic sets off as a name on a page is there, word for word', () => {
  const all = [...topicsFor('instructor'), ...topicsFor('student')];
  const named = all.flatMap(({ says }) =>
    [...says.matchAll(/(?<![*\w])\*{1,2}([^*]+)\*{1,2}(?![*\w])/g)].map(([, name = '']) => name),
  );
  const isThere = (name: string) =>
    pages.some((text) => text.toLowerCase().includes(name.toLowerCase()));
  expect([...new Set(named)].filter((name) => name.length > 1 && !isThere(name))).toEqual([]);
});
