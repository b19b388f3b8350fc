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

/** What goes from whom to whom, and how much later. */
interface Wish {
  readonly from: string;
  readonly to: string | null;
  readonly weeks: number;
}

interface TakeOverDialogProps {
  readonly rows: readonly CalendarRow[];
  onClose(): void;
}

function TakeOverDialog({ rows, onClose }: TakeOverDialogProps) {
  const queries = useQueryClient();
  const [wish, setWish] = useState<Wish>({ from: rows[0]?.groupId ?? '', to: null, weeks: A_YEAR });
  const { from, to, weeks } = wish;
  const take = useMutation({
    mutationFn: () => post('calendar/take-over', { from, to: to ?? '', days: 7 * weeks }),
    onSuccess: ({ taken: _, ...shown }) => queries.setQueryData(['calendar'], shown),
  });
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
      <Fields rows={rows} wish={wish} onChange={setWish} />
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

interface FieldsProps {
  readonly rows: readonly CalendarRow[];
  readonly wish: Wish;
  onChange(wish: Wish): void;
}

function Fields({ rows, wish, onChange }: FieldsProps) {
  const groups = useQuery({ queryKey: ['groups'], queryFn: () => get('groups') });
  const classes = [...new Map(rows.map(({ groupId, group }) => [groupId, group]))];
  const others = (groups.data ?? []).filter(({ id }) => id !== wish.from);
  return (
    <div className="field">
      <label htmlFor="take-from">What this class had</label>
      <Select
        id="take-from"
        value={wish.from}
        options={classes.map(([value, label]) => ({ value, label }))}
        onChange={(from) => onChange({ ...wish, from })}
      />
      <label htmlFor="take-to">goes to</label>
      <Select
        id="take-to"
        placeholder="the class that comes next"
        value={wish.to}
        options={others.map(({ id, name }) => ({ value: id, label: name }))}
        onChange={(to) => onChange({ ...wish, to })}
      />
      <label htmlFor="take-weeks">so many weeks later</label>
      <InputNumber
        id="take-weeks"
        min={-520}
        max={520}
        precision={0}
        value={wish.weeks}
        onChange={(next) => onChange({ ...wish, weeks: next ?? A_YEAR })}
      />
    </div>
  );
}
