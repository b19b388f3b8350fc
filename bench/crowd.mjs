import { asked, atOnce, classAt, IS_SMALL, startServer, tell, whileChecking } from './people.mjs';
import { floods } from './floods.mjs';
import { freshDatabase } from './fresh-database.mjs';

const SIZES = IS_SMALL ? [3] : [30, 100, 300];
const TURNS = IS_SMALL ? 1 : 3;

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

/** What is put against what: the program as it is, and as it was where `GLEDDO_BEFORE` says its server. */
const programs = (main) => ({
  now: main,
  ...(process.env.GLEDDO_BEFORE && { before: process.env.GLEDDO_BEFORE }),
});

const engines = {
  'the embedded database': async () => ({ env: {}, drop: async () => {} }),
  ...(process.env.DATABASE_URL && {
    PostgreSQL: async () => {
      const { url, drop } = await freshDatabase(process.env.DATABASE_URL);
      return { env: { DATABASE_URL: url }, drop };
    },
  }),
};

/** A class of so many on a server of its own: all at work, and two thirds while the works of the others are checked. */
async function once(main, makeEngine, { size, book }) {
  const { env, drop } = await makeEngine();
  const server = await startServer(main, env);
  const house = await classAt([server.address], size, book);
  const atWork = await atOnce(house.people);
  const checking = await whileChecking(house, 1 / 3);
  await server.stop();
  await drop();
  return { atWork, checking };
}

/** Several turns of a size, each program in each. */
async function turnsOf(main, makeEngine, { size, book }) {
  const all = Object.entries(programs(main)).map(([when, program]) => ({
    when,
    program,
    turns: [],
  }));
  for (let i = 0; i < TURNS; i++)
    for (const { program, turns } of all)
      turns.push(await once(program, makeEngine, { size, book }));
  return all;
}

function tellTurns(size, when, turns) {
  const checked = turns.map(({ checking }) => checking);
  const { works } = checked[0];
  const took = checked.map(({ took: ms }) => (ms / 1000).toFixed(1)).join(', ');
  tell(
    `${size} people, ${when}`,
    turns.map(({ atWork }) => atWork),
  );
  tell(
    `  ${size - works} while ${works} works are checked again (${took} s), ${when}`,
    checked.map(({ measured }) => measured),
  );
}

/** Each engine with a class at once, in turns with the program before; `book` is what each of them works on. */
export async function benchPeople({ main, book, says, sizes = SIZES }) {
  for (const [engine, makeEngine] of Object.entries(engines)) {
    process.stdout.write(`\nPeople at once on ${engine}, ${says}, the middle of ${TURNS}\n`);
    for (const size of sizes)
      for (const { when, turns } of await turnsOf(main, makeEngine, { size, book }))
        tellTurns(size, when, turns);
  }
}

/** One who looks, beside one who asks for very much. */
export async function benchHarm({ main, book }) {
  const server = await startServer(main, {});
  const house = await classAt([server.address], 12, book);
  process.stdout.write('\nBeside who means harm\n');
  await harmed(house);
  await floods(house, book);
  await server.stop();
}

/** Two servers on one PostgreSQL. */
export async function benchShared({ main, url, book, says, size }) {
  process.stdout.write(`\nTwo servers on one PostgreSQL, ${says}\n`);
  const fresh = await freshDatabase(url);
  const one = () => startServer(main, { DATABASE_URL: fresh.url });
  const servers = [await one(), await one()];
  const house = await classAt(
    servers.map(({ address }) => address),
    size,
    book,
  );
  tell(`${size} people`, [await atOnce(house.people)]);
  await Promise.all(servers.map((server) => server.stop()));
  await fresh.drop();
}
