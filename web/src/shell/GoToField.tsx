import { useQuery } from '@tanstack/react-query';
import type { CompanySummary, ExerciseSummary, Me } from '@gleddo/contract';
import { accountLabel, isFoundBy, rowsOf, searchText, typeOf } from '@gleddo/core';
import { AutoComplete, Input } from 'antd';
import { useState, useSyncExternalStore } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { get } from '../api/client';
import { currentBook } from '../book/current-book';

interface PlaceToGo {
  readonly to: string;
  readonly name: string;
  /** What it can be found by. */
  readonly searched: string;
  /** What else it goes by, to be said where its name alone does not tell why it was found. */
  readonly also: readonly string[];
}

/** The part of a book at the end of its address, with the leaf of its profile. */
const PART_OF_A_BOOK =
  /\/(?:(?:chart|opening|journal|statements|history|given-back|marks)|profile(?:\/\w+)?)$/;

/** The accounts of the open book, each with its address on the chart. */
function useAccounts(): () => PlaceToGo[] {
  const { pathname } = useLocation();
  const store = useSyncExternalStore(currentBook.subscribe, currentBook.get);
  if (!store) return () => [];
  const chart = pathname.replace(PART_OF_A_BOOK, '/chart');
  return () => {
    const { book } = store.snapshot();
    const formerNames = store.formerNames();
    return rowsOf(book).map(({ account }) => {
      const former = formerNames[account.id] ?? [];
      return {
        to: `${chart}?account=${encodeURIComponent(account.id)}`,
        name: accountLabel(account),
        searched: searchText(book, account, former),
        also: [
          ...former.map((name) => `once “${name}”`),
          typeOf(book.scheme, account.type)?.name ?? 'not placed',
        ],
      };
    });
  };
}

const page = (to: string, name: string): PlaceToGo => ({
  to,
  name,
  searched: name,
  also: [],
});

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
    ...(companies.data ?? []).map(({ bookId, name }) => page(`/companies/${bookId}/chart`, name)),
    ...(exercises.data ?? []).flatMap(({ id, title }) => [
      page(`/exercises/${id}/brief`, title),
      page(`/results/${id}`, `${title}: results`),
    ]),
  ];
}

const MOST = 12;

const isNamed = ({ name }: PlaceToGo, typed: string): boolean => isFoundBy(typed, name);

/** What answers to the words typed: by its name first, then by what else it goes by. */
const found = (places: readonly PlaceToGo[], typed: string): PlaceToGo[] => {
  const all = places.filter(({ searched }) => isFoundBy(typed, searched));
  const named = all.filter((place) => isNamed(place, typed));
  return [...named, ...all.filter((place) => !named.includes(place))].slice(0, MOST);
};

function Found({ place, typed }: { place: PlaceToGo; typed: string }) {
  const { name, also } = place;
  const [first = ''] = typed.split(/\s+/);
  const why = also.find((each) => each.toLowerCase().includes(first)) ?? also.at(-1);
  return (
    <>
      {name} {!isNamed(place, typed) && why && <span className="mark-says">{why}</span>}
    </>
  );
}

interface GoToFieldProps {
  readonly me: Me;
  /** Where the focus goes back to. */
  readonly cameFrom: Element | null;
  onLeave(): void;
}

/** Type a part of an account’s number, name, former name or type, or of a page; go there. */
export function GoToField({ me, cameFrom, onLeave }: GoToFieldProps) {
  const [text, setText] = useState('');
  const navigate = useNavigate();
  const accounts = useAccounts();
  const pages = usePages(me);
  const back = () => {
    onLeave();
    if (cameFrom instanceof HTMLElement) cameFrom.focus();
  };
  const typed = text.trim().toLowerCase();
  const fitting = typed === '' ? [] : found([...accounts(), ...pages], typed);
  return (
    <AutoComplete
      className="find"
      value={text}
      onChange={setText}
      defaultActiveFirstOption
      popupMatchSelectWidth={400}
      placement="bottomRight"
      options={fitting.map((place) => ({
        value: place.to,
        label: <Found {...{ place, typed }} />,
      }))}
      notFoundContent={typed === '' ? null : 'Nothing of that name here.'}
      onBlur={() => text === '' && onLeave()}
      onSelect={(to: string) => {
        onLeave();
        void navigate(to);
      }}
    >
      <Input
        autoFocus
        placeholder="Go to an account or page"
        aria-label="Go to an account or page"
        onKeyDown={(event) => {
          if (event.key === 'Escape' && typed === '') back();
        }}
        suffix={<kbd className="key-cap">/</kbd>}
      />
    </AutoComplete>
  );
}
