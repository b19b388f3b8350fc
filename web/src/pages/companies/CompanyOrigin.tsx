import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, Modal } from 'antd';
import { useState } from 'react';
import { get, post } from '../../platform/api/client';
import { Asking } from '../../platform/shell/Asking';
import { Refusal } from '../../platform/shell/Refusal';
import { ChangedInOrigin } from '../versions/ChangedInOrigin';
import { TakenOver } from '../versions/TakenOver';

interface CompanyOriginProps {
  readonly id: string;
}

/** What became of the company of which this one is a copy, and whether it is done here, too. */
export function CompanyOrigin({ id }: CompanyOriginProps) {
  const [isOpen, setOpen] = useState(false);
  return (
    <>
      <Button onClick={() => setOpen(true)}>Origin</Button>
      {isOpen && (
        <Modal
          open
          title="The company that this one is a copy of"
          footer={null}
          onCancel={() => setOpen(false)}
        >
          <Origin id={id} />
        </Modal>
      )}
    </>
  );
}

function Origin({ id }: CompanyOriginProps) {
  const queries = useQueryClient();
  const queryKey = ['company-origin', id];
  const path = `companies/${id}/origin` as const;
  const origin = useQuery({ queryKey, queryFn: () => get(path), staleTime: 0, gcTime: 0 });
  const take = useMutation({
    mutationFn: () => post(`${path}/book`),
    onSuccess: () => queries.invalidateQueries({ queryKey }),
  });
  if (!origin.data) return <Asking of={origin} what="What it is a copy of" />;
  const { name, by, book } = origin.data;
  return (
    <>
      <p>
        “{name}”, {by}’s.{' '}
        {book.count === 0 && !take.data && 'Nothing was changed there since this copy was taken.'}
      </p>
      {take.data && <TakenOver {...take.data} />}
      <Refusal of={take} />
      {book.count > 0 && (
        <p>
          <Button type="primary" loading={take.isPending} onClick={() => take.mutate()}>
            Take over what still fits
          </Button>
        </p>
      )}
      <ChangedInOrigin name="Its book" of={book} />
    </>
  );
}
