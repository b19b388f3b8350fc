import { addDays, bookToJson, nextYear, type Book, type Period } from '@gleddo/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Button } from 'antd';
import { useNavigate } from 'react-router';
import { post } from '../../platform/api/client';
import { useDays } from '../../platform/figures/written-days';
import { Refusal } from '../../platform/shell/Refusal';

/** A book of its own for the next year, which opens with this one’s closing balance sheet. */
export function BeginNextYear({ book, year }: { book: Book; year: Period }) {
  const { longDay } = useDays();
  const navigate = useNavigate();
  const queries = useQueryClient();
  const carried = nextYear(book, year);
  const begin = useMutation({
    mutationFn: (next: Book) => post('companies', { book: bookToJson(next) }),
    onSuccess: async (made) => {
      await queries.invalidateQueries({ queryKey: ['companies'] });
      await navigate(`/companies/${made.bookId}/opening`);
    },
  });
  if (!carried.ok) return <p>{carried.refusals[0]?.says}</p>;
  return (
    <>
      <p>
        A new book from {longDay(addDays(year.to, 1))}: the same accounts, today’s closing balances
        as its opening balances, and no entries yet. This book stays as it is.
      </p>
      <Button loading={begin.isPending} onClick={() => begin.mutate(carried.value)}>
        Begin the next year
      </Button>
      <Refusal of={begin} />
    </>
  );
}
