import {
  differs,
  folded,
  isSame,
  STUDENT_FIELDS,
  tidy,
  type ListedStudent,
  type StudentField,
} from './listed-student.js';

/** A student of the house, as one class sees them. */
export interface KnownStudent extends ListedStudent {
  readonly id: string;
  /** Whether they are in the class now; were, and were taken out; or neither. */
  readonly stands: 'in' | 'left' | 'elsewhere';
  /** Whether whoever has the list may change what is known of them. */
  readonly mayChange: boolean;
}

export type Becomes = 'new' | 'same' | 'changed' | 'joins' | 'returns' | 'doubtful';

interface FieldChange {
  readonly field: StudentField;
  readonly from: string;
  readonly to: string;
}

/** What a row of a list will do. */
export interface PlannedStudent extends ListedStudent {
  readonly becomes: Becomes;
  /** Who it is; null: somebody new, or nobody knows yet. */
  readonly id: string | null;
  readonly changes: readonly FieldChange[];
  /** Who it could be, where it is doubtful. */
  readonly could: readonly string[];
  /** Why it is doubtful, as a sentence; empty where it is not. */
  readonly why: string;
}

export interface ListPlan {
  readonly students: readonly PlannedStudent[];
  /** Who is in the class and not in the list. */
  readonly gone: readonly string[];
}

/** What somebody said of doubtful rows, by their place in the list: who it is, or that it is somebody new. */
export type Decisions = Readonly<Record<number, string>>;

export const SOMEBODY_NEW = 'new';

type Found =
  | { readonly is: KnownStudent | null }
  | { readonly could: readonly KnownStudent[]; readonly why: string };

const namesakes = (names: string, one: string) =>
  names
    .split(' ')
    .some((word) => word.length > 1 && one.split(' ').some((other) => isSame(word, other)));

/** Those who are known, found by what is said of them. */
class Known {
  private readonly by: Readonly<Record<StudentField, ReadonlyMap<string, readonly KnownStudent[]>>>;
  private readonly byId: ReadonlyMap<string, KnownStudent>;

  constructor(readonly all: readonly KnownStudent[]) {
    const said = (field: StudentField) => {
      const found = new Map<string, KnownStudent[]>();
      for (const each of all) {
        const text = folded(each[field]);
        found.set(text, [...(found.get(text) ?? []), each]);
      }
      return found;
    };
    this.by = { name: said('name'), number: said('number'), email: said('email') };
    this.byId = new Map(all.map((each) => [each.id, each]));
  }

  called(id: string): KnownStudent | null {
    return this.byId.get(id) ?? null;
  }

  private with(field: StudentField, text: string): readonly KnownStudent[] {
    return text === '' ? [] : (this.by[field].get(folded(text)) ?? []);
  }

  /** By what only one person has: a number, an e-mail. */
  bySign({ number, email }: ListedStudent): readonly KnownStudent[] {
    return [...new Set([...this.with('number', number), ...this.with('email', email)])];
  }

  /** Of the same name, and nothing that is said of both sets them apart. */
  byName({ name, number }: ListedStudent): readonly KnownStudent[] {
    return this.with('name', name).filter((each) => !differs(number, each.number));
  }
}

/** Of whom a colleague has, no more is said than that there is somebody. */
const calledHere = ({ stands, mayChange, name }: KnownStudent): string =>
  stands === 'elsewhere' && !mayChange ? 'somebody in a colleague’s class' : name;

function bySignAlone(row: ListedStudent, [first, ...more]: readonly KnownStudent[]): Found | null {
  if (!first) return null;
  if (more.length > 0)
    return {
      could: [first, ...more],
      why: 'Its number and its e-mail are those of different people.',
    };
  if (differs(row.number, first.number))
    return {
      could: [first],
      why: `This e-mail is that of ${calledHere(first)}, with another number.`,
    };
  const isOther = row.name !== '' && !namesakes(row.name, first.name);
  return isOther
    ? { could: [first], why: `This number or e-mail is that of ${calledHere(first)}.` }
    : { is: first };
}

function byNameAlone(row: ListedStudent, known: Known): Found {
  const alike = known.byName(row);
  const here = alike.filter(({ stands }) => stands !== 'elsewhere');
  const [one] = here;
  if (here.length > 1) return { could: here, why: 'Several in the class are called so.' };
  if (one)
    return differs(row.email, one.email)
      ? { could: [one], why: `${one.name} in the class has another e-mail.` }
      : { is: one };
  return alike.length > 0
    ? { could: alike, why: 'Somebody of this name is in another class of the house.' }
    : { is: null };
}

/** What is said differently, as far as it may be changed: what was empty is always filled. */
function changesOf(row: ListedStudent, known: KnownStudent): FieldChange[] {
  return STUDENT_FIELDS.flatMap(([field]) => {
    const [from, to] = [known[field], row[field]];
    if (to === '' || to === from) return [];
    return known.mayChange || from === '' ? [{ field, from, to }] : [];
  });
}

function becomes(known: KnownStudent, changes: readonly FieldChange[]): Becomes {
  if (known.stands === 'elsewhere') return 'joins';
  if (known.stands === 'left') return 'returns';
  return changes.length > 0 ? 'changed' : 'same';
}

class Planning {
  private readonly taken = new Set<string>();
  /** Rows of people who are new, by what sets them apart. */
  private readonly added = new Set<string>();

  constructor(
    private readonly known: Known,
    private readonly decisions: Decisions,
  ) {}

  planned(row: ListedStudent, at: number): PlannedStudent {
    const found = this.decided(at) ?? this.found(row);
    if ('could' in found) return this.doubtful(row, found.could, found.why);
    if (found.is === null) return this.somebodyNew(row, at);
    if (this.taken.has(found.is.id))
      return this.doubtful(row, [], `${found.is.name} stands in the list twice.`);
    this.taken.add(found.is.id);
    const changes = changesOf(row, found.is);
    const { id } = found.is;
    return { ...row, becomes: becomes(found.is, changes), id, changes, could: [], why: '' };
  }

  private decided(at: number): Found | null {
    const said = this.decisions[at];
    if (said === undefined) return null;
    if (said === SOMEBODY_NEW) return { is: null };
    const is = this.known.called(said);
    return is && { is };
  }

  private found(row: ListedStudent): Found {
    return bySignAlone(row, this.known.bySign(row)) ?? byNameAlone(row, this.known);
  }

  private somebodyNew(row: ListedStudent, at: number): PlannedStudent {
    const sign = folded(row.number || row.email || row.name);
    const isTwice = this.added.has(sign) && this.decisions[at] === undefined;
    this.added.add(sign);
    if (isTwice) return this.doubtful(row, [], 'It stands in the list twice.');
    return { ...row, becomes: 'new', id: null, changes: [], could: [], why: '' };
  }

  private doubtful(
    row: ListedStudent,
    could: readonly KnownStudent[],
    why: string,
  ): PlannedStudent {
    const ids = could.map(({ id }) => id);
    return { ...row, becomes: 'doubtful', id: null, changes: [], could: ids, why };
  }

  gone = (): string[] =>
    this.known.all
      .filter(({ stands, id }) => stands === 'in' && !this.taken.has(id))
      .map(({ id }) => id);
}

/**
 * What a list will do to a class: who is new, known, changed, joins from elsewhere, comes back; who can't be told without
 * being asked; and who is in the class and not in the list. A number or an e-mail says who somebody is; a name does
 * within the class only.
 */
export function planOfList(
  rows: readonly ListedStudent[],
  known: readonly KnownStudent[],
  decisions: Decisions = {},
): ListPlan {
  const planning = new Planning(new Known(known), decisions);
  const students = rows.map((row, at) => planning.planned(tidy(row), at));
  return { students, gone: planning.gone() };
}
