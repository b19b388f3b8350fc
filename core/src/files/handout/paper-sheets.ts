import type { Book } from '../../model/book/book.js';
import { askedPeriod } from '../../assessment/question/right-answer.js';
import type { AnswerKey } from '../../assessment/key/answer-key.js';
import { drawnSheet } from '../../teaching/exercise/sheet-rows.js';
import type { Guide } from '../../model/exercise-shapes/guide.js';
import type { Handout } from './sheet.js';
import { writingOf } from '../../model/place/writing.js';

const share = (isAmount: boolean): number => (isAmount ? 1 : 2.5);

/** The source sheets of an exercise on paper, with the figures of whoever they are for; pictures are the same for all and stay out. */
export function paperSheets(key: AnswerKey, guide: Guide, student: string): Handout[] {
  const book: Book = key.book;
  const { to } = askedPeriod(key);
  const drawn = (guide.sheets ?? []).filter(({ kind }) => kind !== 'picture');
  return drawn.map((sheet): Handout => {
    const { title, note, columns, rows } = drawnSheet(book, guide, { sheet, lastDay: to });
    return {
      ...{ title: `${title}, ${student}`, company: book.company.name, subtitle: note },
      ...{ currency: book.company.currency, writing: writingOf(book.company), places: 0 },
      columns: columns.map((column) => ({
        name: column.title,
        isFigure: column.isAmount,
        share: share(column.isAmount),
      })),
      rows: rows.map(({ cells }) => ({ kind: 'row', depth: 0, cells })),
    };
  });
}
