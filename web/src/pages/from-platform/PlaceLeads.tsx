import { useMutation, useQuery } from '@tanstack/react-query';
import { mayAtLeast, type PlatformLinkRequest, type PlatformLinkShown } from '@gleddo/contract';
import { Button, Select } from 'antd';
import { useId, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { ask, get } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { BY_LABEL } from '../../platform/figures/by-label';

const NEW = 'new';

/** To which exercise, and which class, a place at the school’s platform leads: said once by who teaches there. */
export default function PlaceLeads() {
  const { id = '' } = useParams();
  const place = useQuery({
    queryKey: ['platform-link', id],
    queryFn: () => get(`platform/links/${id}`),
    staleTime: 0,
  });
  if (!place.data) return <Asking of={place} what="The place at the platform" />;
  const { title, platform } = place.data;
  return (
    <>
      <div className="sheet-head">
        <h1>
          “{title}” at {platform}
        </h1>
      </div>
      <main className="desk">
        <section className="paper narrow">
          <Leads place={place.data} />
        </section>
      </main>
    </>
  );
}

/** The exercises and classes of which one may be chosen. */
function useChoices() {
  const exercises = useQuery({ queryKey: ['exercises'], queryFn: () => get('exercises') });
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  return {
    exercises: (exercises.data ?? [])
      .filter(({ may, putAway }) => mayAtLeast(may, 'mark') && !putAway)
      .map(({ id, title }) => ({ value: id, label: title })),
    groups: (groups.data ?? [])
      .filter(({ shared }) => shared?.how !== 'assist')
      .map(({ id, name }) => ({ value: id, label: name })),
    isKnown: exercises.isSuccess && groups.isSuccess,
  };
}

function Leads({ place }: { readonly place: PlatformLinkShown }) {
  const choices = useChoices();
  if (choices.isKnown && choices.exercises.length === 0)
    return (
      <p className="notice">
        There is no exercise yet to which it could lead.{' '}
        <Link to="/exercises/shelf">Take one from the shelf</Link> or make one, then open this place
        at {place.platform} again.
      </p>
    );
  return <Choose {...{ place, choices }} />;
}

interface ChooseProps {
  readonly place: PlatformLinkShown;
  readonly choices: ReturnType<typeof useChoices>;
}

function useSetting({ id }: PlatformLinkShown) {
  const go = useNavigate();
  return useMutation({
    mutationFn: (said: PlatformLinkRequest) => ask('PUT', `platform/links/${id}`, said),
    onSuccess: ({ to }) => go(to, { replace: true }),
  });
}

function Choose({ place, choices }: ChooseProps) {
  const { course, platform, takesMarks } = place;
  const [exerciseId, setExercise] = useState(place.exerciseId);
  const [group, setGroup] = useState(place.groupId ?? NEW);
  const set = useSetting(place);
  const save = () =>
    exerciseId !== null && set.mutate({ exerciseId, ...(group === NEW ? {} : { groupId: group }) });
  const classes = [{ value: NEW, label: `a new class group “${course}”` }, ...choices.groups];
  return (
    <>
      <Chosen
        label={`Students of “${course}” who open it come to`}
        value={exerciseId}
        options={choices.exercises}
        onChange={setExercise}
      />
      <Chosen label={`“${course}” is here`} value={group} options={classes} onChange={setGroup} />
      <p className="quiet">
        The class has the exercise from then on.{' '}
        {takesMarks
          ? `Marks that you give back go to ${platform}.`
          : `${platform} takes no marks of it.`}
      </p>
      <Button type="primary" disabled={exerciseId === null} loading={set.isPending} onClick={save}>
        Let it lead there
      </Button>
      <Refusal of={set} />
    </>
  );
}

interface ChosenProps {
  readonly label: string;
  readonly value: string | null;
  readonly options: readonly { readonly value: string; readonly label: string }[];
  onChange(value: string): void;
}

function Chosen({ label, value, options, onChange }: ChosenProps) {
  const id = useId();
  return (
    <p>
      <label htmlFor={id}>{label}</label>
      <Select
        id={id}
        style={{ width: '100%' }}
        placeholder="Choose"
        value={value}
        showSearch={BY_LABEL}
        options={[...options]}
        onChange={onChange}
      />
    </p>
  );
}
