import { asked, IS_SMALL } from './people.mjs';

const FOR = IS_SMALL ? 300 : 5_000;
/** How many requests of one person are under way at once. */
const AT_ONCE = 40;

const MAY_PRACTISE = { at: '/rules/mayPractise', was: false, now: true };

/** What a student can ask for that takes computing, again and again. */
const OF_A_STUDENT = {
  'checks of a practice': async (greedy, { exercise }) => {
    const { body } = await asked(greedy, 'POST practices', { exerciseId: exercise });
    return () => asked(greedy, `POST practices/${body.id}/check`, {});
  },
  'practices begun':
    async (greedy, { exercise }) =>
    () =>
      asked(greedy, 'POST practices', { exerciseId: exercise }),
  'changes of a book': async (greedy) => {
    let n = 0;
    return () => {
      const operation = { kind: 'rename-account', id: greedy.account, name: `Flood ${++n}` };
      const sent = { revision: greedy.revision, operations: [operation], token: `flood-${n}` };
      return asked(greedy, `POST books/${greedy.bookId}/operations`, sent);
    };
  },
  'openings of a book': async (greedy) => () => asked(greedy, `GET books/${greedy.bookId}`),
  'histories of a book': async (greedy) => () =>
    asked(greedy, `GET books/${greedy.bookId}/history`),
};

/** What one who teaches can. */
const OF_AN_INSTRUCTOR = {
  'results of a class':
    async (ruth, { exercise }) =>
    () =>
      ruth('GET', `exercises/${exercise}/results`),
  'checks of a class':
    async (ruth, { exercise }) =>
    () =>
      ruth('POST', `exercises/${exercise}/check-again`, {}),
  'companies from files': async (ruth, _house, book) => () => ruth('POST', 'companies', { book }),
  'works of two who have copied':
    async (ruth, { exercise }) =>
    () =>
      ruth('GET', `exercises/${exercise}/copied-figures`),
};

async function looksFor(person, ms) {
  const times = [];
  const until = performance.now() + ms;
  while (performance.now() < until) {
    times.push((await asked(person, 'GET my-exercises')).took);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  return times.sort((a, b) => a - b);
}

const at = (times, share) => times[Math.floor(times.length * share)];

/** Others, beside one who has so many requests of a kind under way all the time. */
async function beside(modest, ask) {
  const idle = await looksFor(modest, FOR / 2);
  let busy = true;
  let answered = 0;
  const statuses = new Set();
  const flooding = Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      while (busy) {
        statuses.add((await ask()).status);
        answered++;
      }
    }),
  );
  const looked = await looksFor(modest, FOR);
  busy = false;
  await flooding;
  return { idle, looked, answered, statuses };
}

function tell(what, { idle, looked, answered, statuses }) {
  const each = (share) =>
    `${at(looked, share).toFixed(1)} ms (${(at(looked, share) / at(idle, share)).toFixed(1)} × idle)`;
  process.stdout.write(
    `  beside ${what} (${answered} answered: ${[...statuses].join(', ')}): ${each(0.5)}, 95 of 100 within ${each(0.95)}\n`,
  );
}

/** A flood by one person of each thing that computes: how long another waits, against how long before it. */
export async function floods(house, book) {
  const [greedy, modest, ...others] = house.people;
  await house.ruth('POST', `exercises/${house.exercise}/changes`, { changes: [MAY_PRACTISE] });
  process.stdout.write(
    `\nA flood of ${AT_ONCE} requests at once by one person: one who looks waits\n`,
  );
  for (const [what, make] of Object.entries(OF_A_STUDENT))
    tell(what, await beside(modest, await make(greedy, house, book)));
  for (const person of others)
    await asked(person, `POST my-exercises/${house.exercise}/hand-in`, {});
  for (const [what, make] of Object.entries(OF_AN_INSTRUCTOR))
    tell(what, await beside(modest, await make(house.ruth, house, book)));
}
