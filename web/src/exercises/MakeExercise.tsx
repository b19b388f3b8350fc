import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { CompanySummary, ExerciseAnswer } from '@gleddo/contract';
import { TRADES, type Planting, type StartKind } from '@gleddo/core';
import { Button, Checkbox, Input, Modal, Radio, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { get, post } from '../api/client';
import { useOpenBook } from '../book/open-book';
import { FaultCounts } from './FaultCounts';
import { FromMoment } from './FromMoment';
import { useMaking } from './use-making';

const STARTS: readonly (readonly [StartKind, string, string])[] = [
  [
    'company-only',
    'Build it',
    'An empty book, or a starter chart: they set up accounts, opening balances and entries.',
  ],
  ['accounts', 'Keep the books', 'The accounts: they enter opening balances and entries.'],
  ['place-them', 'Place them', 'The accounts without places: they put each where it belongs.'],
  ['number-them', 'Number them', 'The accounts in their places, without numbers.'],
  ['mend-it', 'Mend it', 'The whole book with faults planted in it: they find and mend them.'],
  ['everything', 'The whole book', 'Take out of it by hand what they have to do.'],
];

const FIRST_PLANTING: Planting = {
  faults: { 'wrong-statement': 1, 'wrong-section': 1, 'number-outside-band': 1 },
  seed: 1,
};

/** Makes an exercise from the open company: its book is the key, the start is cut down from it. */
export function MakeExercise({ bookId }: { bookId: string }) {
  const { book, saving } = useOpenBook();
  const [open, setOpen] = useMaking();
  const [title, setTitle] = useState('');
  const [start, setStart] = useState<StartKind>('company-only');
  const [planting, setPlanting] = useState(FIRST_PLANTING);
  const [moment, setMoment] = useState<number | null>(null);
  const [asksSides, setAsksSides] = useState(false);
  const [trade, setTrade] = useState('');
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
      const faults = start === 'mend-it' ? planting : {};
      const from = moment === null ? {} : { moment };
      const sides = start === 'place-them' ? { asksSides } : {};
      const onStarter = start === 'company-only' && trade !== '';
      const built = onStarter ? { start: 'starter-chart', trade } : { start };
      const request = { companyId, title, ...built, ...faults, ...from, ...sides };
      return post<ExerciseAnswer>('exercises', request);
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
        width={640}
        style={{ top: 32 }}
        onCancel={() => setOpen(false)}
        okText="Make it"
        cancelText="Not now"
        confirmLoading={make.isPending}
        okButtonProps={{ disabled: saving !== 'saved' || companies.isFetching }}
        onOk={() => make.mutate()}
      >
        <FromMoment bookId={bookId} enabled={open} moment={moment} onChoose={setMoment} />
        <label htmlFor="exercise-title">Title</label>
        <Input
          id="exercise-title"
          value={title}
          maxLength={120}
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
        {start === 'company-only' && (
          <div className="field">
            <label htmlFor="exercise-starter">They begin with</label>
            <Select
              id="exercise-starter"
              value={trade}
              options={[
                { value: '', label: 'an empty book' },
                ...TRADES.map(({ id, name }) => ({
                  value: id,
                  label: `the starter chart: ${name}`,
                })),
              ]}
              onChange={setTrade}
            />
          </div>
        )}
        {start === 'place-them' && (
          <Checkbox checked={asksSides} onChange={(event) => setAsksSides(event.target.checked)}>
            Ask for the normal side of each account, too
          </Checkbox>
        )}
        {start === 'mend-it' && <FaultCounts planting={planting} onChange={setPlanting} />}
        {make.error && (
          <p className="refusal" role="alert">
            {make.error.message}
          </p>
        )}
      </Modal>
    </>
  );
}
