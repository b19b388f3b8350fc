import { bookToJson, exerciseToJson, problemExercise, type Proposal } from '@gleddo/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button, Input, Modal, Radio } from 'antd';
import { useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';
import type { Problem } from './use-problem';

type Start = 'accounts' | 'company-only';

const STARTS: readonly (readonly [Start, string, string])[] = [
  ['accounts', 'Keep the books', 'The accounts stand there: they record what happened.'],
  ['company-only', 'Build it', 'They set up the accounts from a list, then record.'],
];

const MOST_SEEDS = 1_000_000;

interface Taking {
  readonly company: string;
  readonly title: string;
  readonly start: Start;
}

const takenOf = ({ standings }: Problem): Set<number> =>
  new Set(standings.flatMap((standing, at) => (standing === 'right' ? [at] : [])));

/** What is not taken, since nobody has looked at it yet. */
function waiting({ standings }: Problem): string {
  const count = standings.filter((each) => each === 'to-look-at' || each === 'to-do').length;
  if (count === 0) return '';
  return count === 1
    ? ' One sentence still waits for a look: nothing is asked of it.'
    : ` ${count} sentences still wait for a look: nothing is asked of them.`;
}

/** The company and the exercise of a problem, made together; then one is on the exercise’s page. */
function useTake(problem: Problem) {
  const navigate = useNavigate();
  const queries = useQueryClient();
  const hasCompany = useRef(false);
  return useMutation({
    mutationFn: async ({ company: name, title, start }: Taking) => {
      const read = problem.proposal as Proposal;
      const proposal = { ...read, company: { ...read.company, name } };
      const seed = Math.floor(Math.random() * MOST_SEEDS);
      const made = problemExercise(proposal, { title, taken: takenOf(problem), start, seed });
      if (!made.ok) throw new Error(made.refusals.map(({ says }) => says).join(' '));
      // What has been made stays made: asked again, only what is missing is.
      if (!hasCompany.current) await post('companies', { book: bookToJson(made.value.key.book) });
      hasCompany.current = true;
      return (await post('exercises/file', exerciseToJson(made.value))).id;
    },
    onSuccess: async (id) => {
      problem.forget();
      await queries.invalidateQueries({ queryKey: ['companies'] });
      await queries.invalidateQueries({ queryKey: ['exercises'] });
      await navigate(`/exercises/${id}/hand-out`);
    },
  });
}

/** Takes the entries that are right: the company’s book becomes the key, the sentences become steps. */
export function TakeThem({ problem }: { readonly problem: Problem }) {
  const [open, setOpen] = useState(false);
  const name = problem.proposal?.company.name ?? '';
  const [taking, setTaking] = useState<Taking>({
    company: name,
    title: `${name}: what happened`.slice(0, 120),
    start: 'accounts',
  });
  const take = useTake(problem);
  const count = takenOf(problem).size;
  return (
    <>
      <Button type="primary" disabled={count === 0} onClick={() => setOpen(true)}>
        {count === 1 ? 'Take this one' : `Take these ${count}`}
      </Button>
      <Modal
        title="An exercise from this text"
        open={open}
        onCancel={() => setOpen(false)}
        okText="Make it"
        cancelText="Not now"
        confirmLoading={take.isPending}
        okButtonProps={{
          disabled: [taking.title, taking.company].some((said) => said.trim() === ''),
        }}
        onOk={() =>
          take.mutate({ ...taking, title: taking.title.trim(), company: taking.company.trim() })
        }
      >
        <p>
          It becomes a company of yours, its book the answer key. The sentences become the steps;
          those without an entry stay among them.{waiting(problem)}
        </p>
        <TakingFields {...{ taking }} onChange={setTaking} />
        <Refusal of={take} />
      </Modal>
    </>
  );
}

interface TakingFieldsProps {
  readonly taking: Taking;
  onChange(taking: Taking): void;
}

const TakingFields = ({ taking, onChange }: TakingFieldsProps) => (
  <>
    <div className="field">
      <label htmlFor="problem-company">The company</label>
      <Input
        id="problem-company"
        maxLength={120}
        value={taking.company}
        onChange={({ target }) => onChange({ ...taking, company: target.value })}
      />
      <label htmlFor="problem-title">The exercise’s title</label>
      <Input
        id="problem-title"
        maxLength={120}
        value={taking.title}
        onChange={({ target }) => onChange({ ...taking, title: target.value })}
      />
    </div>
    <Radio.Group
      value={taking.start}
      onChange={({ target }) => onChange({ ...taking, start: target.value as Start })}
    >
      {STARTS.map(([value, label, says]) => (
        <Radio key={value} value={value}>
          <strong>{label}</strong> <span className="quiet">{says}</span>
        </Radio>
      ))}
    </Radio.Group>
  </>
);
