import { evenlyNumbered, type Operation } from '@gleddo/core';
import { useState } from 'react';
import { Link, useLocation } from 'react-router';
import { useOpenBook } from '../open-book/open-book';
import { pathBeside } from '../../platform/shell/path-beside';
import { useChartState } from '../chart-state/chart-state';
import styles from './chart-help.module.css';

/** Stands where a name is typed and no number is left for it: why, and the two ways out. */
export function FullBand({ section, says }: { section: string; says: string }) {
  const { book, perform } = useChartState();
  const { answer } = useOpenBook();
  const { pathname } = useLocation();
  const [refused, setRefused] = useState<string | null>(null);
  const spread = () => {
    const result = evenlyNumbered(book, section);
    if (!result.ok) return setRefused(result.refusals[0]?.says ?? null);
    const numbers = result.value.map(({ id, number }) => ({ id, number }));
    const operation: Operation = { kind: 'renumber-all', numbers, numberPlan: book.numberPlan };
    setRefused(perform(operation)[0]?.says ?? null);
  };
  return (
    <div className={`notice ${styles['full']}`} role="status">
      {refused ?? says}{' '}
      <button type="button" className="link-button" onClick={spread}>
        Spread the numbers of this section
      </button>
      {answer.setsCompany && (
        <Link to={pathBeside(pathname, 'profile/numbers')}>Widen the band</Link>
      )}
    </div>
  );
}
