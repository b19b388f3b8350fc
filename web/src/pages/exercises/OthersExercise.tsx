import { useMutation, useQueryClient } from '@tanstack/react-query';
import { mayAtLeast, type ExerciseAnswer } from '@gleddo/contract';
import { Button, ConfigProvider } from 'antd';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';

const SAYS = {
  look: 'shared with you to look at',
  assist: 'handed out to a class in which you assist',
  mark: 'handed out to a class that you teach along',
} as const;

interface OthersProps {
  readonly exercise: ExerciseAnswer;
  /** Whether what is shown is for who marks, too: the times of their class. */
  readonly isMarking: boolean;
  readonly children: ReactNode;
}

/** A colleague’s exercise that one may not change: this is said, nothing in it can be pressed, and a copy is one’s own. */
export function OthersExercise({ exercise, isMarking, children }: OthersProps) {
  const { may, by } = exercise;
  if (may === 'own' || may === 'change') return children;
  return (
    <>
      <div className="notice-line" role="note">
        <span>
          This exercise is {by}’s, {SAYS[may]}.
        </span>
        <TakeCopy exercise={exercise} />
      </div>
      <ConfigProvider componentDisabled={!(isMarking && may === 'mark')}>{children}</ConfigProvider>
    </>
  );
}

function TakeCopy({ exercise }: { exercise: ExerciseAnswer }) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const copy = useMutation({
    mutationFn: () => post(`exercises/${exercise.id}/copy`),
    onSuccess: ({ id }) => {
      void queries.invalidateQueries({ queryKey: ['exercises'] });
      return navigate(`/exercises/${id}/brief`);
    },
  });
  return (
    <>
      <Button loading={copy.isPending} onClick={() => copy.mutate()}>
        Take a copy of your own
      </Button>
      <Refusal of={copy} />
    </>
  );
}

/** Whether one may mark what classes do with it. */
export const maySeeWorks = ({ may }: ExerciseAnswer): boolean => mayAtLeast(may, 'assist');
