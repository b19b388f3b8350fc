import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ClassListRequest, GroupAnswer } from '@gleddo/contract';
import { done, listCellsOf, studentsInTable, type ListedStudent, type Result } from '@gleddo/core';
import { nanoid } from 'nanoid';
import { useMemo, useState } from 'react';
import { post } from '../../platform/api/client';
import { useKept } from '../../platform/kept/use-kept';
import { useSettled } from '../../platform/kept/use-settled';
import { usePastedCells } from '../../book/files/use-pasted-cells';

type Cells = readonly (readonly string[])[];

const read = (text: string): Result<Cells> => done(listCellsOf(text));

const OF_BOOK =
  'This file is a company’s book, not a list of students. Choose the list of the class.';

/** What was asked to be done, under its name: kept until it is, so that it is done once. */
interface Asked {
  readonly token: string;
  readonly list: string;
}

/** What a row says, by which what was decided of it is found again wherever the row stands. */
const saysOf = (student: ListedStudent): string =>
  JSON.stringify([student.name, student.number, student.email]);

/** What is decided of a list by hand. */
function useDecided(students: readonly ListedStudent[]) {
  const [of, setOf] = useState<Readonly<Record<string, string>>>({});
  const [takeOut, setTakeOut] = useState<readonly string[]>([]);
  const same = useMemo(
    () =>
      Object.fromEntries(
        students.flatMap((student, at) => {
          const who = of[saysOf(student)];
          return who === undefined ? [] : [[at, who] as const];
        }),
      ),
    [students, of],
  );
  const decide = (at: number, who: string) => {
    const student = students[at];
    if (student) setOf({ ...of, [saysOf(student)]: who });
  };
  const forget = () => {
    setOf({});
    setTakeOut([]);
  };
  return { same, takeOut, decide, setTakeOut, forget };
}

/** The students of the cells; of one class where the list names several. */
function useTable(cells: Cells | null, name: string) {
  const [chosen, setClass] = useState<string | null>(null);
  const table = useMemo(() => {
    const all = studentsInTable(cells ?? []);
    const [first] = all.classes;
    if (all.classes.length < 2 || first === undefined) return { ...all, of: null };
    const of = chosen ?? all.classes.find((each) => each === name) ?? first;
    return { ...studentsInTable(cells ?? [], { className: of }), of };
  }, [cells, chosen, name]);
  return { table, setClass };
}

/** What a list would do, asked for once nobody types. */
function usePlan(id: string, list: ClassListRequest) {
  const settled = useSettled(list);
  const some = settled.students.length > 0;
  const look = useQuery({
    queryKey: ['class-list', id, settled],
    queryFn: () => post(`groups/${id}/list`, settled),
    enabled: some,
    placeholderData: (before) => (some ? before : undefined),
    staleTime: 0,
  });
  return { look, plan: look.data, isCurrent: settled === list && !look.isPlaceholderData };
}

/** A list as it is pasted, what it would do, and its being done: once, however often it is asked for. */
export function useClassList({ id, name }: GroupAnswer) {
  const queries = useQueryClient();
  const pasted = usePastedCells({ name: `students.${id}`, ofBook: OF_BOOK, read });
  const { table, setClass } = useTable(pasted.cells, name);
  const decided = useDecided(table.students);
  const [asked, setAsked, forgetAsked] = useKept<Asked | null>(`students-asked.${id}`, null);
  const { same, takeOut } = decided;
  const list = useMemo(() => ({ students: [...table.students], same }), [table, same]);
  const take = useMutation({
    mutationFn: () => {
      const said = JSON.stringify(list);
      const token = asked?.list === said ? asked.token : nanoid();
      setAsked({ token, list: said });
      return post(`groups/${id}/members`, { ...list, takeOut: [...takeOut], token });
    },
    onSuccess: async () => {
      for (const each of [pasted, decided]) each.forget();
      forgetAsked();
      setClass(null);
      for (const key of [['group', id], ['groups'], ['class-list', id]])
        await queries.invalidateQueries({ queryKey: key });
    },
  });
  return { pasted, table, setClass, ...usePlan(id, list), decided, take };
}
