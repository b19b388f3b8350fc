import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { LeavingKind, WouldLeave } from '@gleddo/contract';
import { Modal, Select } from 'antd';
import { useState } from 'react';
import { get, post } from '../api/client';
import { counted } from '../figures/counted';
import { Asking } from '../shell/Asking';
import { Refusal } from '../shell/Refusal';
import { goesWith, NAMELESS_SAYS, whenItGoes, whoStays } from './what-goes';

/** To whom an instructor’s things can pass. */
export interface Heir {
  readonly id: string;
  readonly name: string;
}

interface DeleteDialogProps {
  readonly kind: LeavingKind;
  readonly id: string;
  /** Those to whom it can pass; none where it can’t. */
  readonly heirs: readonly Heir[];
  onClose(): void;
}

/** What is asked anew once something is deleted, or is going to be. */
const CHANGED = ['leavings', 'exercises', 'groups', 'group', 'instructors', 'happened', 'me'];

const ALL_GOES = '';

/** What would go, and having it go. */
function useLeave({ kind, id, onClose }: DeleteDialogProps, heir: string) {
  const queries = useQueryClient();
  const would = useQuery({
    queryKey: ['would-leave', kind, id],
    queryFn: () => get(`leavings/${String(kind)}/${id}`),
    staleTime: 0,
  });
  const leave = useMutation({
    mutationFn: () => post(`leavings/${String(kind)}/${id}`, heir === ALL_GOES ? {} : { heir }),
    onSuccess: async () => {
      onClose();
      for (const list of CHANGED) await queries.invalidateQueries({ queryKey: [list] });
    },
  });
  return { would, leave };
}

/** Says what goes with a thing and when, before it is deleted. */
export function DeleteDialog(props: DeleteDialogProps) {
  const { kind, heirs, onClose } = props;
  const [heir, setHeir] = useState(ALL_GOES);
  const { would, leave } = useLeave(props, heir);
  return (
    <Modal
      open
      title={would.data ? `Delete ${would.data.name}?` : 'Delete?'}
      okText="Delete"
      okButtonProps={{ danger: true, loading: leave.isPending, disabled: !would.data }}
      cancelText="Keep"
      onOk={() => leave.mutate()}
      onCancel={onClose}
    >
      {would.data ? (
        <Says would={would.data} {...{ kind, passes: heir !== ALL_GOES }} />
      ) : (
        <Asking of={would} what="What goes with it" />
      )}
      {heirs.length > 0 && <ChooseHeir {...{ heir, heirs, setHeir }} />}
      <Refusal of={leave} />
    </Modal>
  );
}

interface ChooseHeirProps {
  readonly heir: string;
  readonly heirs: readonly Heir[];
  setHeir(id: string): void;
}

const ChooseHeir = ({ heir, heirs, setHeir }: ChooseHeirProps) => (
  <Select
    aria-label="What becomes of what is theirs"
    style={{ width: '100%' }}
    value={heir}
    onChange={setHeir}
    options={[
      { value: ALL_GOES, label: 'All of it goes' },
      ...heirs.map(({ id, name }) => ({ value: id, label: `It passes to ${name}` })),
    ]}
  />
);

interface SaysProps {
  readonly would: WouldLeave;
  readonly kind: LeavingKind;
  readonly passes: boolean;
}

function Says({ would, kind, passes }: SaysProps) {
  const { hangs, fate, becomes } = would;
  const isNameless = becomes === 'nameless';
  const students = hangs.students ?? 0;
  return (
    <>
      {isNameless && <p>{NAMELESS_SAYS}</p>}
      {!isNameless && !passes && (
        <p>
          {goesWith(would, kind)} {whoStays(hangs)}
        </p>
      )}
      {!passes && fate === 'nameless' && students > 0 && (
        <p>
          Of {counted(students, 'student')} in no other class: {NAMELESS_SAYS.toLowerCase()}
        </p>
      )}
      <p>{whenItGoes(would)}</p>
    </>
  );
}
