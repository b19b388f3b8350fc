import fc from 'fast-check';
import {
  listCellsOf,
  planOfList,
  SOMEBODY_NEW,
  studentsInTable,
  type KnownStudent,
  type ListedStudent,
} from '../src/index.js';

const read = (text: string, className?: string) =>
  studentsInTable(listCellsOf(text), { className: className ?? null });

const row = (name: string, more: Partial<ListedStudent> = {}): ListedStudent => ({
  ...{ name, number: '', email: '' },
  ...more,
});

const known = (id: string, name: string, more: Partial<KnownStudent> = {}): KnownStudent => ({
  ...row(name),
  ...{ id, stands: 'in', mayChange: true },
  ...more,
});

describe('a list of students', () => {
  test('names, one a line, with or without what sets them apart', () => {
    expect(read('Ada Holm\n\n  Tom Reed ').students).toEqual([row('Ada Holm'), row('Tom Reed')]);
    expect(read('Ada Holm\t1007\tada@quay.example\nTom Reed\t1008\t').students).toEqual([
      row('Ada Holm', { number: '1007', email: 'ada@quay.example' }),
      row('Tom Reed', { number: '1008' }),
    ]);
    expect(read('Student 1\nStudent 2').students).toEqual([row('Student 1'), row('Student 2')]);
    expect(read('Holm, Ada').students).toEqual([row('Ada Holm')]);
  });

  test('the columns of the open standard; who teaches and who has gone is left out, and told', () => {
    const { students, leftOut } = read(
      [
        'sourcedId,status,role,username,givenName,familyName,identifier,email',
        'u1,active,student,x,Ada,Holm,1007,ada@quay.example',
        'u2,active,teacher,y,Ruth,Marsh,7,ruth@quay.example',
        'u3,tobedeleted,student,z,Tom,Reed,1008,',
      ].join('\n'),
    );
    expect(students).toEqual([row('Ada Holm', { number: '1007', email: 'ada@quay.example' })]);
    expect(leftOut).toEqual([
      { row: 3, why: 'its role is teacher' },
      { row: 4, why: 'it is tobedeleted' },
    ]);
  });

  test('a list of several classes gives one of them what is its own', () => {
    const text = 'Class;Surname;First name;Student ID\nA;Holm;Ada;7\nB;Reed;Tom;8';
    expect(read(text).classes).toEqual(['A', 'B']);
    expect(read(text, 'B').students).toEqual([row('Tom Reed', { number: '8' })]);
    expect(read(text, 'B').leftOut).toEqual([{ row: 2, why: 'it is of A' }]);
  });

  test('what is no e-mail and what has no name is told with its row', () => {
    expect(read('Name;E-mail\nAda Holm;quay\n;b@quay.example').leftOut).toEqual([
      { row: 2, why: '“quay” is no e-mail' },
      { row: 3, why: 'it has no name' },
    ]);
  });
});

describe('what a list will do', () => {
  const becomes = (rows: ListedStudent[], there: KnownStudent[], said = {}) =>
    planOfList(rows, there, said).students.map((each) => each.becomes);

  test('somebody new, known, changed, from elsewhere, back; and who is gone', () => {
    const there = [
      known('ada', 'Ada Holm', { number: '7' }),
      known('tom', 'Tom Reed'),
      known('una', 'Una Vale', { number: '9', stands: 'left' }),
      known('vik', 'Vik Moss', { email: 'vik@quay.example', stands: 'elsewhere' }),
      known('zoe', 'Zoe Lind'),
    ];
    const plan = planOfList(
      [
        row('ada holm', { number: '7' }),
        row('Tom Reed', { number: '8' }),
        row('Una Vale', { number: '9' }),
        row('Vik Moss', { email: 'VIK@quay.example' }),
        row('Nils Ekko'),
      ],
      there,
    );
    expect(plan.students.map((each) => each.becomes)).toEqual([
      ...['changed', 'changed', 'returns', 'joins', 'new'],
    ]);
    expect(plan.students[1]?.changes).toEqual([{ field: 'number', from: '', to: '8' }]);
    expect(plan.gone).toEqual(['zoe']);
  });

  test('a marriage is a change of name; another person’s number is a doubt', () => {
    const there = [known('ada', 'Ada Holm', { number: '7' })];
    expect(becomes([row('Ada Reed', { number: '7' })], there)).toEqual(['changed']);
    expect(becomes([row('Nils Ekko', { number: '7' })], there)).toEqual(['doubtful']);
    expect(becomes([row('Ada Holm', { number: '8' })], there)).toEqual(['new']);
  });

  test('two of one name: never taken for each other, asked about, and settled by a word', () => {
    const elsewhere = [known('ada', 'Ada Holm', { stands: 'elsewhere' })];
    expect(planOfList([row('Ada Holm')], elsewhere).students[0]).toMatchObject({
      becomes: 'doubtful',
      could: ['ada'],
    });
    expect(becomes([row('Ada Holm')], elsewhere, { 0: 'ada' })).toEqual(['joins']);
    expect(becomes([row('Ada Holm')], elsewhere, { 0: SOMEBODY_NEW })).toEqual(['new']);
    expect(becomes([row('Ada Holm'), row('Ada Holm')], [])).toEqual(['new', 'doubtful']);
    const numbered = [row('Ada Holm', { number: '1' }), row('Ada Holm', { number: '2' })];
    expect(becomes(numbered, [])).toEqual(['new', 'new']);
  });

  test('number and e-mail of different people, an e-mail of another number: asked about', () => {
    const there = [
      known('ada', 'Ada Holm', { number: '7' }),
      known('tom', 'Tom Reed', { number: '8', email: 'tom@quay.example' }),
    ];
    const crossed = row('Ada Holm', { number: '7', email: 'tom@quay.example' });
    const other = row('Tom Reed', { number: '9', email: 'tom@quay.example' });
    expect(becomes([crossed], there)).toEqual(['doubtful']);
    expect(becomes([other], there)).toEqual(['doubtful']);
  });

  test('of whom a colleague has, too, only what was not known is filled in', () => {
    const there = [known('ada', 'Ada Holm', { number: '7', mayChange: false })];
    const [planned] = planOfList(
      [row('Ada Reed', { number: '7', email: 'ada@quay.example' })],
      there,
    ).students;
    expect(planned?.changes).toEqual([{ field: 'email', from: '', to: 'ada@quay.example' }]);
  });

  test('a property: the list that a class gives out changes nothing and misses nobody', () => {
    const listed = fc.uniqueArray(
      fc.record({ name: fc.constantFrom('Ada Holm', 'Tom Reed', 'Una Vale'), number: fc.nat(99) }),
      { selector: ({ number }) => number },
    );
    fc.assert(
      fc.property(listed, (all) => {
        const rows = all.map(({ name, number }) => row(name, { number: `n${number}` }));
        const there = rows.map((each, at) => known(`p${at}`, each.name, each));
        const plan = planOfList(rows, there);
        expect(plan.students.every((each) => each.becomes === 'same')).toBe(true);
        expect(plan.students.map(({ id }) => id)).toEqual(there.map(({ id }) => id));
        expect(plan.gone).toEqual([]);
      }),
    );
  });
});
