import { costSheet, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { PaperTable } from './PaperTable';
import type { Choice } from './use-choice';

/** How the cost of sales comes about. */
export function CostSheet({ book, choice }: { book: Book; choice: Choice }) {
  const { from, to } = choice.period;
  const sheet = useMemo(() => costSheet(book, { from, to }), [book, from, to]);
  return (
    <>
      <h2>{sheet.title}</h2>
      <p className="quiet">
        {sheet.subtitle}.{' '}
        <button type="button" className="link-button" onClick={() => choice.set({ show: null })}>
          Back to the statements
        </button>
      </p>
      <PaperTable sheet={sheet} choice={choice} />
    </>
  );
}
