import { useMutation, useQueryClient } from '@tanstack/react-query';
import { App } from 'antd';
import { ask } from '../api/client';

interface Change {
  readonly id: string;
  readonly putAway: boolean;
}

/** Takes things of a list out of the way, and back: `companies` or `exercises`. */
export function usePutAway(list: 'companies' | 'exercises') {
  const queries = useQueryClient();
  const { message } = App.useApp();
  const { mutate } = useMutation({
    mutationFn: ({ id, putAway }: Change) => ask('PATCH', `${list}/${id}`, { putAway }),
    onError: (error) => void message.error(error.message),
    onSettled: () => queries.invalidateQueries({ queryKey: [list] }),
  });
  return (id: string, putAway: boolean) => mutate({ id, putAway });
}
