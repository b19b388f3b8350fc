import { NavLink } from 'react-router';
import { errandsOf, type Errand } from './errands';
import { WHAT_STANDS, type KnownOfIt, type StandsLine } from './what-stands';
import styles from './errands.module.css';

interface ErrandNavProps {
  readonly of: KnownOfIt;
  /** Which part of the exercise is open. */
  readonly tab: string;
  /** As tabs in one row, where a book wants the room. */
  readonly isBrief: boolean;
}

/** The errands of an exercise as cards, each with its parts, what stands, and what is still open. */
export function ErrandNav({ of, tab, isBrief }: ErrandNavProps) {
  const base = `/exercises/${of.exercise.id}`;
  return (
    <nav
      className={isBrief ? `tabs ${styles['brief'] ?? ''}` : styles['cards']}
      aria-label="Parts of the exercise"
    >
      {errandsOf(of.exercise.may).map((errand) => (
        <Card key={errand.id} {...{ errand, base, isBrief }} isOpen={hasPart(errand, tab)}>
          {isBrief ? [] : WHAT_STANDS[errand.id](of)}
        </Card>
      ))}
    </nav>
  );
}

const hasPart = ({ parts }: Errand, tab: string): boolean => parts.some(([part]) => part === tab);

interface CardProps {
  readonly errand: Errand;
  readonly base: string;
  readonly isBrief: boolean;
  readonly isOpen: boolean;
  readonly children: readonly StandsLine[];
}

function Card({ errand: { name, parts }, base, isBrief, isOpen, children }: CardProps) {
  const isOne = parts.length === 1;
  return (
    <div className={`${styles['errand'] ?? ''} ${isOpen ? (styles['is-open'] ?? '') : ''}`}>
      {!isOne && !isBrief && <span className={styles['name']}>{name}</span>}
      <div className={isOne ? styles['name'] : styles['parts']}>
        {parts.map(([part, label]) => (
          <NavLink key={part} to={`${base}/${part}`}>
            {label}
          </NavLink>
        ))}
      </div>
      {children.map((line, i) => (
        <Line key={i} {...line} />
      ))}
    </div>
  );
}

const MARKS = { done: '✓ ', open: '' } as const;

const Line = ({ says, is }: StandsLine) => (
  <span className={`${styles['line'] ?? ''} ${is ? (styles[is] ?? '') : ''}`}>
    {is && MARKS[is]}
    {says}
  </span>
);
