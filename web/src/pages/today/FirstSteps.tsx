import type { Today } from '@gleddo/contract';
import { Link } from 'react-router';
import styles from './today.module.css';

type Has = Today['has'];

interface FirstStep {
  readonly name: string;
  readonly says: string;
  readonly to: string;
  isDone(has: Has): boolean;
}

const STEPS: readonly FirstStep[] = [
  {
    name: 'A practice company',
    says: 'Its chart, its opening balances and what happened: from a starter chart, a file, or a problem’s text.',
    to: '/companies/new',
    isDone: ({ companies }) => companies > 0,
  },
  {
    name: 'An exercise',
    says: 'Made from the company: what students begin with is cut down from it, and it is the key.',
    to: '/exercises',
    isDone: ({ exercises }) => exercises > 0,
  },
  {
    name: 'A class group',
    says: 'A list of names, one on each line; passwords are made and shown to hand out.',
    to: '/groups',
    isDone: ({ students }) => students > 0,
  },
  {
    name: 'Handed out',
    says: 'To the class, with an opening and a closing time. Work that is handed in is checked by itself.',
    to: '/exercises',
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
              <Link to={step.to}>{step.name}</Link>
            </strong>
            <span className="quiet">{step.says}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
