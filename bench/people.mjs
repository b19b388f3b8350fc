import { mkdtempSync, rmSync } from 'node:fs';
import { Agent, request } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer as begin } from '../scripts/server.mjs';

/** People at once on a running server: how long a change and a page take, with and without a class being checked. */
const EVERY = 2_000;
/** Only whether it runs: what it prints says nothing then. */
export const IS_SMALL = process.env.GLEDDO_SMALL !== undefined;
const FOR = IS_SMALL ? 2_500 : 16_000;
const PASSWORD = 'a long password';

const agent = new Agent({ keepAlive: true, maxSockets: 2000 });

/** One request, such as `GET my-exercises`; answers its status, its JSON, its cookie and how long it took. */
export function asked({ address, cookie }, what, body) {
  const [method, path] = what.split(' ');
  const { port } = new URL(address);
  const text = body === undefined ? null : JSON.stringify(body);
  const headers = {
    'x-gleddo': '1',
    cookie,
    ...(text === null
      ? {}
      : { 'content-type': 'application/json', 'content-length': Buffer.byteLength(text) }),
  };
  const from = performance.now();
  return new Promise((resolve, reject) => {
    const sent = request(
      { host: '127.0.0.1', port, method, path: `/api/${path}`, headers, agent },
      (answer) => {
        let said = '';
        answer.setEncoding('utf8');
        answer.on('data', (part) => (said += part));
        answer.on('end', () => {
          const [set] = answer.headers['set-cookie'] ?? [];
          const isJson = /json/.test(answer.headers['content-type'] ?? '');
          resolve({
            status: answer.statusCode,
            took: performance.now() - from,
            cookie: set?.split(';')[0] ?? cookie,
            body: isJson ? JSON.parse(said) : said,
          });
        });
      },
    );
    sent.on('error', reject);
    sent.end(text ?? undefined);
  });
}

export async function startServer(main, env) {
  const data = mkdtempSync(join(tmpdir(), 'gleddo-people-'));
  const { address, end } = await begin({
    main,
    // A database that is shared is for those who ask for it: what is embedded is measured as such.
    env: { DATABASE_URL: undefined, GLEDDO_DATA: data, GLEDDO_LOG: 'silent', ...env },
  });
  return {
    address,
    async stop() {
      await end();
      rmSync(data, { recursive: true, force: true });
    },
  };
}

/** Some at a time, so that a machine that hashes passwords is not asked for everything at once. */
async function inTurns(things, most, each) {
  const left = [...things.entries()];
  const found = [];
  await Promise.all(
    Array.from({ length: most }, async () => {
      for (let next = left.shift(); next; next = left.shift()) found[next[0]] = await each(next[1]);
    }),
  );
  return found;
}

/** A class of so many who have begun an exercise over a book. */
export async function classAt(addresses, size, book) {
  const [address] = addresses;
  const ruth = await asked({ address, cookie: '' }, 'POST first-instructor', {
    ...{ name: 'Ruth', login: 'ruth', password: PASSWORD },
  });
  const ask = (method, path, body) =>
    asked({ address, cookie: ruth.cookie }, `${method} ${path}`, body);
  const company = (await ask('POST', 'companies', { book })).body;
  const group = (await ask('POST', 'groups', { name: 'All' })).body;
  const added = [];
  for (let from = 0; from < size; from += 100) {
    const names = Array.from({ length: Math.min(100, size - from) }, (_, i) => `P ${from + i}`);
    const to = `POST groups/${group.id}/members`.split(' ');
    const students = names.map((name) => ({ name, number: '', email: '' }));
    const answer = await ask(...to, { students });
    // An older program that is measured beside takes names.
    added.push(...(answer.body.added ?? (await ask(...to, { names })).body.added));
  }
  const exercise = (
    await ask('POST', 'exercises', { companyId: company.id, title: 'All', start: 'everything' })
  ).body;
  await ask('POST', `exercises/${exercise.id}/hand-out`, { groupId: group.id });
  const people = await inTurns(added, 4, async ({ login, password }) => {
    const at = addresses[added.findIndex((each) => each.login === login) % addresses.length];
    const { cookie } = await asked({ address: at, cookie: '' }, 'POST sign-in', {
      login,
      password,
    });
    const path = `my-exercises/${exercise.id}/begin`;
    const begun = await asked({ address: at, cookie }, `POST ${path}`, {});
    const bookId = begun.body.bookId;
    const opened = await asked({ address: at, cookie }, `GET books/${bookId}`);
    const account = opened.body.book.accounts[3].id;
    return { address: at, cookie, bookId, account, revision: 0, exercise: exercise.id };
  });
  return { ruth: ask, exercise: exercise.id, people };
}

const percentile = (times, share) =>
  [...times].sort((a, b) => a - b)[Math.floor(times.length * share)] ?? 0;

let names = 0;

/** Each changes something every two seconds, and opens a page every ten; answers how long each took. */
export async function atOnce(people) {
  const changes = [];
  const pages = [];
  let faults = 0;
  const until = performance.now() + FOR;
  await Promise.all(
    people.map(async (person, i) => {
      await new Promise((resolve) => setTimeout(resolve, (EVERY * i) / people.length));
      for (let n = 0; performance.now() < until; n++) {
        const from = performance.now();
        const name = `Name ${++names}`;
        const operations = [{ kind: 'rename-account', id: person.account, name }];
        const sent = { revision: person.revision, operations, token: `t${names}` };
        const path = `books/${person.bookId}/operations`;
        const done = await asked(person, `POST ${path}`, sent);
        if (done.status === 200) person.revision = done.body.revision;
        else faults++;
        changes.push(done.took);
        if (n % 5 === i % 5) {
          const page = await asked(person, `GET books/${person.bookId}`);
          if (page.status !== 200) faults++;
          pages.push(page.took);
        }
        await new Promise((resolve) =>
          setTimeout(resolve, Math.max(0, from + EVERY - performance.now())),
        );
      }
    }),
  );
  return { changes, pages, faults };
}

const middle = (numbers) => percentile(numbers, 0.5);

/** The middle of several turns, each with its own median and 95 of 100. */
export function tell(what, turns) {
  const of = (which) => {
    const at = (share) => middle(turns.map((each) => percentile(each[which], share))).toFixed(0);
    return `${at(0.5)} ms, 95 of 100 within ${at(0.95)} ms`;
  };
  const sum = (described) => turns.reduce((all, each) => all + described(each), 0);
  process.stdout.write(
    `${what}\n  a change ${of('changes')}; a page ${of('pages')}; ${sum(({ changes }) => changes.length)} changes, ${sum(({ faults }) => faults)} not done\n`,
  );
}

/** A class of which all hand in is checked while the others go on; answers the checks' own time, too. */
export async function whileChecking({ ruth, exercise, people }, share) {
  const handing = people.slice(0, Math.floor(people.length * share));
  const going = people.slice(handing.length);
  for (const person of handing) await asked(person, `POST my-exercises/${exercise}/hand-in`, {});
  await settled(ruth, exercise);
  const from = performance.now();
  const checking = ruth('POST', `exercises/${exercise}/check-again`, {})
    .then(() => settled(ruth, exercise))
    .then(() => performance.now() - from);
  const measured = await atOnce(going);
  return { measured, took: await checking, works: handing.length };
}

async function settled(ruth, exercise) {
  for (;;) {
    const { body } = await ruth('GET', `exercises/${exercise}/results`);
    if (body.checking === null || body.checking === undefined) return;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
}
