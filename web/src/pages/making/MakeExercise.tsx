import type { NewExerciseRequest } from '@gleddo/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { TRADES, type Planting, type StartKind } from '@gleddo/core';
import { Button, Checkbox, Input, Modal, Radio, Select } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { get, post } from '../../platform/api/client';
import { useOpenBook } from '../../book/open-book/open-book';
import { FaultCounts } from './FaultCounts';
import { FIRST_PLANTING } from './first-planting';
import { FromMoment } from './FromMoment';
import { useMaking } from './use-making';
import { Refusal } from '../../platform/shell/Refusal';
import styles from './exercises.module.css';

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

/** What an exercise is made from, as it is chosen. */
interface Choices {
  readonly title: string;
  readonly start: StartKind;
  readonly planting: Planting;
  readonly moment: number | null;
  readonly asksSides: boolean;
  /** The trade whose starter chart students begin with; empty: an empty book. */
  readonly trade: string;
}

const FIRST_CHOICES: Choices = {
  ...{ title: '', start: 'company-only', planting: FIRST_PLANTING },
  ...{ moment: null, asksSides: false, trade: '' },
};

/** What is asked of the server: only what belongs to the kind chosen. */
function requestOf({
  title,
  start,
  planting,
  moment,
  asksSides,
  trade,
}: Choices): Omit<NewExerciseRequest, 'companyId'> {
  const onStarter = start === 'company-only' && trade !== '';
  return {
    title,
    ...(onStarter ? { start: 'starter-chart', trade } : { start }),
    ...(start === 'mend-it' ? planting : {}),
    ...(moment === null ? {} : { moment }),
    ...(start === 'place-them' ? { asksSides } : {}),
  };
}

function useMake(bookId: string, choices: Choices) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get('companies'),
    staleTime: 0,
  });
  const make = useMutation({
    mutationFn: () => {
      const companyId = companies.data?.find((each) => each.bookId === bookId)?.id ?? '';
      return post('exercises', { companyId, ...requestOf(choices) });
    },
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: ['exercises'] });
      await navigate(`/exercises/${made.id}/brief`);
    },
  });
  return { make, isReady: !companies.isFetching };
}

/** Makes an exercise from the open company: its book is the key, the start is cut down from it. */
export function MakeExercise({ bookId }: { bookId: string }) {
  const { book, saving } = useOpenBook();
  const [open, setOpen] = useMaking();
  const [choices, setChoices] = useState(FIRST_CHOICES);
  const { make, isReady } = useMake(bookId, choices);
  const set = (rest: Partial<Choices>) => setChoices({ ...choices, ...rest });
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
        okButtonProps={{ disabled: saving !== 'saved' || !isReady }}
        onOk={() => make.mutate()}
      >
        <FromMoment
          {...{ bookId, enabled: open, moment: choices.moment }}
          onChoose={(moment) => set({ moment })}
        />
        <TitleAndStart {...{ choices, set }} onEnter={() => make.mutate()} />
        <OfTheKind {...{ choices, set }} />
        <Refusal of={make} />
      </Modal>
    </>
  );
}

interface ChoosingProps {
  readonly choices: Choices;
  set(rest: Partial<Choices>): void;
}

function TitleAndStart({ choices, set, onEnter }: ChoosingProps & { onEnter(): void }) {
  return (
    <>
      <label htmlFor="exercise-title">Title</label>
      <Input
        id="exercise-title"
        value={choices.title}
        maxLength={120}
        placeholder="Such as: Quarter-end"
        onChange={(event) => set({ title: event.target.value })}
        onPressEnter={onEnter}
      />
      <fieldset className={styles['fieldset']}>
        <legend>What students begin with</legend>
        <Radio.Group
          value={choices.start}
          onChange={(event) => set({ start: event.target.value as StartKind })}
        >
          {STARTS.map(([value, name, says]) => (
            <Radio key={value} value={value} style={{ display: 'flex', padding: '3px 0' }}>
              <strong>{name}.</strong> <span className="quiet">{says}</span>
            </Radio>
          ))}
        </Radio.Group>
      </fieldset>
    </>
  );
}

const STARTERS = [
  { value: '', label: 'an empty book' },
  ...TRADES.map(({ id, name }) => ({ value: id, label: `the starter chart: ${name}` })),
];

/** What the kind of exercise chosen asks besides. */
function OfTheKind({ choices, set }: ChoosingProps) {
  const { start, trade, asksSides, planting } = choices;
  if (start === 'mend-it')
    return <FaultCounts planting={planting} onChange={(given) => set({ planting: given })} />;
  if (start === 'place-them')
    return (
      <Checkbox checked={asksSides} onChange={(event) => set({ asksSides: event.target.checked })}>
        Ask for the normal side of each account, too
      </Checkbox>
    );
  if (start !== 'company-only') return null;
  return (
    <div className="field">
      <label htmlFor="exercise-starter">They begin with</label>
      <Select
        id="exercise-starter"
        value={trade}
        options={STARTERS}
        onChange={(chosen: string) => set({ trade: chosen })}
      />
    </div>
  );
}
