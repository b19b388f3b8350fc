import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import type { CompanySummary, ExerciseSummary, Me } from '@gleddo/contract';
import { AutoComplete, Dropdown, Input, type InputRef } from 'antd';
import { useRef, useState } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { Link, NavLink, useNavigate } from 'react-router';
import { get, post } from '../api/client';

const PAGES = {
  instructor: [
    ['/companies', 'Companies'],
    ['/exercises', 'Exercises'],
    ['/groups', 'Class groups'],
    ['/results', 'Results'],
  ],
  student: [['/mine', 'My exercises']],
} as const;

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
  const leave = useMutation({
    mutationFn: () => post('sign-out'),
    onSettled: () => {
      queries.clear();
      window.location.assign('/');
    },
  });
  const items = [
    { key: 'who', label: `${me.name}, ${me.role}`, disabled: true },
    { key: 'out', label: 'Sign out', onClick: () => leave.mutate() },
  ];
  return (
    <header className="head">
      <Link className="wordmark" to="/">
        Gleddo<span>.</span>
      </Link>
      <nav aria-label="Main">
        {PAGES[me.role].map(([to, name]) => (
          <NavLink key={to} to={to}>
            {name}
          </NavLink>
        ))}
      </nav>
      <div className="spacer" />
      {me.role === 'instructor' && <GoTo />}
      <Dropdown menu={{ items }} trigger={['click']}>
        <button type="button" className="initials" aria-label={`${me.name}: sign out`}>
          {initialsOf(me.name)}
        </button>
      </Dropdown>
    </header>
  );
}

/** `/` anywhere: type a part of a company's or an exercise's name and go there. */
function GoTo() {
  const [text, setText] = useState('');
  const field = useRef<InputRef>(null);
  const navigate = useNavigate();
  useHotkeys('slash', () => field.current?.focus(), { preventDefault: true, useKey: false });
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get<CompanySummary[]>('companies'),
  });
  const exercises = useQuery({
    queryKey: ['exercises'],
    queryFn: () => get<ExerciseSummary[]>('exercises'),
  });
  const places = [
    ...PAGES.instructor.map(([to, name]) => ({ to, name })),
    ...(companies.data ?? []).map(({ bookId, name }) => ({
      to: `/companies/${bookId}/chart`,
      name,
    })),
    ...(exercises.data ?? []).flatMap(({ id, title }) => [
      { to: `/exercises/${id}/brief`, name: title },
      { to: `/results/${id}`, name: `${title}: results` },
    ]),
  ];
  const fitting = places.filter(({ name }) =>
    name.toLowerCase().includes(text.trim().toLowerCase()),
  );
  return (
    <AutoComplete
      className="find"
      value={text}
      onChange={setText}
      defaultActiveFirstOption
      options={text === '' ? [] : fitting.map(({ to, name }) => ({ value: to, label: name }))}
      onSelect={(to: string) => {
        setText('');
        field.current?.blur();
        void navigate(to);
      }}
    >
      <Input
        ref={field}
        placeholder="Go to…  press /"
        aria-label="Go to a company, an exercise or a page"
      />
    </AutoComplete>
  );
}
