import type { ListedStudent } from '../../teaching/class-list/index.js';

/** A row of a list that says nothing of a student of this class, and why. */
interface LeftOutRow {
  /** Counted from 1, as a spreadsheet does. */
  readonly row: number;
  readonly why: string;
}

export interface StudentsInTable {
  readonly students: readonly ListedStudent[];
  readonly leftOut: readonly LeftOutRow[];
  /** The classes that the list names, in the order of their first row. */
  readonly classes: readonly string[];
}

/** What heads a column: in letters alone, as the OneRoster standard calls it and as people do. */
const HEADS = {
  name: 'name|student|students|studentname|fullname|displayname|nameofstudent',
  given: 'givenname|firstname|forename|first|given|firstnames|preferredfirstname',
  family: 'familyname|lastname|surname|last|family',
  number:
    'number|no|studentnumber|studentno|studentid|identifier|matriculationnumber|candidatenumber|registrationnumber|id|sourcedid|usersourcedid|userid',
  email: 'email|emailaddress|mail|studentemail',
  class: 'class|classname|classtitle|classgroup|course|group|section|classcode|classsourcedid',
  role: 'role|roles',
  status: 'status',
} as const;

type Column = keyof typeof HEADS;
type Columns = Partial<Record<Column, number>>;
type Row = readonly string[];

/** “Student 1” heads nothing: it is somebody. */
const lettersOf = (cell: string): string =>
  /\d/.test(cell) ? '' : cell.toLowerCase().replace(/[^a-z]+/g, '');

/** Which column is which: of several that could be, what stands first in the words above. */
function headed(row: Row): Columns | null {
  const heads = row.map(lettersOf);
  const found: Columns = {};
  for (const column of Object.keys(HEADS) as Column[]) {
    const words = HEADS[column].split('|');
    const at = words.map((word) => heads.indexOf(word)).find((each) => each >= 0);
    if (at !== undefined) found[column] = at;
  }
  const isHead = 'name' in found || 'given' in found || 'family' in found;
  return isHead || ('email' in found && 'number' in found) ? found : null;
}

const isEmail = (cell: string): boolean => /^[^\s@]+@[^\s@]+$/.test(cell.trim());
const isNumber = (cell: string): boolean => /\d/.test(cell) && !/[\s@]/.test(cell);

/** Without headings: an e-mail has an @, a number a digit; of two columns of words the second is the family's name. */
function byContent(rows: readonly Row[]): Columns {
  const saidIn = (at: number) =>
    rows.map((row) => row[at]?.trim() ?? '').filter((cell) => cell !== '');
  const most = (is: (cell: string) => boolean, at: number) =>
    2 * saidIn(at).filter(is).length > saidIn(at).length;
  const width = Math.max(...rows.map(({ length }) => length));
  const all = Array.from({ length: width }, (_, at) => at);
  const email = all.find((at) => most(isEmail, at));
  const number = all.find((at) => most(isNumber, at));
  const [first, second] = all.filter(
    (at) => at !== email && at !== number && saidIn(at).length > 0,
  );
  return {
    ...(email === undefined ? {} : { email }),
    ...(number === undefined ? {} : { number }),
    ...(second === undefined ? { name: first ?? 0 } : { given: first ?? 0, family: second }),
  };
}

/** `Finch, Ada` is said the other way round. */
function saidForwards(name: string): string {
  const [family = '', given = '', ...more] = name.split(',').map((part) => part.trim());
  return given !== '' && more.length === 0 ? `${given} ${family}` : name;
}

const isTaught = (role: string): boolean =>
  role === '' || /student|learner|pupil|member/.test(role);

/**
 * The students of a list from a school, row by row: columns by their headings (those of the OneRoster standard among them)
 * or by what stands in them. Who teaches, and who is no longer there, is left out, and told.
 */
export function studentsInTable(
  cells: readonly Row[],
  of: { readonly className?: string | null } = {},
): StudentsInTable {
  const rows = [...cells.entries()].filter(([, row]) => row.some((cell) => cell.trim() !== ''));
  const [first] = rows;
  if (!first) return { students: [], leftOut: [], classes: [] };
  const heads = headed(first[1]);
  const below = heads ? rows.slice(1) : rows;
  const columns = heads ?? byContent(below.map(([, row]) => row));
  const said = below.map(([at, row]) => readRow(row, columns, at));
  const read = said.map((each) => ({ ...each, why: whyNot(each, of.className ?? null) }));
  return {
    students: read.filter(({ why }) => why === null).map(({ student }) => student),
    leftOut: read.flatMap(({ why, row }) => (why === null ? [] : [{ row, why }])),
    classes: [...new Set(said.map((each) => each.class).filter((name) => name !== ''))],
  };
}

type Said = ReturnType<typeof readRow>;

function readRow(row: Row, columns: Columns, at: number) {
  const cell = (column: Column) => row[columns[column] ?? -1]?.trim() ?? '';
  const parts = [cell('given'), cell('family')].filter((part) => part !== '');
  const name = parts.length > 0 ? parts.join(' ') : saidForwards(cell('name'));
  return {
    row: at + 1,
    student: { name, number: cell('number'), email: cell('email') },
    class: cell('class'),
    role: cell('role').toLowerCase(),
    status: cell('status').toLowerCase(),
  };
}

function whyNot({ student, role, status, class: group }: Said, wanted: string | null) {
  if (student.name === '') return 'it has no name';
  if (!isTaught(role)) return `its role is ${role}`;
  if (/^(tobedeleted|inactive|deleted|withdrawn|left)$/.test(status)) return `it is ${status}`;
  if (wanted !== null && group !== '' && group !== wanted) return `it is of ${group}`;
  return student.email !== '' && !isEmail(student.email) ? `“${student.email}” is no e-mail` : null;
}
