import { useQuery } from '@tanstack/react-query';
import type { ExerciseSummary } from '@gleddo/contract';
import { Button, Dropdown } from 'antd';
import { Link, useNavigate } from 'react-router';
import { get } from '../../platform/api/client';
import { LeavingList } from '../../platform/leaving/LeavingList';
import { useDeleting } from '../../platform/leaving/use-deleting';
import { stateOf, useExercises } from '../../exercise/exercise-list/use-exercises';
import { ButtonLink } from '../../platform/shell/ButtonLink';
import { ListPage } from '../../platform/shell/ListPage';
import { theirsSaid } from '../../platform/sharing/shared-words';
import { usePutAway } from '../../platform/shell/use-put-away';
import { ExerciseFromFile } from '../making/ExerciseFromFile';
import { makingAddress } from '../making/use-making';

const aboutOf = ({ company, after, by, may }: ExerciseSummary): string =>
  [company, after === null ? '' : `continues “${after}”`, theirsSaid(by, may)]
    .filter((part) => part !== '')
    .join(' · ');

/** The instructor's exercises, the newest first. */
export default function ExercisesPage() {
  const exercises = useExercises();
  const putAway = usePutAway('exercises');
  const { onDelete, dialog } = useDeleting('exercise');
  return (
    <ListPage
      title="Exercises"
      of={exercises}
      actions={
        <>
          <ExerciseFromFile />
          <ButtonLink to="/exercises/from-a-text">From a problem’s text</ButtonLink>
          <ButtonLink to="/exercises/shelf">From the shelf</ButtonLink>
          <MakeFrom />
        </>
      }
      acts={{ onPutAway: putAway, onDelete }}
      rows={exercises.data?.map((exercise) => ({
        key: exercise.id,
        to: `/exercises/${exercise.id}/brief`,
        name: exercise.title,
        about: aboutOf(exercise),
        stands: stateOf(exercise),
        putAway: exercise.putAway,
        isOthers: exercise.by !== null,
      }))}
      empty={
        <>
          No exercise yet. Take a ready one from the <Link to="/exercises/shelf">shelf</Link>; or
          make your own from one of your <Link to="/companies">companies</Link>, whose book becomes
          the key, or from a <Link to="/exercises/from-a-text">problem’s text</Link>.
        </>
      }
    >
      <LeavingList which={({ kind }) => kind === 'exercise'} />
      {dialog}
    </ListPage>
  );
}

/** From which company the new exercise is made. */
function MakeFrom() {
  const navigate = useNavigate();
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get('companies'),
  });
  const items = (companies.data ?? [])
    .filter(({ putAway }) => !putAway)
    .map(({ bookId, name }) => ({
      key: bookId,
      label: `from ${name}`,
    }));
  if (items.length === 0) return null;
  return (
    <Dropdown
      autoFocus
      trigger={['click']}
      menu={{ items, onClick: ({ key }) => void navigate(makingAddress(key)) }}
    >
      <Button type="primary">Make an exercise</Button>
    </Dropdown>
  );
}
