import { cpSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { templates } from '../scripts/templates.mjs';
import { startServer } from '../scripts/server.mjs';

const IS_SMALL = process.env.GLEDDO_SMALL !== undefined;
const [STUDENTS, CLASSES, EXERCISES] = IS_SMALL ? [60, 4, 10] : [3_000, 200, 500];
const TURNS = IS_SMALL ? 1 : 15;

/**
 * A large school in a copy of the demo world: its own rows, many times over, so that whatever columns there are stay what
 * they are. Each class has fifteen students, each exercise is handed out to two classes, half of their works are given back.
 */
async function fill(folder) {
  const { PGlite } = await import('@electric-sql/pglite');
  const db = await PGlite.create(join(folder, 'database'));
  const columnsOf = async (table) => {
    const { rows } = await db.query(
      'select column_name as name from information_schema.columns where table_name = $1',
      [table],
    );
    return rows.map(({ name }) => name);
  };
  const copies = async (table, from, set) => {
    const columns = await columnsOf(table);
    const said = columns.map((name) => set[name] ?? `it."${name}"`);
    await db.exec(
      `insert into "${table}" (${columns.map((name) => `"${name}"`).join(', ')}) select ${said.join(', ')} from ${from}`,
    );
  };
  const ruth = `(select id from people where name = 'Ruth Marsh')`;
  const one = (table, where) => `(select * from "${table}" where ${where} limit 1) it`;
  const n = (count) => `generate_series(1, ${count}) n`;
  await copies('people', `${one('people', "role = 'student'")}, ${n(STUDENTS)}`, {
    id: `'s' || n`,
    name: `'Student ' || md5(n::text)`,
    login: `'student.' || n`,
    number: `'n' || n`,
    email: `''`,
    added_with: 'null',
  });
  await copies('groups', `${one('groups', `owner_id = ${ruth}`)}, ${n(CLASSES)}`, {
    id: `'g' || n`,
    name: `'Class ' || n`,
  });
  await db.exec(
    `insert into members (group_id, person_id) select 'g' || (1 + n % ${CLASSES}), 's' || n from ${n(STUDENTS)}`,
  );
  await copies(
    'exercises',
    `${one('exercises', `owner_id = ${ruth} and title like 'Quarter-end%'`)}, ${n(EXERCISES)}`,
    { id: `'x' || n`, title: `'Exercise ' || n`, origin_id: 'null', continues: 'null' },
  );
  await copies(
    'hand_outs',
    `${one('hand_outs', 'true')}, ${n(EXERCISES)}, (values (0), (7)) other (m)`,
    {
      exercise_id: `'x' || n`,
      group_id: `'g' || (1 + (n + m) % ${CLASSES})`,
      opens_at: 'null',
      closes_at: `now() + (n % 40) * interval '1 day'`,
    },
  );
  const work = `(select t.* from tries t join exercises e on e.id = t.exercise_id where e.title like 'Quarter-end%' and t.points is not null limit 1) it`;
  await copies(
    'tries',
    `${work}, members m join hand_outs h on h.group_id = m.group_id where h.exercise_id like 'x%' and m.person_id like 's%'`,
    {
      id: `'t' || h.exercise_id || m.person_id`,
      exercise_id: 'h.exercise_id',
      person_id: 'm.person_id',
    },
  );
  const { rows } = await db.query('select count(*)::int as works from tries');
  await db.exec('analyze');
  await db.close();
  return rows[0].works;
}

const medianOf = (times) => times.sort((a, b) => a - b)[Math.floor(times.length / 2)];

/** Each list that an instructor of a large school opens, as the page asks for it: the median of some turns, and how much it is. */
export async function benchLists() {
  const folder = mkdtempSync(join(tmpdir(), 'gleddo-lists-'));
  const { demo } = await templates();
  cpSync(demo, folder, { recursive: true });
  const works = await fill(folder);
  const { address, end } = await startServer({
    env: { DATABASE_URL: undefined, GLEDDO_DATA: folder, GLEDDO_DEMO: '1', GLEDDO_LOG: 'warn' },
  });
  let cookie = '';
  const ask = async (method, path, body) => {
    const begun = performance.now();
    const answer = await fetch(`${address}/api/${path}`, {
      method,
      headers: { 'x-gleddo': '1', 'content-type': 'application/json', cookie },
      ...(body && { body: JSON.stringify(body) }),
    });
    const text = await answer.text();
    cookie ||= (answer.headers.getSetCookie()[0] ?? '').split(';')[0];
    return { status: answer.status, took: performance.now() - begun, size: text.length };
  };
  console.log(
    `Lists of a school with ${STUDENTS} students, ${CLASSES} classes, ${EXERCISES} exercises and ${works} works: median of ${TURNS}`,
  );
  await ask('POST', 'demo-sign-in', { person: 'ruth.marsh' });
  for (const path of PATHS) {
    const turns = [];
    for (let i = 0; i <= TURNS; i++) turns.push(await ask('GET', path));
    const [{ status, took: first, size }] = turns;
    const median = medianOf(turns.slice(1).map(({ took }) => took));
    console.log(
      `  ${path.padEnd(34)} ${median.toFixed(0).padStart(6)} ms, the first time ${first.toFixed(0)} ms, ${(size / 1000).toFixed(0)} kB${status === 200 ? '' : `, ANSWERED ${status}`}`,
    );
  }
  await end();
  rmSync(folder, { recursive: true, force: true });
}

const PATHS = [
  ...['today', 'exercises', 'exercises/x7', 'companies', 'groups', 'groups/g3', 'groups/g3/marks'],
  ...[
    'calendar',
    'exercises/x7/results',
    'exercises/x7/at-work',
    'instructors',
    'house',
    'house/happened',
  ],
];
