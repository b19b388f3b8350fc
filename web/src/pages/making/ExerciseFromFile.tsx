import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { ChooseOne } from '../../book/files/ChooseOne';
import { Refusal } from '../../platform/shell/Refusal';

const LARGEST = 8_000_000;

async function documentOf(file: File): Promise<object> {
  if (file.size > LARGEST)
    throw new Error(`“${file.name}” is larger than ${LARGEST / 1e6} MB. Is it the right file?`);
  try {
    return JSON.parse((await file.text()).replace(/^\uFEFF/, '')) as object;
  } catch {
    throw new Error(
      `“${file.name}” is no file of an exercise or a key (*.exercise.json, *.key.json). Choose another.`,
    );
  }
}

/** An exercise from a file that somebody else saved, or from that of a key. */
export function ExerciseFromFile() {
  const navigate = useNavigate();
  const take = useMutation({
    mutationFn: async (file: File) => post('exercises/file', await documentOf(file)),
    onSuccess: ({ id }) => navigate(`/exercises/${id}/brief`),
  });
  return (
    <>
      <Refusal of={take} />
      <ChooseOne
        label="From a file"
        accept=".json"
        loading={take.isPending}
        onChoose={(file) => take.mutate(file)}
      />
    </>
  );
}
