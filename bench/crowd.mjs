import { asked, atOnce, classAt, IS_SMALL, startServer, tell, whileChecking } from './people.mjs';

const SIZES = IS_SMALL ? [3] : [30, 100, 300];

/** What one who only looks asks for: the list of their exercises. */
const look = (person) => asked(person, 'GET my-exercises');

async function idle({ people: [person] }) {
  const times = [];
  for (let i = 0; i < 60; i++) times.push((await look(person)).took);
  return times.sort((a, b) => a - b)[30];
}

/** What somebody asks who means harm: how long one who only looks waits meanwhile, against an idle server. */
async function besideHarm({ ruth, people }, harm) {
  const [person] = people;
  let busy = true;
  const asking = harm(ruth).finally(() => (busy = false));
  let longest = 0;
  while (busy) {
    longest = Math.max(longest, (await look(person)).took);
    await new Promise((resolve) => setTimeout(resolve, 5));
  }
  await asking;
  return longest;
}

const manyAccounts = (count) =>
  Array.from({ length: count }, (_, i) => ({
    ...{ id: `m${i}`, name: `Account of the sort ${i % 50}`, type: 'bank' },
  }));

const large = {
  format: 'gleddo-book',
  version: 1,
  company: { name: 'Large', firstDay: '2027-01-01' },
};

/** Five hundred renames in a book of 5,000 near-alike accounts; a large file; a body of brackets. */
const HARM = {
  'a file of 5,000 accounts': (ruth) =>
    ruth('POST', 'companies', { book: { ...large, accounts: manyAccounts(5_000) } }),
  '500 renames among 5,000 near-alike accounts': async (ruth) => {
    const book = { ...large, accounts: manyAccounts(5_000) };
    const { body } = await ruth('POST', 'companies', { book });
    const operations = Array.from({ length: 500 }, (_, i) => ({
      ...{ kind: 'rename-account', id: `m${i}`, name: `Account of the sort ${i % 7}` },
    }));
    return ruth('POST', `books/${body.bookId}/operations`, {
      revision: 0,
      operations,
      token: 'harm',
    });
  },
  '60,000 changes nested': (ruth) => {
    const several = {
      kind: 'several',
      operations: Array(12_000).fill({ kind: 'retire-account', id: 'a' }),
    };
    return ruth('POST', 'books/none/operations', {
      revision: 0,
      operations: [several],
      token: 'harm',
    });
  },
};

async function harmed(house) {
  const quiet = await idle(house);
  for (const [what, harm] of Object.entries(HARM)) {
    const waited = await besideHarm(house, harm);
    process.stdout.write(
      `  beside ${what}: one who looks waits ${waited.toFixed(0)} ms at most, ${(waited / quiet).toFixed(0)} × an idle request's ${quiet.toFixed(1)} ms\n`,
    );
  }
}

/** The embedded database with a class at once; `book` is what each of them works on. */
export async function benchPeople({ main, book, says, sizes = SIZES }) {
  process.stdout.write(`\nPeople at once, ${says}\n`);
  for (const size of sizes) {
    const server = await startServer(main, {});
    const house = await classAt([server.address], size, book);
    tell(`${size} people`, await atOnce(house.people));
    if (size === sizes.at(-1)) {
      const { measured, took, works } = await whileChecking(house, 1 / 3);
      tell(
        `${size - works} people while ${works} works are checked again (${(took / 1000).toFixed(1)} s)`,
        measured,
      );
      if (!IS_SMALL) await harmed(house);
    }
    await server.stop();
  }
}

/** Two servers on one PostgreSQL. */
export async function benchShared({ main, url, book, says, size }) {
  process.stdout.write(`\nTwo servers on one PostgreSQL, ${says}\n`);
  const servers = [
    await startServer(main, { DATABASE_URL: url }),
    await startServer(main, { DATABASE_URL: url }),
  ];
  const house = await classAt(
    servers.map(({ address }) => address),
    size,
    book,
  );
  tell(`${size} people`, await atOnce(house.people));
  await Promise.all(servers.map((server) => server.stop()));
}
