import { useMutation } from '@tanstack/react-query';
import type { ExerciseAnswer } from '@gleddo/contract';
import { exerciseFromJson, writeExercise, writeKey } from '@gleddo/core';
import { Button, Dropdown } from 'antd';
import { get } from '../../platform/api/client';
import { download, fileNameOf } from '../../book/files/download';
import { Refusal } from '../../platform/shell/Refusal';

const ITEMS = [
  { key: 'exercise', label: 'The whole exercise' },
  { key: 'key', label: 'The key alone' },
];

/** Saves the exercise, or its key, as a file for others. */
export function SaveExercise({ exercise: { id, title } }: { exercise: ExerciseAnswer }) {
  const save = useMutation({
    mutationFn: async (what: string) => {
      const read = exerciseFromJson(await get(`exercises/${id}/file`));
      if (!read.ok) throw new Error(read.refusals[0]?.says);
      const text = what === 'key' ? writeKey(read.value.key) : writeExercise(read.value);
      download(`${fileNameOf(title)}.${what}.json`, 'application/json', text);
    },
  });
  return (
    <>
      <Refusal of={save} />
      <Dropdown
        autoFocus
        trigger={['click']}
        menu={{ items: ITEMS, onClick: ({ key }) => save.mutate(key) }}
      >
        <Button loading={save.isPending}>Save as a file</Button>
      </Dropdown>
    </>
  );
}
