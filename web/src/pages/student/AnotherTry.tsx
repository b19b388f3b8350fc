import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { EarlierTry, MyTryDetail } from '@gleddo/contract';
import { Button, Popconfirm } from 'antd';
import { Fragment } from 'react';
import { Link, useNavigate } from 'react-router';
import { get, post } from '../../platform/api/client';
import { ordinal } from '../../platform/figures/ordinal';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { COUNTS_SAID } from '../../platform/times/times-said';
import { GivenBack } from './GivenBack';

const markOf = ({ points, of }: EarlierTry): string =>
  points === null ? '' : ` (${String(points)} of ${String(of)})`;

/** What was tried before, what counts, and another try where one is left. */
export function AnotherTry({ mine }: { readonly mine: MyTryDetail }) {
  const { earlier, mayTryAgain, counted, times } = mine;
  if (earlier.length === 0 && !mayTryAgain) return null;
  return (
    <div className="notice-line" role="note">
      <span>
        Your {ordinal(earlier.length + 1)} try of {times.tries}; {COUNTS_SAID[times.counts]}
        {counted !== null && `: ${String(counted.points)} of ${String(counted.of)}`}.{' '}
        <EarlierTries mine={mine} />
      </span>
      {mayTryAgain && <BeginAgain mine={mine} />}
    </div>
  );
}

interface EarlierTriesProps {
  readonly mine: MyTryDetail;
  /** Where there is little room. */
  readonly isShort?: boolean;
}

/** The ways to the tries before. */
export const EarlierTries = ({ mine, isShort = false }: EarlierTriesProps) => (
  <>
    {mine.earlier.map((each, i) => (
      <Fragment key={each.number}>
        {i > 0 && ', '}
        <Link to={`/mine/${mine.exerciseId}/earlier/${String(each.number)}`}>
          {isShort
            ? `${ordinal(each.number)} try`
            : `your ${ordinal(each.number)} try${markOf(each)}`}
        </Link>
      </Fragment>
    ))}
  </>
);

const WHAT_HAPPENS =
  'It begins from the start. This one stays as it was given back to you, and can be looked at.';

function BeginAgain({ mine: { exerciseId, times } }: { readonly mine: MyTryDetail }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const begin = useMutation({
    mutationFn: () => post(`my-exercises/${exerciseId}/begin-again`),
    onSuccess: (begun) => {
      queries.setQueryData(['mine', exerciseId], begun);
      return navigate(`/mine/${exerciseId}/chart`);
    },
  });
  const lasts = times.minutes === null ? '' : ` You have ${String(times.minutes)} minutes for it.`;
  return (
    <>
      <Refusal of={begin} />
      <Popconfirm
        title="Begin another try?"
        description={<span>{WHAT_HAPPENS + lasts}</span>}
        okText="Begin another try"
        cancelText="Not now"
        onConfirm={() => begin.mutate()}
      >
        <Button loading={begin.isPending}>Try again</Button>
      </Popconfirm>
    </>
  );
}

/** A try of before, as it was given back. */
export function EarlierGivenBack({
  mine,
  number,
}: {
  readonly mine: MyTryDetail;
  readonly number: string;
}) {
  const { exerciseId } = mine;
  const earlier = useQuery({
    queryKey: ['mine', exerciseId, 'earlier', number],
    queryFn: () => get(`my-exercises/${exerciseId}/earlier/${number}`),
  });
  if (!earlier.data) return <Asking of={earlier} what="This try" />;
  return (
    <GivenBack mine={earlier.data} isEarlier>
      <div className="notice-line" role="note">
        <span>
          Your {ordinal(Number(number))} try, as it was given back.{' '}
          <Link to={`/mine/${exerciseId}`}>To your {ordinal(mine.earlier.length + 1)} try</Link>
        </span>
      </div>
    </GivenBack>
  );
}
