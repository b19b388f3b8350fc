import { BookSender } from '../src/book/open-book/book-sender';

const usual = globalThis.fetch;
afterEach(() => (globalThis.fetch = usual));

/** A server that answers when it is told to, and what it was asked for. */
function slowServer() {
  const asked: string[] = [];
  const answers: ((revision: number) => void)[] = [];
  globalThis.fetch = (input) => {
    asked.push(String(input));
    return new Promise((resolve) =>
      answers.push((revision) =>
        resolve(Response.json({ revision, refused: [], newer: null, done: [] })),
      ),
    );
  };
  /** Lets all go on that can: an answer is read in many turns. */
  const settled = async () => {
    for (let turn = 0; turn < 50; turn++) await new Promise((resolve) => setTimeout(resolve));
  };
  const answer = async (revision: number) => {
    answers.shift()?.(revision);
    await settled();
  };
  return { asked, answer };
}

function bookAt(revision: number) {
  const book = { revision };
  const sender = new BookSender('b', {
    revision: () => book.revision,
    waiting: () => [],
    settle: async (_, answer) => void (book.revision = answer.revision),
    refuse: async () => undefined,
    tell: () => undefined,
  });
  return { book, sender };
}

it('fetches what is heard of while an answer is on its way that does not have it yet', async () => {
  const { asked, answer } = slowServer();
  const { book, sender } = bookAt(10);
  sender.heard(11);
  sender.heard(12);
  await answer(11);
  expect(asked).toEqual(['/api/books/b/since/10', '/api/books/b/since/11']);
  await answer(12);
  expect([book.revision, asked.length]).toEqual([12, 2]);
});

it('asks once for what is nowhere', async () => {
  const { asked, answer } = slowServer();
  const { sender } = bookAt(10);
  sender.heard(40);
  await answer(10);
  await answer(10);
  expect(asked).toHaveLength(1);
});
