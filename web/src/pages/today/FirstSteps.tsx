import type { Today } from '@gleddo/contract';
import { Link } from 'react-router';
import styles from './today.module.css';

type Has = Today['has'];

interface FirstStep {
  readonly name: string;
  readonly says: string;
  /** The ways to do it, the shortest first. */
  readonly ways: readonly (readonly [to: string, name: string])[];
  isDone(has: Has): boolean;
}

const STEPS: readonly FirstStep[] = [
  {
    name: 'The class',
    says: 'A list of names, one on each line, or the school’s own list. Passwords are made, to be passed on; each student chooses another at the first sign-in.',
    ways: [['/groups', 'A class list']],
    isDone: ({ students }) => students > 0,
  },
  {
    name: 'An exercise',
    says: 'Ready ones stand on the shelf, each with its steps, papers and key. Or make one of your own.',
    ways: [
      ['/exercises/shelf', 'From the shelf'],
      ['/exercises/from-a-text', 'From a problem’s text'],
      ['/companies/new', 'From a company of your own'],
    ],
    isDone: ({ exercises }) => exercises > 0,
  },
  {
    name: 'Handed out',
    says: 'To the class, with an opening and a closing time. Work that is handed in is checked by itself, and waits for you here.',
    ways: [['/exercises', 'Hand it out']],
    isDone: ({ handedOut }) => handedOut > 0,
  },
];

/** What comes first, for who has nothing handed out yet: what is done, and what comes next. */
export function FirstSteps({ has }: { readonly has: Has }) {
  const next = STEPS.find((step) => !step.isDone(has));
  return (
    <section className="paper" aria-label="What comes first">
      <h2>What comes first</h2>
      <ol className={styles['steps']}>
        {STEPS.map((step) => (
          <li key={step.name} aria-current={step === next ? 'step' : undefined}>
            <strong>
              {step.isDone(has) && <span className="is-met">✓ </span>}
              {step.name}
            </strong>
            <span className="quiet">{step.says}</span>
            <span className={styles['begin']}>
              {step.ways.map(([to, name], i) => (
                <Link key={to} to={to} className={lookOf(step === next && i === 0)}>
                  {name}
                </Link>
              ))}
            </span>
          </li>
        ))}
      </ol>
    </section>
  );
}

const lookOf = (isFirst: boolean): string =>
  [styles['act'], isFirst ? styles['first'] : ''].filter(Boolean).join(' ');
