import type { CalendarRow } from '@gleddo/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Button, InputNumber, Modal, Select } from 'antd';
import { useState } from 'react';
import { get, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';
import { Refusal } from '../../platform/shell/Refusal';

/** So many weeks lie between a term and the same a year later: the days of the week stay. */
const A_YEAR = 52;

/** A term is taken over into the next: what one class had goes to another, all days moved by weeks. */
export function TakeOver({ rows }: { readonly rows: readonly CalendarRow[] }) {
  const [isOpen, setOpen] = useState(false);
  if (rows.length === 0) return null;
  return (
    <>
      <Button onClick={() => setOpen(true)}>Take it over into the next term</Button>
      {isOpen && <TakeOverDialog rows={rows} onClose={() => setOpen(false)} />}
    </>
  );
}

interface TakeOverDialogProps {
  readonly rows: readonly CalendarRow[];
  onClose(): void;
}

function TakeOverDialog({ rows, onClose }: TakeOverDialogProps) {
  const queries = useQueryClient();
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  const [from, setFrom] = useState(rows[0]?.groupId ?? '');
  const [to, setTo] = useState<string | null>(null);
  const [weeks, setWeeks] = useState(A_YEAR);
  const take = useMutation({
    mutationFn: () => post('calendar/take-over', { from, to: to ?? '', days: 7 * weeks }),
    onSuccess: ({ taken: _, ...shown }) => queries.setQueryData(['calendar'], shown),
  });
  const classes = [...new Map(rows.map(({ groupId, group }) => [groupId, group]))];
  const others = (groups.data ?? []).filter(({ id }) => id !== from);
  const many = rows.filter(({ groupId }) => groupId === from).length;
  return (
    <Modal
      open
      title="Take a term over"
      okText={`Hand ${counted(many, 'exercise')} out`}
      cancelText={take.data ? 'Done' : 'Leave it'}
      okButtonProps={{ disabled: to === null || take.isSuccess }}
      confirmLoading={take.isPending}
      onCancel={onClose}
      onOk={() => take.mutate()}
    >
      <div className="field">
        <label htmlFor="take-from">What this class had</label>
        <Select
          id="take-from"
          value={from}
          options={classes.map(([value, label]) => ({ value, label }))}
          onChange={setFrom}
        />
        <label htmlFor="take-to">goes to</label>
        <Select
          id="take-to"
          placeholder="the class that comes next"
          value={to}
          options={others.map(({ id, name }) => ({ value: id, label: name }))}
          onChange={setTo}
        />
        <label htmlFor="take-weeks">so many weeks later</label>
        <InputNumber
          id="take-weeks"
          min={-520}
          max={520}
          precision={0}
          value={weeks}
          onChange={(next) => setWeeks(next ?? A_YEAR)}
        />
      </div>
      <p className="quiet">
        Each opens and closes on the same day of the week, at the same time. What the class has
        already stays as it is.
      </p>
      {take.data && (
        <p className="is-met" role="status">
          ✓ {counted(take.data.taken, 'exercise')} handed out.
        </p>
      )}
      <Refusal of={take} />
    </Modal>
  );
}
