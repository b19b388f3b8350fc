import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { HangsOnCompany } from '@gleddo/contract';
import { App } from 'antd';
import { ask, get, post } from '../../platform/api/client';
import { counted } from '../../platform/figures/counted';

const goesWithIt = ({ changes, moments }: HangsOnCompany): string =>
  `Its book goes with it, with ${counted(changes, 'change')} of its history${
    moments > 0 ? ` and ${counted(moments, 'named moment')}` : ''
  }. Exercises made from it have books of their own and stay. This can’t be undone.`;

/** Copies a company, or deletes one that was put away, once it is said what goes with it. */
export function useCopyDelete() {
  const queries = useQueryClient();
  const { message, modal } = App.useApp();
  const settled = {
    onError: (error: Error) => void message.error(error.message),
    onSettled: () => queries.invalidateQueries({ queryKey: ['companies'] }),
  };
  const copy = useMutation({
    mutationFn: (id: string) => post(`companies/${id}/copy`),
    ...settled,
  });
  const remove = useMutation({
    mutationFn: (id: string) => ask('DELETE', `companies/${id}`),
    ...settled,
  });
  const onDelete = async (id: string, name: string): Promise<void> => {
    const hanging = await get(`companies/${id}/hanging`).catch(() => null);
    if (!hanging) return void message.error('It could not be asked what goes with it. Try again.');
    void modal.confirm({
      title: `Delete “${name}” for good?`,
      content: goesWithIt(hanging),
      okText: 'Delete it',
      okButtonProps: { danger: true },
      cancelText: 'Keep it',
      onOk: () => remove.mutateAsync(id),
    });
  };
  /** A second click while the first is being answered makes no second copy. */
  const onCopy = (id: string) => {
    if (!copy.isPending) copy.mutate(id);
  };
  return { onCopy, onDelete };
}
