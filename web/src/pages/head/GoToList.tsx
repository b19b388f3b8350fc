import { useQuery } from '@tanstack/react-query';
import type { Me } from '@gleddo/contract';
import { accountLabel, isFoundBy, rowsOf, searchText, typeOf } from '@gleddo/core';
import { useEffect, useSyncExternalStore } from 'react';
import { useLocation } from 'react-router';
import { get } from '../../platform/api/client';
import { topicsFor, type Topic } from '../guide/topics';
import { PAGES } from './pages-of';
import { currentBook } from '../../book/open-book/current-book';
import styles from './go-to.module.css';

interface PlaceToGo {
  readonly to: string;
  readonly name: string;
  /** What it can be found by. */
  readonly searched: string;
  /** What else it goes by, to be said where its name alone does not tell why it was found. */
  readonly also: readonly string[];
}

/** The part of a book at the end of its address, with the tab of its profile. */
const PART_OF_A_BOOK =
  /\/(?:(?:chart|opening|documents|journal|statements|history|given-back|marks)|profile(?:\/\w+)?)$/;

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

/** What is said of a page, found by its words. */
const explained = ({ id, title, says }: Topic): PlaceToGo => ({
  ...{ to: `/guide/${id}`, name: `Guide: ${title}` },
  searched: `${title} ${says}`,
  also: ['in the guide'],
});

function usePages(me: Me): PlaceToGo[] {
  const enabled = me.role === 'instructor';
  const companies = useQuery({
    queryKey: ['companies'],
    queryFn: () => get('companies'),
    enabled,
  });
  const exercises = useQuery({
    queryKey: ['exercises'],
    queryFn: () => get('exercises'),
    enabled,
  });
  const mine = useQuery({
    queryKey: ['mine'],
    queryFn: () => get('my-exercises'),
    enabled: !enabled,
  });
  return [
    ...PAGES[me.role].map(([to, name]) => page(to, name)),
    ...(mine.data ?? []).map(({ exerciseId, title }) => page(`/mine/${exerciseId}`, title)),
    ...(companies.data ?? []).map(({ bookId, name }) => page(`/companies/${bookId}/chart`, name)),
    ...(exercises.data ?? []).flatMap(({ id, title }) => [
      page(`/exercises/${id}/brief`, title),
      page(`/results/${id}`, `${title}: results`),
    ]),
    ...topicsFor(me.role).map(explained),
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

interface GoToListProps {
  readonly me: Me;
  readonly text: string;
  /** How far one has walked down the list; up is less than nothing. */
  readonly walked: number;
  /** Whether what is chosen is to be gone to. */
  readonly isEntered: boolean;
  onGo(to: string): void;
}

/** What answers to the words typed: accounts by number, name, former name or type, and pages. */
export function GoToList({ me, text, walked, isEntered, onGo }: GoToListProps) {
  const accounts = useAccounts();
  const pages = usePages(me);
  const typed = text.trim().toLowerCase();
  const fitting = found([...accounts(), ...pages], typed);
  const count = Math.max(1, fitting.length);
  const at = ((walked % count) + count) % count;
  const chosen = fitting[at]?.to;
  useEffect(() => {
    if (isEntered && chosen !== undefined) onGo(chosen);
  }, [isEntered, chosen, onGo]);
  return (
    <ul className={styles['list']} role="listbox" id="go-list" aria-label="Where to go">
      {fitting.map((place, i) => (
        <li
          key={place.to}
          role="option"
          id={i === at ? 'go-chosen' : undefined}
          aria-selected={i === at}
          onMouseDown={(event) => event.preventDefault()}
          onClick={() => onGo(place.to)}
        >
          <Found {...{ place, typed }} />
        </li>
      ))}
      {fitting.length === 0 && <li className="quiet">Nothing of that name here.</li>}
    </ul>
  );
}
