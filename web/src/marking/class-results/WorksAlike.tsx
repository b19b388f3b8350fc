import type { AlikeShown } from '@gleddo/contract';
import { useQuery } from '@tanstack/react-query';
import { Fragment, useState } from 'react';
import { Link } from 'react-router';
import { get } from '../../platform/api/client';
import { Refusal } from '../../platform/shell/Refusal';
import { counted } from '../../platform/figures/counted';
import styles from './class-results.module.css';

const MOST = 100_000;
/** So many likenesses are read at a glance. */
const FIRST = 3;

interface WorksAlikeProps {
  readonly exerciseId: string;
  /** How many works have been checked. */
  readonly checked: number;
  /** Whether others are being checked: then it is waited for them. */
  readonly isChecking: boolean;
}

/** Works that are so much alike that it is hardly chance: a fact, no verdict. */
export function WorksAlike({ exerciseId, checked, isChecking }: WorksAlikeProps) {
  const found = useQuery({
    queryKey: ['works-alike', exerciseId, checked],
    queryFn: () => get(`exercises/${exerciseId}/works-alike`),
    enabled: !isChecking,
    staleTime: 60_000,
  });
  if (found.error) return <Refusal of={found} />;
  if (!found.data || found.data.length === 0) return null;
  return (
    <section className="paper" aria-label="Works alike">
      <h2>Works alike</h2>
      <ul className={`plain-list ${styles['told'] ?? ''}`}>
        {found.data.map((pair) => (
          <Alike key={pair.works.map(({ tryId }) => tryId).join()} pair={pair} />
        ))}
      </ul>
      <p className="quiet">
        Alike in what is odd, not in what is right. A fact, no verdict: they may have worked
        together.
      </p>
    </section>
  );
}

const roughly = (n: number): string => Number(n.toPrecision(1)).toLocaleString('en');

function Alike({ pair: { works, same, count, onceIn } }: { pair: AlikeShown }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <li>
      {works.map(({ tryId, student }, i) => (
        <Fragment key={tryId ?? 'elsewhere'}>
          {i > 0 && ' and '}
          {tryId ? <Link to={`/marking/${tryId}`}>{student}</Link> : student}
        </Fragment>
      ))}
      : {counted(count, 'oddity', 'oddities')} in common.{' '}
      {(isOpen ? same : same.slice(0, FIRST))
        .join('; ')
        .replace(/^./, (letter) => letter.toUpperCase())}
      .{' '}
      {same.length > FIRST && (
        <button
          type="button"
          className="link-button"
          aria-expanded={isOpen}
          onClick={() => setOpen(!isOpen)}
        >
          {isOpen ? 'show fewer' : `show ${same.length - FIRST} more`}
        </button>
      )}{' '}
      <span className="quiet">
        By chance in one of {onceIn >= MOST ? 'more than' : 'about'} {roughly(onceIn)} classes.
      </span>
    </li>
  );
}
