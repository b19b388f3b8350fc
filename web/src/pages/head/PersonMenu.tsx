import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { Dropdown } from 'antd';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { forgetAnswers } from '../../platform/offline/kept-answers';
import { useWishedLook, wishFor, type Wish } from '../../platform/shell/look';
import { Initials } from './Initials';

const LOOKS: readonly { readonly wish: Wish; readonly label: string }[] = [
  { wish: 'system', label: 'As the system has it' },
  { wish: 'light', label: 'Light' },
  { wish: 'dark', label: 'Dark' },
];

/** Who is signed in: their way in, and the way out. */
export function PersonMenu({ me }: { me: Me }) {
  const queries = useQueryClient();
  const [isOpen, setOpen] = useState(true);
  const navigate = useNavigate();
  const wish = useWishedLook();
  const leave = useMutation({
    mutationFn: () => post('sign-out'),
    onSettled: async () => {
      queries.clear();
      await forgetAnswers();
      window.location.assign('/');
    },
  });
  const items = [
    { key: 'who', label: `${me.name}, ${me.role}`, disabled: true },
    {
      key: 'look',
      type: 'group' as const,
      label: 'Appearance',
      children: LOOKS.map(({ wish: key, label }) => ({
        key,
        label: `${key === wish ? '✓ ' : ''}${label}`,
        onClick: () => wishFor(key),
      })),
    },
    { key: 'password', label: 'My sign-in', onClick: () => void navigate('/password') },
    { key: 'out', label: 'Sign out', onClick: () => leave.mutate() },
  ];
  return (
    <Dropdown autoFocus open={isOpen} onOpenChange={setOpen} menu={{ items }} trigger={['click']}>
      <Initials me={me} />
    </Dropdown>
  );
}
