import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { CompanySummary, ExerciseAnswer, StartKind } from '@gleddo/contract';
import { Button, Input, Modal, Radio } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { get, post } from '../api/client';
import { useOpenBook } from '../book/open-book';

const STARTS: readonly (readonly [StartKind, string, string])[] = [
  [
    'company-only',
    'An empty book',
    'They set up every account, the opening balances and the entries.',
  ],
  ['accounts', 'The accounts', 'They enter the opening balances and the entries.'],
  ['everything', 'Everything', 'Take out of the starting point by hand what they have to do.'],
];

/** Makes an exercise from the open company: its book is the key, the start is cut down from it. */
export function MakeExercise({ bookId }: { bookId: string }) {
  const { book, saving } = useOpenBook();
  const [open, setOpen] = useState(false);
  const [title, setTitle] = useState('');
  const [start, setStart] = useState<StartKind>('company-only');
  const navigate = useNavigate();
  const queries = useQueryClient();
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get<CompanySummary[]>('companies'),
    staleTime: 0,
  });
  const make = useMutation({
    mutationFn: () => {
      const companyId = companies.data?.find((each) => each.bookId === bookId)?.id ?? '';
      return post<ExerciseAnswer>('exercises', { companyId, title, start });
    },
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: ['exercises'] });
      await navigate(`/exercises/${made.id}/brief`);
    },
  });
  return (
    <>
      <Button type="primary" onClick={() => setOpen(true)}>
        Make an exercise
      </Button>
      <Modal
        title={`An exercise from ${book.company.name}`}
        open={open}
        onCancel={() => setOpen(false)}
        okText="Make it"
        cancelText="Not now"
        confirmLoading={make.isPending}
        okButtonProps={{ disabled: saving !== 'saved' || companies.isFetching }}
        onOk={() => make.mutate()}
      >
        <p>The book as it stands becomes the answer key. It can be changed there at any time.</p>
        <label htmlFor="exercise-title">Title</label>
        <Input
          id="exercise-title"
          value={title}
          maxLength={140}
          placeholder="Such as: Quarter-end"
          onChange={(event) => setTitle(event.target.value)}
          onPressEnter={() => make.mutate()}
        />
        <fieldset className="plain-fieldset">
          <legend>What students begin with</legend>
          <Radio.Group
            value={start}
            onChange={(event) => setStart(event.target.value as StartKind)}
          >
            {STARTS.map(([value, name, says]) => (
              <Radio key={value} value={value} style={{ display: 'flex', padding: '3px 0' }}>
                <strong>{name}.</strong> <span className="quiet">{says}</span>
              </Radio>
            ))}
          </Radio.Group>
        </fieldset>
        {make.error && (
          <p className="refusal" role="alert">
            {make.error.message}
          </p>
        )}
      </Modal>
    </>
  );
}
