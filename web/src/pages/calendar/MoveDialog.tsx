import { momentSaid } from '@gleddo/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Modal } from 'antd';
import { useState } from 'react';
import { Link } from 'react-router';
import { ask } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';
import { MomentField } from '../../platform/times/MomentField';
import { useNow } from '../../platform/times/use-now';
import type { OnDay } from './days';

/** What is to be moved, and when it is to be then. */
export interface Moving {
  readonly of: OnDay;
  readonly to: string;
}

interface MoveDialogProps {
  readonly moving: Moving;
  readonly zone: string;
  onClose(): void;
}

function useMove({ what, row }: OnDay, onDone: () => void) {
  const queries = useQueryClient();
  const { exerciseId, groupId, opensAt, closesAt, late } = row;
  return useMutation({
    mutationFn: (at: string | null) =>
      ask('PUT', `exercises/${exerciseId}/times`, {
        ...{ groupId, opensAt, closesAt, late },
        [what === 'opens' ? 'opensAt' : 'closesAt']: at,
      }),
    onSuccess: async () => {
      await queries.invalidateQueries();
      onDone();
    },
  });
}

/** Says what moving means before it is done: from when to when, and for whom who has begun. */
export function MoveDialog({ moving: { of, to }, zone, onClose }: MoveDialogProps) {
  const [at, setAt] = useState<string | null>(to);
  const move = useMove(of, onClose);
  const { what, row } = of;
  return (
    <Modal
      open
      title={`“${row.title}” ${what}`}
      okText={what === 'opens' ? 'Let it open then' : 'Let it close then'}
      cancelText="Leave it"
      confirmLoading={move.isPending}
      okButtonProps={{ disabled: at === of.at }}
      onCancel={onClose}
      onOk={() => move.mutate(at)}
    >
      <WhenThen of={of} zone={zone} at={at} onChange={setAt} />
      <Refusal of={move} />
    </Modal>
  );
}

interface WhenThenProps {
  readonly of: OnDay;
  readonly zone: string;
  readonly at: string | null;
  onChange(at: string | null): void;
}

/** From when or until when a class has it, and from now on. */
function WhenThen({ of, zone, at, onChange }: WhenThenProps) {
  const { what, row } = of;
  const now = useNow();
  return (
    <>
      <p>
        {row.group} has it {what === 'opens' ? 'from' : 'until'}{' '}
        {momentSaid(Date.parse(of.at), zone, now)}. From now on:
      </p>
      <p>
        <MomentField
          label={what === 'opens' ? 'Opens' : 'Closes'}
          none={what === 'opens' ? 'at once' : 'never'}
          {...{ zone, value: at }}
          onChange={onChange}
        />
      </p>
      <WhatItMeans of={of} at={at} />
      <p className="quiet">
        <Link to={`/exercises/${row.exerciseId}/hand-out`}>All that was said of its times</Link>
      </p>
    </>
  );
}

function WhatItMeans({
  of: { what, row },
  at,
}: {
  readonly of: OnDay;
  readonly at: string | null;
}) {
  const now = useNow();
  if (row.begun === 0) return <p className="quiet">Nobody has begun.</p>;
  const open = row.begun - row.handedIn;
  const who = `${counted(row.begun, 'student')} ${row.begun === 1 ? 'has' : 'have'} begun, ${row.handedIn} handed in`;
  const isShut = what === 'closes' && at !== null && Date.parse(at) < now;
  if (isShut && row.late === 'refused' && open > 0)
    return (
      <p className="notice">
        {who}. That is over already: what is still open ({open}) is handed in as it stands, within
        seconds.
      </p>
    );
  return (
    <p className="quiet">
      {who}.{what === 'opens' && ' They keep working, whenever it opens for others.'}
    </p>
  );
}
