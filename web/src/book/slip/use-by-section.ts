import { typeAt } from '@gleddo/core';
import { useChartState } from '../chart-state/chart-state';

/** The type that stands for a section where types are kept back and only sections are chosen; null where types are. */
export function useBySection(): ((section: string, name: string) => string | null) | null {
  const { book, withheld } = useChartState();
  return withheld.has('types') ? (section, name) => typeAt(book, section, name).type : null;
}
