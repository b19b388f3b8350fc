import { cashBasisSheet, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { PaperTable } from './PaperTable';
import type { Choice } from './use-choice';

/** The profit as it was earned beside the money that came of it. */
export function CashBasisSheet({ book, choice }: { book: Book; choice: Choice }) {
  const { from, to } = choice.period;
  const sheet = useMemo(() => cashBasisSheet(book, { from, to }), [book, from, to]);
  return (
    <>
      <h2>{sheet.title}</h2>
      <p className="quiet">
        {sheet.subtitle}. The cash basis counts what customers paid instead of what they were
        charged, and what was paid instead of what was used up: depreciation does not count.{' '}
        <button type="button" className="link-button" onClick={() => choice.set({ show: 'cash' })}>
          To the cash flow
        </button>
      </p>
      <PaperTable sheet={sheet} choice={choice} />
    </>
  );
}
