import { keepPreviousData, useInfiniteQuery } from '@tanstack/react-query';
import { Button } from 'antd';
import { get } from '../../platform/api/client';
import { momentText } from '../../platform/figures/days';
import { Asking } from '../../platform/shell/Asking';

interface HappenedListProps {
  /** What is looked for; empty: everything. */
  readonly words: string;
  /** So many at most; absent: page by page, all of it. */
  readonly most?: number;
}

/** What was done by whom, the latest first. */
export function HappenedList({ words, most = Infinity }: HappenedListProps) {
  const pages = useInfiniteQuery({
    queryKey: ['happened', words],
    queryFn: ({ pageParam }) => get('house/happened', { q: words, before: pageParam }),
    initialPageParam: null as number | null,
    getNextPageParam: ({ before }) => before,
    // What was found before stays until the next is there.
    placeholderData: keepPreviousData,
    staleTime: 0,
  });
  if (!pages.data) return <Asking of={pages} what="What happened" />;
  const rows = pages.data.pages.flatMap((page) => page.rows).slice(0, most);
  return (
    <>
      {rows.length === 0 && <p className="quiet">Nothing of that is written down.</p>}
      <ul className="plain-list two-ends">
        {rows.map(({ id, at, by, what, about }) => (
          <li key={id}>
            <span>
              {by} {what} {about === by ? '' : about}
            </span>
            <span className="quiet">{momentText(at)}</span>
          </li>
        ))}
      </ul>
      {most === Infinity && pages.hasNextPage && (
        <Button loading={pages.isFetchingNextPage} onClick={() => void pages.fetchNextPage()}>
          Show earlier ones
        </Button>
      )}
    </>
  );
}
