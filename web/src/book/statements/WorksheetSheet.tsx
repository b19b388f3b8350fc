import { worksheetSheet, type Book } from '@gleddo/core';
import { useMemo } from 'react';
import { PaperTable } from './PaperTable';
import { TrialForms } from './TrialForms';
import type { Choice } from './use-choice';

/** The worksheet: balances before adjustments, these, balances after them, and the two statements, in columns. */
export function WorksheetSheet({ book, choice }: { book: Book; choice: Choice }) {
  const { from, to } = choice.period;
  const sheet = useMemo(() => worksheetSheet(book, { from, to }), [book, from, to]);
  return (
    <>
      <h2>Worksheet</h2>
      <TrialForms choice={choice} />
      <p className="quiet">
        {sheet.subtitle}: adjusting entries stand in columns of their own; closing entries are left
        out.
      </p>
      <PaperTable sheet={sheet} choice={choice} />
    </>
  );
}
