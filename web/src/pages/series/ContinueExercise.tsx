import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { ContinueRequest, ExerciseAnswer } from '@gleddo/contract';
import { proposedGoes, TRADES, type AccountGoes } from '@gleddo/core';
import { Button, Checkbox, Input, Modal, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { useBookOf } from '../../book/open-book/book-of';
import { Refusal } from '../../platform/shell/Refusal';
import { GoesTable } from './GoesTable';
import styles from './series.module.css';

/** The next exercise of a series: from the key of this one, closed and carried forward. */
export function ContinueExercise({ exercise }: { exercise: ExerciseAnswer }) {
  const [open, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Next of the series</Button>
      <Modal
        title={`What comes after “${exercise.title}”`}
        open={open}
        width={720}
        footer={null}
        destroyOnHidden
        onCancel={() => setOpen(false)}
      >
        <NextForm exercise={exercise} />
      </Modal>
    </>
  );
}

interface Chosen {
  readonly title: string;
  readonly companyName: string;
  readonly ownWork: boolean;
  readonly trade: string | null;
  readonly goes: readonly AccountGoes[];
}

function requestOf({ title, companyName, ownWork, trade, goes }: Chosen): ContinueRequest {
  const moved = goes.filter((each) => each.goes !== 'stays');
  return {
    title,
    ...(ownWork ? { ownWork } : {}),
    ...(companyName.trim() === '' ? {} : { companyName: companyName.trim() }),
    ...(trade === null ? {} : { trade }),
    ...(moved.length === 0 ? {} : { goes: moved }),
  };
}

function useContinue(exercise: ExerciseAnswer) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (chosen: Chosen) => post(`exercises/${exercise.id}/continue`, requestOf(chosen)),
    onSuccess: (next) => {
      void queries.invalidateQueries({ queryKey: ['exercises'] });
      void queries.invalidateQueries({ queryKey: ['exercise', exercise.id] });
      void navigate(`/exercises/${next.id}/key/journal`);
    },
  });
}

function NextForm({ exercise }: { exercise: ExerciseAnswer }) {
  const book = useBookOf(exercise.keyBookId);
  const go = useContinue(exercise);
  const [chosen, setChosen] = useState<Chosen>({
    ...{ title: `${exercise.title}, the next year`, companyName: '', ownWork: false },
    ...{ trade: null, goes: [] },
  });
  const put = (to: Partial<Chosen>) => setChosen({ ...chosen, ...to });
  const intoTrade = (trade: string | null) =>
    put({ trade, goes: trade === null || !book ? [] : proposedGoes(book, trade), ownWork: false });
  return (
    <div className={styles['form']}>
      <p>{SAYS}</p>
      <TextField label="Title" value={chosen.title} onValue={(title) => put({ title })} />
      <Checkbox
        checked={chosen.ownWork}
        disabled={chosen.trade !== null}
        onChange={(event) => put({ ownWork: event.target.checked })}
      >
        Each student goes on with their own work{' '}
        <span className="quiet">what was wrong before costs nothing again</span>
      </Checkbox>
      <Trade trade={chosen.trade} onTrade={intoTrade} />
      <TextField
        label="Name of the company ({student}: the student’s name)"
        value={chosen.companyName}
        placeholder={exercise.company}
        onValue={(companyName) => put({ companyName })}
      />
      {book && chosen.trade !== null && (
        <GoesTable book={book} goes={chosen.goes} onGoes={(goes) => put({ goes })} />
      )}
      <Refusal of={go} />
      <Button type="primary" loading={go.isPending} onClick={() => go.mutate(chosen)}>
        Make the next exercise
      </Button>
    </div>
  );
}

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly placeholder?: string;
  onValue(value: string): void;
}

const TextField = ({ label, value, placeholder = '', onValue }: TextFieldProps) => (
  <label>
    {label}
    <Input
      {...{ value, placeholder }}
      maxLength={120}
      onChange={(event) => onValue(event.target.value)}
    />
  </label>
);

const SAYS =
  'Its key begins with the key of this exercise: the year closed, the balances carried forward. What happens in the next year you then enter in the key.';

const SAME = 'same';

const Trade = ({
  trade,
  onTrade,
}: {
  trade: string | null;
  onTrade(trade: string | null): void;
}) => (
  <label>
    The company
    <Select
      aria-label="The company"
      style={{ width: '100%' }}
      value={trade ?? SAME}
      options={[
        { value: SAME, label: 'stays what it is' },
        ...TRADES.map(({ id, name }) => ({ value: id, label: `becomes: ${name}` })),
      ]}
      onChange={(to: string) => onTrade(to === SAME ? null : to)}
    />
  </label>
);
