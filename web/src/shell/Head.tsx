import { useMutation, useQueryClient } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { Dropdown } from 'antd';
import { Link, NavLink, useNavigate } from 'react-router';
import { post } from '../api/client';
import { GoTo } from './GoTo';

const PAGES = {
  instructor: [
    ['/companies', 'Companies'],
    ['/exercises', 'Exercises'],
    ['/groups', 'Class groups'],
    ['/results', 'Results'],
  ],
  student: [['/mine', 'My exercises']],
} as const;

const OF_THE_HEAD = [['/people', 'People']] as const;

const initialsOf = (name: string) =>
  name
    .split(/\s+/)
    .map((part) => part[0] ?? '')
    .join('')
    .slice(0, 2)
    .toUpperCase();

/** The head of every screen: where one can go, a way to go anywhere by typing, and who is signed in. */
export function Head({ me }: { me: Me }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const leave = useMutation({
    mutationFn: () => post('sign-out'),
    onSettled: () => {
      queries.clear();
      window.location.assign('/');
    },
  });
  const items = [
    { key: 'who', label: `${me.name}, ${me.role}`, disabled: true },
    { key: 'password', label: 'Change my password', onClick: () => void navigate('/password') },
    { key: 'out', label: 'Sign out', onClick: () => leave.mutate() },
  ];
  return (
    <header className="head">
      <Link className="wordmark" to="/">
        Gleddo<span>.</span>
      </Link>
      <nav aria-label="Main">
        {[...PAGES[me.role], ...(me.isHead ? OF_THE_HEAD : [])].map(([to, name]) => (
          <NavLink key={to} to={to}>
            {name}
          </NavLink>
        ))}
      </nav>
      <div className="spacer" />
      <GoTo me={me} />
      <Dropdown autoFocus menu={{ items }} trigger={['click']}>
        <button type="button" className="initials" aria-label={`${me.name}: password, sign out`}>
          {initialsOf(me.name)}
        </button>
      </Dropdown>
    </header>
  );
}
