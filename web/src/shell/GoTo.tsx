import { useQuery } from '@tanstack/react-query';
import type { CompanySummary, ExerciseSummary, Me } from '@gleddo/contract';
import { accountLabel, rowsOf } from '@gleddo/core';
import { AutoComplete, Input, type InputRef } from 'antd';
import { useRef, useState, useSyncExternalStore } from 'react';
import { useHotkeys } from 'react-hotkeys-hook';
import { useLocation, useNavigate } from 'react-router';
import { get } from '../api/client';
import { currentBook } from '../book/current-book';

interface PlaceToGo {
  readonly to: string;
  readonly name: string;
}

/** The accounts of the open book, each with its address on the chart. */
function useAccounts(): PlaceToGo[] {
  const { pathname } = useLocation();
  const store = useSyncExternalStore(currentBook.subscribe, currentBook.get);
  if (!store) return [];
  const chart = pathname.replace(
    /\/(chart|opening|journal|statements|history|profile|given-back)$/,
    '/chart',
  );
  return rowsOf(store.snapshot().book).map(({ account }) => ({
    to: `${chart}?account=${encodeURIComponent(account.id)}`,
    name: accountLabel(account),
  }));
}

function usePages(me: Me): PlaceToGo[] {
  const enabled = me.role === 'instructor';
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get<CompanySummary[]>('companies'),
    enabled,
  });
  const exercises = useQuery({
    queryKey: ['exercises'],
    queryFn: () => get<ExerciseSummary[]>('exercises'),
    enabled,
  });
  return [
    ...(companies.data ?? []).map(({ bookId, name }) => ({
      to: `/companies/${bookId}/chart`,
      name,
    })),
    ...(exercises.data ?? []).flatMap(({ id, title }) => [
      { to: `/exercises/${id}/brief`, name: title },
      { to: `/results/${id}`, name: `${title}: results` },
    ]),
  ];
}

const MOST = 12;

/** `/` anywhere: type a part of the name or number of an account, or of a page, and go there. */
export function GoTo({ me }: { me: Me }) {
  const [text, setText] = useState('');
  const field = useRef<InputRef>(null);
  const navigate = useNavigate();
  useHotkeys('slash', () => field.current?.focus(), { preventDefault: true, useKey: false });
  const places = [...useAccounts(), ...usePages(me)];
  const typed = text.trim().toLowerCase();
  const fitting =
    typed === '' ? [] : places.filter(({ name }) => name.toLowerCase().includes(typed));
  return (
    <AutoComplete
      className="find"
      value={text}
      onChange={setText}
      defaultActiveFirstOption
      options={fitting.slice(0, MOST).map(({ to, name }) => ({ value: to, label: name }))}
      notFoundContent={typed === '' ? null : 'Nothing of that name here.'}
      onSelect={(to: string) => {
        setText('');
        field.current?.blur();
        void navigate(to);
      }}
    >
      <Input
        ref={field}
        placeholder="Go to an account or page"
        aria-label="Go to an account or page"
        suffix={<kbd className="key-cap">/</kbd>}
      />
    </AutoComplete>
  );
}
