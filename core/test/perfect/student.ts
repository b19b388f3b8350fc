import {
  account,
  guideShown,
  type Account,
  type Book,
  type Entry,
  type Exercise,
  type GuideShown,
} from '../../src/index.js';
import { chartOf } from './charts.js';
import { DOINGS, type Doings } from './doings.js';
import { OwnBook } from './own-book.js';

const MONTHS = [
  ...['January', 'February', 'March', 'April', 'May', 'June', 'July', 'August'],
  ...['September', 'October', 'November', 'December'],
];
const MONTH = MONTHS.join('|');

const minor = (text: string): number => Math.round(Number(text.replace(/,/g, '')) * 100);

interface Row {
  readonly day: string;
  readonly amounts: readonly number[];
}

/** The rows of the words that have a day, with the amounts that they say. */
function rowsOf({ steps }: GuideShown): Row[] {
  const row = new RegExp(`^- (\\d{1,2}) (${MONTH}) (\\d{4}): (.*)$`, 'gm');
  const days = new RegExp(`\\d{1,2} (?:${MONTH})|\\b20\\d\\d\\b|\\d{1,2}(?:th|st|nd|rd)`, 'g');
  return steps.flatMap(({ words }) =>
    [...words.matchAll(row)].map(([, day = '', month = '', year = '', says = '']) => ({
      day: `${year}-${String(MONTHS.indexOf(month) + 1).padStart(2, '0')}-${day.padStart(2, '0')}`,
      amounts: [...says.replace(days, '').matchAll(/\d[\d,]*(?:\.\d+)?/g)].map(([each]) =>
        minor(each.replace(/,$/, '')),
      ),
    })),
  );
}

/** The papers that are called so. */
const paper = ({ sheets }: GuideShown, title: string): readonly (readonly string[])[] =>
  sheets
    .filter((each) => each.title === title)
    .flatMap(({ rows }) => rows.map(({ cells }) => cells));

/** Each account where its name says, those of the list beside them, each under what it lowers; what stands already stays, unless faults are to be found. */
function placed(start: Book, told: GuideShown): Account[] {
  const chart = chartOf(start.company.name);
  const wanted = new Map(chart.map((each) => [each.name, each]));
  const listed = paper(told, 'Accounts to add').map(([name = ''], i) =>
    account(`own-${i + 1}`, name),
  );
  const all = [...start.accounts, ...listed];
  const idOf = new Map(all.map(({ name, id }) => [name, id]));
  const isToMend = told.steps.some(({ title }) => title === 'Find what is wrong');
  return all.map((account) => {
    if (account.type !== null && !isToMend) return account;
    const belongs = wanted.get(account.name);
    if (!belongs) throw new Error(`nobody says where “${account.name}” belongs`);
    const parent = belongs.under === null ? null : (idOf.get(belongs.under) ?? null);
    return { ...account, type: belongs.type, parent };
  });
}

/** A number in the middle of the band of its section, a step after the one before; a part one after its whole. */
function numbered(accounts: readonly Account[], { company, numberPlan, scheme }: Book): Account[] {
  if (!numberPlan) return [...accounts];
  const taken = new Map<string, number>();
  const order = chartOf(company.name).map(({ name }) => name);
  const given = new Map<string, string>();
  const inOrder = [...accounts].sort((x, y) => order.indexOf(x.name) - order.indexOf(y.name));
  for (const { id, type, parent } of inOrder) {
    const section = scheme.types.find((each) => each.id === type)?.section;
    const band = numberPlan.bands.find((each) => each.section === section);
    if (!band) throw new Error(`no band for ${section}`);
    const whole = parent === null ? undefined : given.get(parent);
    const last = taken.get(band.section ?? '') ?? Number(band.from);
    const next = whole === undefined ? last + numberPlan.step : Number(whole) + 1;
    if (whole === undefined) taken.set(band.section ?? '', next);
    given.set(id, String(next));
  }
  return accounts.map((account) => ({ ...account, number: given.get(account.id) ?? null }));
}

/** What the balance sheet says, each on its side: what stands in brackets lowers. */
function opened(start: Book, accounts: readonly Account[], told: GuideShown): Book['opening'] {
  const headings = new Map(chartOf(start.company.name).map((each) => [each.name, each.heading]));
  const idOf = new Map(accounts.map(({ name, id }) => [name, id]));
  const copied = paper(told, 'Balance sheet').map(([name = '', says = '']) => {
    const size = minor(says.replace(/[()]/g, ''));
    const isAsset = headings.get(name)?.endsWith('assets');
    return [idOf.get(name) ?? '', isAsset === says.startsWith('(') ? -size : size] as const;
  });
  return {
    ...start.opening,
    balances: { ...start.opening.balances, ...Object.fromEntries(copied) },
  };
}

/** `a-b`, `3*a`, `-a`: of what a row says. */
function reckoned(says: string, { amounts }: Row): number {
  let sum = 0;
  for (const [, sign, times = '1', letter = ''] of says.matchAll(/([-+]?)(?:(\d)\*)?([a-h])/g)) {
    const amount = amounts['abcdefgh'.indexOf(letter)];
    if (amount === undefined) throw new Error(`“${says}”: no such amount is said`);
    sum += (sign === '-' ? -1 : 1) * Number(times) * amount;
  }
  return sum;
}

function entryOf(does: string, row: Row, own: OwnBook): Entry {
  const isClosing = does.startsWith('closing:');
  const lines = does
    .replace('closing:', '')
    .split(';')
    .map((line) => {
      const [, name = '', says = ''] = /^(.*) (\S+)$/.exec(line.trim()) ?? [];
      const amount = says === 'all' ? -own.stands(name) : reckoned(says, row);
      return { account: own.idOf(name), amount };
    });
  return {
    ...{ id: `own-entry-${own.book.entries.length + 1}`, date: row.day },
    kind: isClosing ? 'closing' : 'general',
    ...{ reference: '', text: '', lines: lines.filter(({ amount }) => amount !== 0) },
  };
}

function recorded(book: Book, rows: readonly Row[], { entries = '' }: Doings): Book {
  const does = entries.trim() === '' ? [] : entries.trim().split('\n');
  if (does.length !== rows.length) throw new Error(`${does.length} entries, ${rows.length} told`);
  return does.reduce((so, each, i) => {
    const row = rows[i] as Row;
    const own = new OwnBook(so, []);
    return { ...so, entries: [...so.entries, entryOf(each, row, own)] };
  }, book);
}

function answersOf(told: GuideShown, own: OwnBook, { answers }: Doings): Map<string, string> {
  const asked = told.steps.flatMap(({ questions }) => questions);
  return new Map(
    asked.map(({ id, kind, options }): [string, string] => {
      const says = answers[id];
      if (says === undefined) throw new Error(`${id} is not answered`);
      if (typeof says === 'function') return [id, (says(own) / 100).toFixed(2)];
      if (kind === 'account') return [id, own.idOf(says as string)];
      if (kind === 'side') return [id, says as string];
      return [
        id,
        [says]
          .flat()
          .map((each) => options.indexOf(each))
          .join(','),
      ];
    }),
  );
}

export interface Handed {
  readonly work: Book;
  readonly answers: ReadonlyMap<string, string>;
}

/** What a student hands in who knows what is told, and bookkeeping, and nothing of the key. */
export function perfectStudent(id: string, { key, start, guide }: Exercise): Handed {
  const told = guideShown({ key, start, guide, work: start, answers: new Map() });
  const doings = DOINGS[id];
  if (!doings) throw new Error(`nobody has done ${id}`);
  const rows = rowsOf(told);
  const accounts = numbered(placed(start, told), start);
  const opening = opened(start, accounts, told);
  const work = recorded({ ...start, accounts, opening }, rows, doings);
  const own = new OwnBook(
    work,
    rows.map(({ amounts }) => amounts),
  );
  return { work, answers: answersOf(told, own, doings) };
}
