import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { ExerciseAnswer, Rehearsal, RehearsalMarks } from '@gleddo/contract';
import { Button, Popconfirm } from 'antd';
import { useEffect } from 'react';
import { Navigate, useNavigate } from 'react-router';
import type { Planting } from '@gleddo/core';
import { get, post } from '../api/client';
import { OpenBook, useOpenBook } from '../book/open-book';
import { OwnMarked } from '../results/OwnMarked';
import { Asking } from '../shell/Asking';
import { BeginPaper } from '../work/BeginPaper';
import { BesideBrief } from '../work/BesideBrief';
import { BookSays, BookTools } from '../work/BookTools';
import { WORK_PARTS, TryTabs } from '../work/WorkView';
import { SpoilCopy, type Begin } from './SpoilCopy';

const BEGINNING =
  'You get a book from the starting point, with the help that students have, and marks at any moment. It counts nowhere; nobody else sees it.';

const AS_STUDENTS = 'As your students have it; yours counts nowhere.';
const SPOILT = 'A copy of the key with faults in it; it counts nowhere.';

const PARTS = [...WORK_PARTS, ['marks', 'Marks']] as const;

interface TryItProps {
  readonly exercise: ExerciseAnswer;
  readonly part: string;
}

/** The instructor's own try, begun from the start or from a copy of the key with faults in it. */
function useRehearsal(exerciseId: string) {
  const path = `exercises/${exerciseId}/rehearsal`;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const queryKey = ['rehearsal', exerciseId];
  const rehearsal = useQuery({ queryKey, queryFn: () => get<Rehearsal>(path), staleTime: 0 });
  const begin: Begin = useMutation({
    mutationFn: (planting) =>
      planting ? post(`${path}/spoil`, spoilt(planting)) : post(`${path}/begin`),
    onSuccess: (begun, planting) => {
      queries.setQueryData(queryKey, begun);
      if (planting) void navigate(`/exercises/${exerciseId}/try/marks`);
    },
  });
  return { path, rehearsal, begin };
}

/** The exercise as a student has it, to be tried by the instructor: it counts nowhere. */
export function TryItView({ exercise, part }: TryItProps) {
  const { path, rehearsal, begin } = useRehearsal(exercise.id);
  const base = `/exercises/${exercise.id}/try`;
  if (!rehearsal.data) return <Asking of={rehearsal} what="Your try" />;
  const { bookId, spoilt } = rehearsal.data;
  if (bookId === null)
    return (
      <BeginPaper
        brief={exercise.brief}
        says={BEGINNING}
        begin={{ ...begin, mutate: () => begin.mutate(null) }}
      >
        <h2>Try it as a student</h2>
        <SpoilCopy begin={begin} />
      </BeginPaper>
    );
  if (!PARTS.some(([known]) => known === part)) return <Navigate to={`${base}/chart`} replace />;
  return (
    <OpenBook id={bookId} key={bookId}>
      <div className="sub-head">
        <TryTabs base={base} parts={PARTS} />
        <span className="mark-says">{spoilt ? SPOILT : AS_STUDENTS}</span>
        <div className="actions">
          <BookTools />
          <SpoilCopy begin={begin} />
          <BeginAgain isPending={begin.isPending} onBegin={() => begin.mutate(null)} />
        </div>
      </div>
      <BookSays />
      {part === 'marks' ? (
        <Marks path={path} />
      ) : (
        <BesideBrief brief={exercise.brief} part={part} />
      )}
    </OpenBook>
  );
}

const spoilt = ({ faults, seed }: Planting) => ({ faults, seed });

function BeginAgain({ isPending, onBegin }: { isPending: boolean; onBegin(): void }) {
  return (
    <Popconfirm
      title="Begin again from the starting point?"
      description="What you did in this try is left behind."
      okText="Begin again"
      cancelText="Go on"
      onConfirm={onBegin}
    >
      <Button loading={isPending}>Begin again</Button>
    </Popconfirm>
  );
}

/** What the checks say of the try as it has been saved; told anew whenever it changes. */
function Marks({ path }: { path: string }) {
  const { book, saving } = useOpenBook();
  const { mutate, data, error } = useMutation({
    mutationFn: () => post<RehearsalMarks>(`${path}/check`),
  });
  useEffect(() => {
    if (saving === 'saved') mutate();
  }, [mutate, book, saving]);
  if (!data || error)
    return <Asking of={{ error, refetch: () => mutate() }} what="What the checks say" />;
  return <OwnMarked work={book} notes={[]} {...data} />;
}
