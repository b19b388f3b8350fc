import type { Book, Company } from '../../model/book/book.js';
import type { Operation } from '../../model/shapes/operation.js';
import type { HistoryStep } from './moments.js';

/** The particulars that an operation sets; null: it sets none. */
function particularsOf(operation: Operation): Company | null {
  if (operation.kind === 'change-company') return operation.company;
  if (operation.kind !== 'several') return null;
  return operation.operations.map(particularsOf).find((each) => each !== null) ?? null;
}

/** Particulars of one’s own, with those that differ between two others as they are in the later. */
function withChanged(own: Company, before: Company, now: Company): Company {
  const names = new Set([...Object.keys(before), ...Object.keys(now)]) as Set<keyof Company>;
  const changed = [...names].filter((name) => before[name] !== now[name]);
  const kept = Object.entries(own).filter(([name]) => !changed.includes(name as keyof Company));
  const taken = changed.flatMap((name) => (name in now ? [[name, now[name]]] : []));
  return Object.fromEntries([...kept, ...taken]) as Company;
}

/**
 * A step of a book’s history as it is done to a copy of that book: of the company’s particulars, which an operation sets all at
 * once, only those that the step changed, so that the copy’s own name stays. Any other operation is itself.
 */
export function madeOfCopy({ operation, inverse }: HistoryStep, copy: Book): Operation {
  const before = particularsOf(inverse);
  if (!before) return operation;
  if (operation.kind === 'several')
    return {
      ...operation,
      operations: operation.operations.map((each) =>
        madeOfCopy({ operation: each, inverse }, copy),
      ),
    };
  if (operation.kind !== 'change-company') return operation;
  return { ...operation, company: withChanged(copy.company, before, operation.company) };
}
