import { typeAt } from '@gleddo/core';
import { useDesk } from '../chart-state/chart-desk';

/** The type that stands for a section where types are kept back and only sections are chosen; null where types are. */
export function useBySection(): ((section: string, name: string) => string | null) | null {
  const { book, keptBack } = useDesk();
  return keptBack.has('types') ? (section, name) => typeAt(book, section, name).type : null;
}
